package hodeon.app.stock.enter;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProductRepository extends JpaRepository<ProductRow, ProductRow.Key> {

    List<ProductRow> findByHouseholdIdOrderByArticle(UUID householdId);
}
