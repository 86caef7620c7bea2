package hodeon.app.simulated;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface OutboxRepository extends JpaRepository<OutboxRow, UUID> {

    List<OutboxRow> findByHouseholdIdOrderBySentAtDesc(UUID householdId, Limit limit);
}
