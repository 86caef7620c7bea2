package hodeon.app.stock.enter;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What an article number stood for the last time. */
@Entity
@IdClass(ProductRow.Key.class)
@Table(name = "stock_product")
class ProductRow {

    record Key(UUID householdId, String article) implements Serializable {}

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    String article = "";

    String supplyId = "";
    String product = "";
    int pieces = 1;

    /** Of a piece. */
    @Nullable
    Long priceHundredths;
}
