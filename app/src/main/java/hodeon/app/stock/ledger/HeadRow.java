package hodeon.app.stock.ledger;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** Counts a household's movements and keeps its rules; whoever writes a movement holds it until that is written. */
@Entity
@Table(name = "stock_head")
public class HeadRow {

    @Id
    UUID householdId = new UUID(0, 0);

    public long number;

    /** Days something must still be good after a return. */
    public int marginDays = 14;

    /** Days simple things may be carried past their date. */
    public int graceDays;

    /** ISO 4217 code of the money prices are in; empty if nobody said. */
    public String currency = "";
}
