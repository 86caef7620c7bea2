package hodeon.app.sample;

import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Money;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the Tidewrack Paddlers own: three kits and a shelf at home, some of it near its date. All made up. */
@Component
class SampleStock {

    private static final String WHO = "sample";

    private final StockService stock;
    private final StockLedger ledger;

    SampleStock(StockService stock, StockLedger ledger) {
        this.stock = stock;
        this.ledger = ledger;
    }

    void fill(UUID household, UUID deckPouchKit, UUID sweepRollKit, UUID shakedown, LocalDate today) {
        UUID deck =
                stock.addPlace(household, "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.of(deckPouchKit));
        UUID lead = stock.addPlace(household, "Lead boat dry box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        UUID wounds = stock.addPlace(household, "Wound module", Place.Kind.MODULE, Optional.of(lead), Optional.empty());
        UUID sweep = stock.addPlace(
                household, "Sweep boat roll", Place.Kind.KIT, Optional.empty(), Optional.of(sweepRollKit));
        UUID shore = stock.addPlace(household, "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        YearMonth month = YearMonth.from(today);
        List<Arrival> came = new ArrayList<>();
        SampleTrips.DECK_POUCH.forEach((supply, pieces) ->
                came.add(arrival(deck, supply, pieces, printed(supply, month), today.minusMonths(9), "", 0)));
        came.add(arrival(deck, "oral-rehydration", 4, month.minusMonths(1), today.minusYears(2), "OR-51", 45));
        came.add(arrival(lead, "tourniquet-windlass", 2, month.plusMonths(41), today.minusMonths(7), "", 2_600));
        came.add(arrival(lead, "group-shelter", 1, null, today.minusMonths(30), "", 5_900));
        came.add(arrival(lead, "ibuprofen", 40, month.plusMonths(5), today.minusMonths(14), "IB-208", 6));
        came.add(arrival(lead, "auto-injector", 2, month.plusMonths(2), today.minusMonths(11), "AI-77", 4_800));
        came.add(arrival(wounds, "pressure-dressing-wide", 2, month.plusMonths(28), today.minusMonths(7), "", 650));
        came.add(arrival(wounds, "gauze-large", 10, month.plusMonths(17), today.minusMonths(7), "G-14", 40));
        came.add(arrival(wounds, "antiseptic-wipe", 12, month.plusMonths(3), today.minusMonths(20), "W-09", 9));
        came.add(arrival(sweep, "conforming-bandage", 3, month.plusMonths(33), today.minusMonths(7), "", 90));
        came.add(arrival(sweep, "foil-blanket", 4, null, today.minusMonths(25), "", 110));
        came.add(arrival(sweep, "head-light", 1, null, today.minusMonths(25), "", 1_900));
        came.add(arrival(sweep, "gauze-large", 4, month.plusMonths(2), today.minusMonths(25), "G-02", 40));
        came.add(arrival(sweep, "paracetamol", 16, month, today.minusMonths(25), "PC-1", 3));
        came.add(arrival(sweep, "tape-cloth", 1, null, today.minusMonths(25), "", 320));
        came.add(arrival(sweep, "antiseptic-wipe", 8, month.plusMonths(11), today.minusMonths(13), "W-11", 9));
        for (String tool : List.of(
                "pressure-dressing-narrow",
                "irrigation-syringe",
                "closure-strips",
                "elastic-bandage-wide",
                "sterile-burn-cover",
                "fine-tweezers",
                "small-scissors",
                "barrier-mask",
                "beacon",
                "person-cards",
                "dose-slip",
                "marker",
                "prompt-card")) {
            came.add(arrival(sweep, tool, 1, printed(tool, month), today.minusMonths(7), "", 0));
        }
        came.add(arrival(sweep, "non-stick-pad", 3, month.plusMonths(40), today.minusMonths(7), "", 35));
        came.add(arrival(sweep, "saline-pod", 2, month.plusMonths(20), today.minusMonths(7), "", 30));
        came.add(arrival(sweep, "antihistamine-plain", 4, month.plusMonths(22), today.minusMonths(7), "", 8));
        came.add(arrival(shore, "plaster-waterproof", 40, month.plusMonths(22), today.minusMonths(5), "P-31", 8));
        came.add(arrival(shore, "antiseptic-wipe", 60, month.plusMonths(26), today.minusMonths(5), "TW4", 8));
        came.add(arrival(shore, "gloves-nitrile", 80, month.plusMonths(38), today.minusMonths(5), "", 9));
        came.add(arrival(shore, "paracetamol", 64, month.plusMonths(19), today.minusMonths(5), "PC-6", 3));
        came.add(arrival(shore, "motion-tablet", 10, month.plusMonths(4), today.minusMonths(15), "MT-2", 35));
        came.add(arrival(shore, "hydrocolloid-pad", 9, month.plusMonths(15), today.minusMonths(5), "", 95));
        came.add(arrival(shore, "povidone-bottle", 1, month.plusMonths(20), today.minusMonths(12), "", 480));
        List<UUID> lots = ledger.receive(household, came, Cause.of(WHO, "first entered"));
        Cause alongside = Cause.onTrip(WHO, "on the shakedown", shakedown);
        for (int i = 0; i < came.size(); i++) {
            Arrival arrival = came.get(i);
            if (arrival.place().equals(deck) && arrival.supply().equals("hydrocolloid-pad")) {
                ledger.use(household, lots.get(i), deck, 2, alongside);
            } else if (arrival.place().equals(deck) && arrival.supply().equals("plaster-waterproof")) {
                ledger.use(household, lots.get(i), deck, 3, alongside);
            } else if (arrival.supply().equals("povidone-bottle")) {
                ledger.open(household, lots.get(i), shore, 1, today.minusMonths(4), Cause.of(WHO, "a grazed shin"));
            }
        }
    }

    private static YearMonth printed(String supply, YearMonth now) {
        return switch (supply) {
            case "auto-injector" -> now.plusMonths(8);
            case "paracetamol" -> now.plusMonths(5);
            case "motion-tablet" -> now.minusMonths(2);
            case "antiseptic-wipe" -> now.plusMonths(1);
            case "sun-cream" -> now.plusMonths(9);
            default -> now.plusMonths(24 + supply.length());
        };
    }

    private static Arrival arrival(
            UUID place,
            String supply,
            int pieces,
            @Nullable YearMonth until,
            LocalDate received,
            String lot,
            int price) {
        return new Arrival(
                place,
                supply,
                pieces,
                "",
                "",
                lot,
                "",
                Optional.ofNullable(until).map(PrintedExpiry::of),
                received,
                Optional.empty(),
                Optional.empty(),
                price == 0 ? Optional.empty() : Optional.of(new Money(price)),
                OptionalInt.empty(),
                "");
    }
}
