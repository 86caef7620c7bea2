package hodeon.app.taken;

import hodeon.app.aid.FirstAid;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.kits.KitDrawing;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.notice.Fault;
import hodeon.core.stock.FirstExpired;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was taken from a kit by somebody who needs no account: it leaves the ledger, the earliest date first, and each word counts once. */
@Service
@Transactional
class Taking {

    /** Whoever says it has no account; the name they give is kept sealed, apart from the ledger. */
    private static final String AT_THE_KIT = "at the kit";

    private static final int LATEST = 5;

    private final StockService stock;
    private final StockLedger ledger;
    private final TakenRepository taken;
    private final OwnCatalogue catalogues;
    private final FirstAid aid;
    private final Clock clock;

    Taking(
            StockService stock,
            StockLedger ledger,
            TakenRepository taken,
            OwnCatalogue catalogues,
            FirstAid aid,
            Clock clock) {
        this.stock = stock;
        this.ledger = ledger;
        this.taken = taken;
        this.catalogues = catalogues;
        this.aid = aid;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    KitBefore before(KitCodes.Opened opened) {
        return KitBefore.of(
                stock.place(opened.household(), opened.kit()),
                stock.at(opened.household(), opened.kit()),
                catalogues.of(opened.household()).catalogue(),
                aid.firstMinutes(opened.household(), Set.of()));
    }

    /** Its modules, drawn; how full each is meant to be is nobody's business here. */
    @Transactional(readOnly = true)
    KitDrawing drawn(KitCodes.Opened opened) {
        return KitDrawing.of(
                stock.place(opened.household(), opened.kit()), stock.at(opened.household(), opened.kit()), 0);
    }

    /**
     * Takes pieces out of the ledger, unless this was said before.
     *
     * @return what is wrong, if anything is; then nothing was taken
     * @throws hodeon.core.stock.Ledger.TooFew if somebody was quicker; then nothing was taken either
     */
    Optional<Fault> take(KitCodes.Opened opened, TakenForm said) {
        if (taken.existsById(said.id())) {
            return Optional.empty();
        }
        Stock here = stock.at(opened.household(), opened.kit());
        if (!here.nesting().within(opened.kit()).contains(said.place())) {
            return Optional.of(new Fault(
                    "place",
                    said.place().toString(),
                    Wording.says("taking.aThingIsTakenFromThisKit"),
                    Wording.says("taking.openTheKitsPageAgain")));
        }
        List<Held> there = here.at(said.place()).stream()
                .filter(h -> h.lot().supply().equals(said.supply()))
                .toList();
        int lies = there.stream().mapToInt(Held::pieces).sum();
        if (said.pieces() < 1 || said.pieces() > lies) {
            return Optional.of(new Fault(
                    "pieces",
                    String.valueOf(said.pieces()),
                    lies == 0
                            ? Wording.says("taking.byTheRecordNoneLiesThereAny")
                            : Wording.says("taking.byTheRecordLieThere", here.named(lies, said.supply())),
                    Wording.says("taking.tellWhoeverKeepsTheKitSoThat")));
        }
        Catalogue catalogue = catalogues.of(opened.household()).catalogue();
        Optional<Problem> why = catalogue.problem(said.problem());
        Cause cause = Cause.of(
                AT_THE_KIT,
                why.map(p -> Wording.says("taking.for", p.name().toLowerCase(Locale.ROOT)))
                        .orElse("taken"));
        FirstExpired.take(there, said.pieces())
                .forEach(t -> ledger.use(opened.household(), t.held().lot().id(), said.place(), t.pieces(), cause));
        TakenRow row = new TakenRow();
        row.id = said.id();
        row.householdId = opened.household();
        row.kitId = opened.kit();
        row.placeId = said.place();
        row.supplyId = said.supply();
        row.pieces = said.pieces();
        row.who = said.who();
        row.problemId = why.map(Problem::id).orElse("");
        row.takenAt = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        taken.save(row);
        return Optional.empty();
    }

    /** Who was erased is no longer named. */
    @EventListener
    void erased(PeopleService.Erased gone) {
        taken.findByHouseholdId(gone.householdId()).stream()
                .filter(t -> t.who.equalsIgnoreCase(gone.name()))
                .forEach(t -> t.who = "");
    }

    /** Something that was taken. @param who empty if they did not say */
    record Told(LocalDateTime at, String what, String who) {}

    /** The latest first. */
    @Transactional(readOnly = true)
    List<Told> latest(UUID household, UUID kit) {
        Stock here = stock.at(household, kit);
        return taken.findByHouseholdIdAndKitIdOrderByTakenAtDesc(household, kit, Limit.of(LATEST)).stream()
                .map(t -> new Told(t.takenAt, here.named(t.pieces, t.supplyId), t.who))
                .toList();
    }
}
