package hodeon.app.household;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface AuditRepository extends JpaRepository<AuditRow, UUID> {

    List<AuditRow> findByHouseholdIdOrderByAtDesc(UUID household, Limit most);

    boolean existsByHouseholdIdAndWhoAndKindAndAtAfter(
            UUID household, String who, Audit.Kind kind, LocalDateTime since);

    long deleteByAtBefore(LocalDateTime then);
}
