package hodeon.app.journal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LogEntryRepository extends JpaRepository<LogEntry, UUID> {

    List<LogEntry> findByHouseholdIdAndTripIdOrderByHappenedOnAscProblemIdAsc(UUID householdId, UUID tripId);

    List<LogEntry> findByHouseholdIdOrderById(UUID householdId);

    List<LogEntry> findByHouseholdIdAndPersonId(UUID householdId, UUID personId);

    long deleteByIdAndHouseholdId(UUID id, UUID householdId);
}
