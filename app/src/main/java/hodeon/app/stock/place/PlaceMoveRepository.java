package hodeon.app.stock.place;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlaceMoveRepository extends JpaRepository<PlaceMoveRow, UUID> {

    List<PlaceMoveRow> findByHouseholdIdOrderByMadeAtAsc(UUID householdId);
}
