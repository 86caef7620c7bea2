package hodeon.app.trip;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TripRepository extends JpaRepository<TripRow, UUID> {

    Optional<TripRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    List<TripRow> findByHouseholdIdOrderByStartDateAscNameAsc(UUID householdId);
}
