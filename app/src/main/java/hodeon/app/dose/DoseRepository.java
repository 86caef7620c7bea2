package hodeon.app.dose;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DoseRepository extends JpaRepository<DoseRow, UUID> {

    List<DoseRow> findByHouseholdIdAndPersonIdInAndTakenAtAfterOrderByTakenAt(
            UUID householdId, Collection<UUID> personIds, LocalDateTime after);

    List<DoseRow> findByHouseholdIdAndLogEntry(UUID householdId, UUID logEntry);

    Optional<DoseRow> findByIdAndHouseholdIdAndPersonId(UUID id, UUID householdId, UUID personId);
}
