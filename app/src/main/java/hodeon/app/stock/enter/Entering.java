package hodeon.app.stock.enter;

import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.ArrivalForm.ReadCode;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.LotRepository;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.core.notice.Faults;
import hodeon.core.stock.PackCode;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Money;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes things in: reads pack codes, remembers what an article number stood for, writes what came. */
@Service
@Transactional
public class Entering {

    private final StockService stock;
    private final StockLedger ledger;
    private final ProductRepository products;
    private final LotRepository lots;
    private final Incoming incoming;
    private final Clock clock;

    Entering(
            StockService stock,
            StockLedger ledger,
            ProductRepository products,
            LotRepository lots,
            Incoming incoming,
            Clock clock) {
        this.incoming = incoming;
        this.stock = stock;
        this.ledger = ledger;
        this.products = products;
        this.lots = lots;
        this.clock = clock;
    }

    /** What a code and what is remembered of its article say; nothing where the code cannot be read. */
    @Transactional(readOnly = true)
    public ReadCode fromCode(UUID household, String code, Faults faults) {
        return PackCode.read(code, LocalDate.now(clock), faults)
                .map(c -> {
                    Optional<ProductRow> product =
                            c.article().flatMap(a -> products.findById(new ProductRow.Key(household, a)));
                    return new ReadCode(
                            product.map(p -> p.supplyId),
                            product.map(p -> String.valueOf(p.pieces)),
                            product.map(p -> p.product),
                            c.article(),
                            c.lot(),
                            c.serial(),
                            c.expiry().map(PrintedExpiry::toString),
                            product.flatMap(p -> Optional.ofNullable(p.priceHundredths))
                                    .map(h -> new Money(h).exact().toPlainString()),
                            String.join(" ", c.told()));
                })
                .orElse(ReadCode.NOTHING);
    }

    /** Reads a form and writes what came; empty with everything that is wrong in {@code faults}. */
    public Optional<Arrival> add(UUID household, ArrivalForm form, Cause cause, Faults faults) {
        Optional<Arrival> arrival = reader(household).read(form::cell, "", faults);
        arrival.filter(a -> !a.serial().isEmpty() && lots.lying(household, a.article(), a.serial()) > 0)
                .ifPresent(a -> faults.add(
                        "serial",
                        a.serial(),
                        Wording.says("entering.aSerialNumberIsOfOnePackage"),
                        Wording.says("entering.youMayHaveScannedItTwiceMove")));
        if (!faults.none()) {
            return Optional.empty();
        }
        arrival.ifPresent(a -> {
            ledger.receive(household, List.of(a), cause);
            remember(household, a);
        });
        return arrival;
    }

    /** All of them or none. */
    public void add(UUID household, List<Arrival> arrivals, Cause cause) {
        incoming.written(household, 0, arrivals.size());
        try {
            ledger.receive(household, arrivals, cause, lines -> incoming.written(household, lines, arrivals.size()));
        } finally {
            incoming.ended(household);
        }
    }

    ArrivalReader reader(UUID household) {
        Stock all = stock.at(household, new UUID(0, 0));
        return new ArrivalReader(all, LocalDate.now(clock));
    }

    private void remember(UUID household, Arrival arrival) {
        if (arrival.article().isEmpty()) {
            return;
        }
        ProductRow row = products.findById(new ProductRow.Key(household, arrival.article()))
                .orElseGet(ProductRow::new);
        row.householdId = household;
        row.article = arrival.article();
        row.supplyId = arrival.supply();
        row.product = arrival.product();
        row.pieces = arrival.pieces();
        row.priceHundredths = arrival.price().map(Money::hundredths).orElse(null);
        products.save(row);
    }
}
