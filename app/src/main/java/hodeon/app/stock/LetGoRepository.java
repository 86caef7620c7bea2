package hodeon.app.stock;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LetGoRepository extends JpaRepository<LetGoRow, LetGoRow.Key> {

    List<LetGoRow> findByHouseholdId(UUID householdId);
}
