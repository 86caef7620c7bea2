package hodeon.app.stock.enter;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.notice.Faults;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.UnaryOperator;

/** Makes arrivals of what was typed, pasted or read from a file; the one place where their limits are checked. */
final class ArrivalReader {

    /** What may be given of an arrival, in the order of a file's columns. */
    static final List<String> FIELDS = List.of(
            "place",
            "supply",
            "pieces",
            "unit",
            "product",
            "article",
            "lot",
            "serial",
            "until",
            "opened",
            "decanted",
            "received",
            "price",
            "store-below",
            "condition");

    static final int LONGEST_PRODUCT = 120;
    static final int LONGEST_LOT = 40;
    static final int LONGEST_CONDITION = 200;
    private static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);
    private static final BigDecimal MOST_PRICE = new BigDecimal("100000");

    private final Map<String, String> supplies = new HashMap<>();
    private final Map<String, String> units = new HashMap<>();
    private final Map<String, UUID> places = new HashMap<>();
    private final LocalDate today;

    /** A place goes by its name where no other bears it, and by “kit / module” in any case. */
    ArrivalReader(Stock owned, LocalDate today) {
        owned.supplies().values().forEach(s -> {
            this.supplies.put(s.id(), s.id());
            this.units.put(s.id(), s.piece());
            this.supplies.put(lower(s.name()), s.id());
        });
        owned.places().keySet().forEach(p -> {
            this.places.put(lower(owned.path(p)), p);
            this.places.put(lower(owned.address(p)), p);
        });
        this.today = today;
    }

    /**
     * @param cell answers what was given for each of {@link #FIELDS}; empty where nothing was
     * @param where goes before each field's name in a fault, such as “line 3: ”
     */
    Optional<Arrival> read(UnaryOperator<String> cell, String where, Faults faults) {
        int before = faults.all().size();
        Reading r = new Reading(cell, where, faults);
        String supply = r.supply();
        r.unit(supply);
        Arrival arrival = new Arrival(
                r.place(),
                supply,
                r.whole("pieces", Wording.says("arrivalReader.theNumberOfPieces"), 1, Arrival.MOST_PIECES)
                        .orElse(1),
                r.text("product", LONGEST_PRODUCT),
                r.article(),
                r.text("lot", LONGEST_LOT),
                r.text("serial", LONGEST_LOT),
                r.printed(),
                r.past("received").orElse(today),
                r.past("opened"),
                r.past("decanted"),
                r.price(),
                r.has("store-below")
                        ? r.celsius("store-below", Wording.says("arrivalReader.theWarmestStorage"), -30, 60)
                        : OptionalInt.empty(),
                r.text("condition", LONGEST_CONDITION));
        return faults.all().size() == before ? Optional.of(arrival) : Optional.empty();
    }

    private static String lower(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }

    private final class Reading {

        private final UnaryOperator<String> cell;
        private final String where;
        private final Faults faults;
        private final FieldReader read;

        Reading(UnaryOperator<String> cell, String where, Faults faults) {
            this.cell = cell;
            this.where = where;
            this.faults = faults;
            this.read = new FieldReader(faults);
        }

        String given(String field) {
            return cell.apply(field).strip();
        }

        boolean has(String field) {
            return !given(field).isEmpty();
        }

        void fault(String field, String limit, String remedy) {
            faults.add(where + field, given(field), where + limit, remedy);
        }

        UUID place() {
            UUID place = places.get(lower(given("place")));
            if (place == null) {
                fault(
                        "place",
                        Wording.says("arrivalReader.thePlaceIsTheNameOfOne"),
                        Wording.says("arrivalReader.makeThePlaceFirstOrWriteIt"));
                return new UUID(0, 0);
            }
            return place;
        }

        String supply() {
            String supply = supplies.get(lower(given("supply")));
            if (supply == null) {
                fault(
                        "supply",
                        Wording.says("arrivalReader.theSupplyIsTheNameOrId"),
                        Wording.says("arrivalReader.chooseItFromTheListOrAdd"));
                return "";
            }
            return supply;
        }

        /** Whoever names a unit must mean the catalogue's: sixteen boxes are not sixteen tablets. */
        void unit(String supply) {
            String unit = units.getOrDefault(supply, "");
            if (has("unit")
                    && !unit.isEmpty()
                    && !given("unit").equalsIgnoreCase(unit)
                    && !given("unit").equalsIgnoreCase(Figures.unit(2, unit))) {
                fault(
                        "unit",
                        Wording.says("arrivalReader.itIsCountedIn", Figures.unit(2, unit)),
                        Wording.says("arrivalReader.countThe", Figures.unit(2, unit)));
            }
        }

        OptionalInt whole(String field, String what, int least, int most) {
            int before = faults.all().size();
            int number = read.whole(where + field, given(field), least, most, where + what);
            return faults.all().size() == before ? OptionalInt.of(number) : OptionalInt.empty();
        }

        OptionalInt celsius(String field, String what, int least, int most) {
            int before = faults.all().size();
            int degrees = read.celsius(where + field, given(field), least, most, where + what);
            return faults.all().size() == before ? OptionalInt.of(degrees) : OptionalInt.empty();
        }

        String text(String field, int longest) {
            return read.lineOrNothing(where + field, given(field), where + field, longest);
        }

        String article() {
            String article = given("article");
            if (!article.isEmpty() && !article.matches("\\d{14}")) {
                fault(
                        "article",
                        Wording.says("arrivalReader.theArticleNumberHas14Digits"),
                        Wording.says("arrivalReader.scanItOrLeaveItOut"));
            }
            return article;
        }

        Optional<PrintedExpiry> printed() {
            return read.printed(where + "until", given("until"), Wording.says("arrivalReader.thePrintedDate", where));
        }

        Optional<LocalDate> past(String field) {
            if (!has(field)) {
                return Optional.empty();
            }
            return read.past(
                    where + field,
                    given(field),
                    Wording.says("arrivalReader.theDayItWas", where, field),
                    EARLIEST,
                    today);
        }

        Optional<Money> price() {
            if (!has("price")) {
                return Optional.empty();
            }
            return read.number(
                            where + "price",
                            given("price"),
                            Wording.says("arrivalReader.thePriceOfAPiece", where),
                            BigDecimal.ZERO,
                            MOST_PRICE,
                            2,
                            "")
                    .map(Money::of);
        }
    }
}
