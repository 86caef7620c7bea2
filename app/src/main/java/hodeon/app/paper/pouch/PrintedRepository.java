package hodeon.app.paper.pouch;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrintedRepository extends JpaRepository<PrintedRow, PrintedRow.Key> {

    List<PrintedRow> findByHouseholdIdAndScopeId(UUID householdId, UUID scopeId);
}
