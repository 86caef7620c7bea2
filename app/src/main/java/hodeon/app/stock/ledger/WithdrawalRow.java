package hodeon.app.stock.ledger;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** A model that the household read was superseded or recalled; empty fields mean any. */
@Entity
@Table(name = "stock_withdrawal")
public class WithdrawalRow {

    @Id
    public UUID id = UUID.randomUUID();

    public UUID householdId = new UUID(0, 0);
    public String supplyId = "";
    public String product = "";
    public String lotCode = "";
    public LocalDate fromDay = LocalDate.EPOCH;
    public String note = "";

    public boolean concerns(LotRow lot) {
        return lot.supplyId.equals(supplyId)
                && (product.isEmpty() || product.equalsIgnoreCase(lot.product))
                && (lotCode.isEmpty() || lotCode.equalsIgnoreCase(lot.lotCode));
    }
}
