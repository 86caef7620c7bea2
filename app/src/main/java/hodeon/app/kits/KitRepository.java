package hodeon.app.kits;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitRepository extends JpaRepository<KitRow, UUID> {

    Optional<KitRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    Optional<KitRow> findByTripIdAndHouseholdId(UUID tripId, UUID householdId);

    List<KitRow> findByHouseholdIdOrderByNameAsc(UUID householdId);
}
