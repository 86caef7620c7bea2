package hodeon.app.sample;

import hodeon.app.brief.TripService;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.KitList;
import hodeon.core.stock.PrintedExpiry;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Kits of the Tidewrack Paddlers that stand somewhere whether or not anybody goes anywhere: the clubhouse, two boats on one list, a
 * family's car with its shelf, a tin filled from a comfort bag, a child's bag. All made up.
 */
@Component
class SampleKits {

    private static final String WHO = "sample";

    private final ListService lists;
    private final StockService stock;
    private final StockLedger ledger;
    private final KitKeeping keeping;
    private final TripService trips;

    SampleKits(ListService lists, StockService stock, StockLedger ledger, KitKeeping keeping, TripService trips) {
        this.trips = trips;
        this.lists = lists;
        this.stock = stock;
        this.ledger = ledger;
        this.keeping = keeping;
    }

    void stand(UUID household, LocalDate today) {
        UUID clubList = list(
                household,
                "Clubhouse list",
                line("plaster-fabric", 30, 10, "Cuts", "used every week"),
                line("gauze-small", 12, 4, "Cuts", ""),
                line("fine-tweezers", 1, 1, "Cuts", "splinters of the jetty"),
                line("elastic-bandage-wide", 2, 1, "Sprains", ""),
                line("cold-pack", 2, 0, "Sprains", ""),
                line("shears", 1, 1, "", ""),
                line("gloves-small", 10, 2, "", "the young ones help too"),
                line("burn-gel-dressing", 2, 1, "Burns", "the oven"),
                line("cling-film", 1, 1, "Burns", ""));
        trips.add(household, SampleUses.clubhouse(today), clubList.toString());
        UUID clubhouse = kit(household, "Clubhouse kit", "clubhouse, wall by the oven", "everybody", clubList);
        UUID cuts = module(household, clubhouse, "Cuts");
        UUID sprains = module(household, clubhouse, "Sprains");
        UUID burns = module(household, clubhouse, "Burns");
        UUID tweezers = put(household, cuts, "fine-tweezers", 1, today.minusMonths(20), 0);
        ledger.count(
                household,
                tweezers,
                cuts,
                1,
                0,
                Cause.of("Sef", "looked for a splinter").on(today.minusMonths(1).atTime(17, 40)));
        put(household, cuts, "plaster-fabric", 24, today.minusMonths(5), 40);
        put(household, cuts, "gauze-small", 12, today.minusMonths(5), 30);
        put(household, sprains, "elastic-bandage-wide", 2, today.minusMonths(20), 0);
        put(household, sprains, "cold-pack", 2, today.minusMonths(5), 20);
        put(household, clubhouse, "shears", 1, today.minusMonths(20), 0);
        put(household, clubhouse, "gloves-small", 12, today.minusMonths(5), 30);
        put(household, burns, "burn-gel-dressing", 2, today.minusMonths(5), 2);
        put(household, burns, "cling-film", 1, today.minusMonths(5), 0);

        UUID boats = list(
                household,
                "Club boat list",
                line("plaster-waterproof", 8, 2, "", ""),
                line("tape-high-tack", 1, 1, "", "repairs and fingers"),
                line("foil-blanket", 2, 1, "", "each boat may be alone"),
                line("signal-light", 1, 1, "", ""));
        for (String boat : List.of("Heron double", "Gannet double")) {
            UUID kit = kit(household, boat + " kit", "under the rear hatch", "the boat warden", boats);
            put(household, kit, "plaster-waterproof", boat.startsWith("Heron") ? 8 : 3, today.minusMonths(8), 30);
            put(household, kit, "tape-high-tack", 1, today.minusMonths(8), 0);
            put(household, kit, "foil-blanket", 2, today.minusMonths(8), 0);
            put(household, kit, "signal-light", 1, today.minusMonths(8), 0);
        }

        UUID hall = stock.addPlace(household, "Hall shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        put(household, hall, "plaster-child", 20, today.minusMonths(3), 40);
        put(household, hall, "gauze-roll", 3, today.minusMonths(3), 50);
        UUID car = kit(
                household,
                "Car kit",
                "in the boot, left side pocket",
                "Lumi and Wren",
                list(
                        household,
                        "Car list",
                        line("plaster-child", 10, 4, "", ""),
                        line("gauze-roll", 2, 1, "", ""),
                        line("bright-vest", 2, 2, "", "one for each seat in front"),
                        line("hook-cutter", 1, 1, "", "seat belts")));
        filledFrom(household, car, hall);
        put(household, car, "plaster-child", 2, today.minusMonths(3), 40);
        put(household, car, "gauze-roll", 2, today.minusMonths(3), 50);
        put(household, car, "bright-vest", 2, today.minusMonths(30), 0);
        put(household, car, "hook-cutter", 1, today.minusMonths(30), 0);

        UUID comfort = kit(
                household,
                "Comfort bag",
                "hall, lower hook",
                "Lumi",
                list(
                        household,
                        "Comfort list",
                        line("lozenge", 24, 6, "", ""),
                        line("plaster-fingertip", 10, 2, "", "")));
        put(household, comfort, "lozenge", 24, today.minusMonths(2), 15);
        put(household, comfort, "plaster-fingertip", 10, today.minusMonths(2), 40);
        UUID tin = kit(
                household,
                "Day tin",
                "in Lumi's day bag",
                "Lumi",
                list(household, "Tin list", line("lozenge", 6, 2, "", ""), line("plaster-fingertip", 4, 1, "", "")));
        filledFrom(household, tin, comfort);
        put(household, tin, "lozenge", 6, today.minusMonths(2), 15);
        put(household, tin, "plaster-fingertip", 4, today.minusMonths(2), 40);

        UUID bag = kit(
                household,
                "Beck's bag",
                "goes where Beck goes",
                "Lumi, Wren and the school",
                list(
                        household,
                        "Beck's list",
                        line("oximeter-child", 1, 1, "", "charge it every month"),
                        line("spacer", 1, 1, "", "")));
        put(household, bag, "oximeter-child", 1, today.minusMonths(14), 0);
        put(household, bag, "spacer", 1, today.minusMonths(14), 0);
    }

    private static KitList.Line line(String supply, int target, int least, String module, String why) {
        return new KitList.Line(supply, target, least, module, why);
    }

    private UUID list(UUID household, String name, KitList.Line... lines) {
        UUID id = lists.save(household, name, Map.of());
        lists.write(
                household, id, lists.find(household, id).version(), new KitList(List.of(lines)), WHO, "first written");
        return id;
    }

    private UUID kit(UUID household, String name, String stands, String knownBy, UUID list) {
        UUID id = stock.addPlace(household, name, Place.Kind.KIT, Optional.empty(), Optional.of(list));
        keeping.describe(household, id, name, new Place.Facts(stands, knownBy, "", Optional.empty()));
        return id;
    }

    private UUID module(UUID household, UUID kit, String name) {
        return stock.addPlace(household, name, Place.Kind.MODULE, Optional.of(kit), Optional.empty());
    }

    private void filledFrom(UUID household, UUID kit, UUID parent) {
        keeping.fillFrom(household, kit, Optional.of(parent)).ifPresent(f -> {
            throw new IllegalStateException(f.sentence());
        });
    }

    /** @param months until it expires, counted from today; 0 for what does not */
    private UUID put(UUID household, UUID where, String supply, int pieces, LocalDate received, int months) {
        Optional<PrintedExpiry> printed = months == 0
                ? Optional.empty()
                : Optional.of(PrintedExpiry.of(YearMonth.from(received).plusMonths(months + 5)));
        return ledger.receive(
                        household,
                        List.of(Arrival.of(where, supply, pieces, printed, received)),
                        Cause.of(WHO, "first entered"))
                .getFirst();
    }
}
