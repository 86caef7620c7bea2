package hodeon.app.taken;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface TakenRepository extends JpaRepository<TakenRow, UUID> {

    List<TakenRow> findByHouseholdId(UUID householdId);

    List<TakenRow> findByHouseholdIdAndKitIdOrderByTakenAtDesc(UUID householdId, UUID kitId, Limit limit);
}
