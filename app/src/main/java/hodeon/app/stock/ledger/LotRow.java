package hodeon.app.stock.ledger;

import hodeon.core.stock.Lot;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Money;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** Written once. */
@Entity
@Immutable
@Table(name = "stock_lot")
public class LotRow {

    @Id
    public UUID id = new UUID(0, 0);

    public UUID householdId = new UUID(0, 0);
    public String supplyId = "";
    public String product = "";
    public String article = "";
    public String lotCode = "";
    public String serial = "";

    @Nullable
    LocalDate printedUntil;

    boolean monthOnly;
    LocalDate receivedOn = LocalDate.EPOCH;

    @Nullable
    LocalDate openedOn;

    @Nullable
    LocalDate decantedOn;

    @Nullable
    Long priceHundredths;

    @Nullable
    public Integer mostCelsius;

    /** What was remarkable about it when it came. */
    public String condition = "";

    protected LotRow() {}

    LotRow(UUID householdId, Lot lot, String article, String serial, String condition) {
        this.id = lot.id();
        this.householdId = householdId;
        this.supplyId = lot.supply();
        this.product = lot.product();
        this.article = article;
        this.lotCode = lot.code();
        this.serial = serial;
        this.printedUntil = lot.printed().map(PrintedExpiry::lastDay).orElse(null);
        this.monthOnly = lot.printed().map(PrintedExpiry::monthOnly).orElse(false);
        this.receivedOn = lot.received();
        this.openedOn = lot.opened().orElse(null);
        this.decantedOn = lot.decanted().orElse(null);
        this.priceHundredths = lot.price().map(Money::hundredths).orElse(null);
        this.mostCelsius = lot.mostCelsius().isPresent() ? lot.mostCelsius().getAsInt() : null;
        this.condition = condition;
    }

    public Lot lot() {
        return new Lot(
                id,
                supplyId,
                product,
                lotCode,
                Optional.ofNullable(printedUntil).map(day -> new PrintedExpiry(day, monthOnly)),
                receivedOn,
                Optional.ofNullable(openedOn),
                Optional.ofNullable(decantedOn),
                Optional.ofNullable(priceHundredths).map(Money::new),
                mostCelsius == null ? OptionalInt.empty() : OptionalInt.of(mostCelsius));
    }
}
