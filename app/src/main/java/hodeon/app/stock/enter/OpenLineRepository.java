package hodeon.app.stock.enter;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface OpenLineRepository extends JpaRepository<OpenLineRow, UUID> {

    List<OpenLineRow> findByHouseholdIdOrderByKeptAtAscTextAsc(UUID householdId, Limit limit);

    long countByHouseholdId(UUID householdId);

    boolean existsByHouseholdIdAndText(UUID householdId, String text);

    void deleteByHouseholdIdAndTextIn(UUID householdId, Collection<String> texts);
}
