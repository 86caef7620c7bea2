package hodeon.app.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** A model that the household read was superseded or recalled; empty fields mean any. */
@Entity
@Table(name = "stock_withdrawal")
class WithdrawalRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    String supplyId = "";
    String product = "";
    String lotCode = "";
    LocalDate fromDay = LocalDate.EPOCH;
    String note = "";

    boolean concerns(LotRow lot) {
        return lot.supplyId.equals(supplyId)
                && (product.isEmpty() || product.equalsIgnoreCase(lot.product))
                && (lotCode.isEmpty() || lotCode.equalsIgnoreCase(lot.lotCode));
    }
}
