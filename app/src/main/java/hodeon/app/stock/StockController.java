package hodeon.app.stock;

import hodeon.app.catalogue.supply.SupplyPhotos;
import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.CountedElsewhere;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Held;
import hodeon.core.stock.Ledger.TooFew;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What a household owns and where: places, what lies in them, a lot and what is done with it. */
@Controller
class StockController {

    private static final int SOONEST = 8;
    private static final int LATEST = 100;

    private final StockService stock;
    private final StockLedger ledger;
    private final StockHistory history;
    private final SupplyPhotos photos;
    private final Clock clock;

    StockController(StockService stock, StockLedger ledger, StockHistory history, SupplyPhotos photos, Clock clock) {
        this.photos = photos;
        this.stock = stock;
        this.ledger = ledger;
        this.history = history;
        this.clock = clock;
    }

    record StockPage(List<PlaceView> places, List<LotView> soonest, List<Place> kits) {}

    /** @param lies the lot wherever it lies @param photo id of the supply where there is a photo of it, else empty */
    record LotPage(
            List<LotView> lies,
            String name,
            String photo,
            UUID lot,
            Collection<Place> places,
            List<StockHistory.Line> movements,
            LocalDate today) {}

    record MovementsPage(List<StockHistory.Line> movements, int most) {}

    @GetMapping("/stock")
    String all(@AuthenticationPrincipal Member member, Model model) {
        Stock all = stock.of(member.householdId());
        LocalDate today = LocalDate.now(clock);
        StockPage view = new StockPage(
                all.places().values().stream()
                        .map(p -> PlaceView.of(p, all, today))
                        .toList(),
                all.held().stream()
                        .filter(h -> h.good().isPresent())
                        .sorted(Held.FIRST_EXPIRED)
                        .limit(SOONEST)
                        .map(h -> LotView.of(h, all, today))
                        .toList(),
                all.kits());
        return Shown.page("stock/stock", view, model);
    }

    @GetMapping("/stock/lots/{id}")
    String lot(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        Stock all = stock.of(member.householdId());
        LocalDate today = LocalDate.now(clock);
        List<StockHistory.Line> movements = history.ofLot(member.householdId(), id);
        if (movements.isEmpty()) {
            throw new NotHere("lot " + id);
        }
        String supply = movements.getFirst().supply();
        LotPage view = new LotPage(
                all.held().stream()
                        .filter(h -> h.lot().id().equals(id))
                        .map(h -> LotView.of(h, all, today))
                        .toList(),
                all.nameOf(supply),
                photos.has(member.householdId(), supply) ? supply : "",
                id,
                all.places().values(),
                movements,
                today);
        return Shown.page("stock/lot", view, model);
    }

    @GetMapping("/stock/movements")
    String movements(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page(
                "stock/movements", new MovementsPage(history.latest(member.householdId(), LATEST), LATEST), model);
    }

    /** What is done with so many pieces of a lot at a place. */
    enum Deed {
        MOVE,
        OPEN,
        DECANT,
        USE,
        DISCARD,
        COUNT
    }

    @PostMapping("/stock/lots/{id}")
    String act(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(name = "do") Deed deed,
            @RequestParam UUID at,
            @RequestParam String pieces,
            @RequestParam(required = false) Optional<UUID> to,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "0") int seen,
            @RequestParam(defaultValue = "") String why,
            RedirectAttributes next) {
        Faults faults = new Faults();
        int some = pieces(pieces, deed == Deed.COUNT ? 0 : 1, faults);
        LocalDate day = day(on, faults);
        if (faults.none()) {
            try {
                act(member, id, deed, at, some, to, day, seen, why.strip());
            } catch (TooFew few) {
                faults.add(
                        "pieces",
                        pieces,
                        Wording.says("stockController.onlyOfTheseAreThereNow", few.there()),
                        Wording.says("stockController.takeAtMostSoManySomebodyMay"));
            } catch (CountedElsewhere elsewhere) {
                faults.add(
                        "pieces",
                        pieces,
                        Wording.says(
                                "stockController.thePageShowedAndSomebodyHasSince",
                                elsewhere.seen(),
                                elsewhere.there()),
                        Wording.says("stockController.lookAtWhatIsThereNowAnd"));
            } catch (IllegalArgumentException same) {
                faults.add(
                        "to",
                        to.toString(),
                        Wording.says("stockController.itIsMovedToAnotherPlaceThan"),
                        Wording.says("stockController.chooseWhereItGoes"));
            }
        }
        if (!faults.none()) {
            next.addFlashAttribute("faults", faults.all());
        } else {
            next.addFlashAttribute("said", history.latest(member.householdId(), 1));
        }
        return "redirect:/stock/lots/" + id;
    }

    private void act(
            Member member,
            UUID id,
            Deed deed,
            UUID at,
            int pieces,
            Optional<UUID> to,
            LocalDate day,
            int seen,
            String why) {
        UUID household = member.householdId();
        Cause cause = Cause.of(member.getUsername(), why);
        switch (deed) {
            case MOVE -> ledger.move(household, id, at, to.orElse(at), pieces, cause);
            case OPEN -> ledger.open(household, id, at, pieces, day, cause);
            case DECANT -> ledger.decant(household, id, at, pieces, day, cause);
            case USE -> ledger.use(household, id, at, pieces, cause);
            case DISCARD -> ledger.discard(household, id, at, pieces, cause);
            case COUNT -> ledger.count(household, id, at, seen, pieces, cause);
        }
    }

    @PostMapping("/stock/movements/{number}/undo")
    String undo(
            @AuthenticationPrincipal Member member,
            @PathVariable long number,
            @RequestParam(defaultValue = "/stock/movements") String back,
            RedirectAttributes next) {
        try {
            ledger.undo(member.householdId(), number, Cause.of(member.getUsername(), ""));
        } catch (TooFew few) {
            next.addFlashAttribute(
                    "faults",
                    List.of(new Fault(
                            "movement",
                            String.valueOf(number),
                            Wording.says("stockController.onlyOfItsPiecesAreStillWhere", few.there(), few.wanted()),
                            Wording.says("stockController.undoWhatHappenedToThemSinceFirst"))));
        }
        return "redirect:" + (back.matches("/stock/(movements|lots/[0-9a-f-]{36})") ? back : "/stock/movements");
    }

    private static int pieces(String given, int least, Faults faults) {
        try {
            int pieces = Integer.parseInt(given.strip());
            if (pieces >= least && pieces <= Arrival.MOST_PIECES) {
                return pieces;
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        faults.add(
                "pieces",
                given,
                String.format(
                        Locale.ROOT,
                        "the number of pieces is a whole number from %d to %,d",
                        least,
                        Arrival.MOST_PIECES),
                Wording.says("problemController.correctIt"));
        return least;
    }

    private LocalDate day(String given, Faults faults) {
        LocalDate today = LocalDate.now(clock);
        if (given.isBlank()) {
            return today;
        }
        try {
            LocalDate day = LocalDate.parse(given.strip());
            if (!day.isAfter(today) && day.getYear() >= 2000) {
                return day;
            }
        } catch (DateTimeException e) {
            // Told below.
        }
        faults.add(
                "on",
                given,
                Wording.says("stockController.theDayIsOneThatExistsFrom", today),
                Wording.says("stockController.writeItLike", today));
        return today;
    }
}
