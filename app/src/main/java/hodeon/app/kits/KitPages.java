package hodeon.app.kits;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.check.CheckService;
import hodeon.app.check.FoundLast;
import hodeon.app.kits.KitPage.AwayView;
import hodeon.app.kits.KitPage.Choice;
import hodeon.app.kits.KitPage.FactsView;
import hodeon.app.kits.KitPage.GoneView;
import hodeon.app.kits.KitPage.LackView;
import hodeon.app.kits.KitPage.PartView;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.kits.photo.Photos;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.LotView;
import hodeon.app.stock.MissingThings;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.Substitution;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what the page of a kit shows. */
@Component
@Transactional(readOnly = true)
class KitPages {

    /** A part with more of them leads to a page of its own. */
    private static final int LOTS_SHOWN = 100;

    private final ListService lists;
    private final StockService stock;
    private final MissingThings missing;
    private final KitKeeping keeping;
    private final CheckService checks;
    private final Refill refill;
    private final FoundLast found;
    private final Photos photos;
    private final ModuleSets sets;
    private final TripService trips;
    private final Progress progress;
    private final List<KitRemark> remarks;
    private final Clock clock;

    KitPages(
            ListService lists,
            StockService stock,
            MissingThings missing,
            KitKeeping keeping,
            CheckService checks,
            Refill refill,
            FoundLast found,
            Photos photos,
            ModuleSets sets,
            TripService trips,
            Progress progress,
            List<KitRemark> remarks,
            Clock clock) {
        this.trips = trips;
        this.progress = progress;
        this.remarks = remarks;
        this.lists = lists;
        this.stock = stock;
        this.missing = missing;
        this.keeping = keeping;
        this.checks = checks;
        this.refill = refill;
        this.found = found;
        this.photos = photos;
        this.sets = sets;
        this.clock = clock;
    }

    KitPage of(UUID household, UUID id, List<Fault> faults) {
        Place kit = stock.place(household, id);
        Stock here = stock.at(household, id);
        LocalDate today = LocalDate.now(clock);
        Map<UUID, String> names = lists.names(household);
        Optional<StoredList> list = kit.kitId().filter(names::containsKey).map(l -> lists.find(household, l));
        Optional<AgainstList> against = list.map(
                l -> l.against(id, here, today.plusDays(here.rules().marginDays()), new Substitution(here.supplies())));
        MissingThings.Left left = missing.left(household, id, here);
        List<MissingThings.Missing> gone = left.missing();
        Map<String, FoundLast.Lent> lent = gone.isEmpty() ? Map.of() : found.lent(household, id);
        List<LackView> lacks =
                against.map(a -> lacks(household, kit, a, here, left, lent)).orElse(List.of());
        Set<String> listed =
                list.map(l -> (Set<String>) new HashSet<>(l.pieces().keySet())).orElse(Set.of());
        List<GoneView> others = gone.stream()
                .filter(m -> !listed.contains(m.supply()))
                .map(m -> new GoneView(
                        m.supply(),
                        m.place(),
                        here.nameOf(m.supply()),
                        LastSeen.since(m, lent),
                        here.address(m.place())))
                .toList();
        List<Held> held = here.inKit(id);
        Optional<StoredTrip> use = list.flatMap(StoredList::tripId)
                .flatMap(u -> trips.maybe(household, u))
                .filter(u -> u.trip().standing().isPresent());
        return new KitPage(
                use.map(u -> progress.of(household, u, "Pack")).orElse(null),
                id,
                kit.name(),
                here.address(id),
                kit.inside().map(here::path).orElse(""),
                new FactsView(
                        kit.facts().stands(),
                        kit.facts().knownBy(),
                        kit.facts().condition(),
                        kit.facts().retiredOn().map(Figures::day).orElse("")),
                Figures.grams(here.mass(id)),
                held.isEmpty()
                        ? Wording.says("logStep.nothingYet")
                        : Figures.counted(
                                held.stream()
                                        .map(h -> h.lot().supply())
                                        .distinct()
                                        .count(),
                                "kind"),
                list.map(l -> Figures.grams(l.mass())).orElse(""),
                first(held, here, today),
                checks.lastOfEverything(household, id).map(Figures::day).orElse(""),
                answer(list.isPresent(), held.isEmpty(), lacks, others),
                lacks.isEmpty() && others.isEmpty() && list.isPresent(),
                KitDrawing.of(kit, here, list.map(l -> l.mass().grams()).orElse(0.0)),
                lacks,
                against.map(a -> covered(a, here)).orElse(List.of()),
                use.map(u -> Outgrown.of(id, here, u, today)).orElse(List.of()),
                Devices.any(held, here) ? Devices.of(held, here, found.charged(household, id)) : List.of(),
                others,
                remarks.stream().flatMap(r -> r.about(household, id).stream()).toList(),
                parts(
                        kit,
                        here,
                        sets.of(
                                household,
                                id,
                                against,
                                here,
                                today.plusDays(here.rules().marginDays())),
                        today),
                away(household, kit, here),
                list.map(StoredList::id).orElse(null),
                names.entrySet().stream()
                        .map(l -> new Choice(l.getKey(), l.getValue()))
                        .toList(),
                kit.filledFrom().filter(here.places()::containsKey).orElse(null),
                here.places().values().stream()
                        .filter(p -> !here.nesting().within(id).contains(p.id()))
                        .map(p -> new Choice(p.id(), here.address(p.id())))
                        .toList(),
                here.places().values().stream()
                        .filter(p -> p.facts().retiredOn().isEmpty())
                        .map(p -> new Choice(p.id(), here.address(p.id())))
                        .toList(),
                kit.facts().retiredOn().isPresent(),
                photos.has(household, id),
                faults);
    }

    private static String answer(boolean listed, boolean empty, List<LackView> lacks, List<GoneView> gone) {
        if (!listed) {
            return empty
                    ? Wording.says("kitPages.nothingLiesHereYetAndNoList")
                    : Wording.says("kitPages.noListSaysWhatBelongsInIt");
        }
        if (lacks.isEmpty() && gone.isEmpty()) {
            return Wording.says("kitPages.nothingIsMissing");
        }
        long below = lacks.stream().filter(LackView::belowLeast).count();
        return Wording.says("kinds.missing", lacks.size() + gone.size())
                + (below > 0 ? Wording.says("kitPages.ofThemBelowTheLeastCount", below) : ".");
    }

    private List<LackView> lacks(
            UUID household,
            Place kit,
            AgainstList against,
            Stock here,
            MissingThings.Left away,
            Map<String, FoundLast.Lent> lent) {
        Refill.Given given = refill.of(household, kit.id());
        Map<String, Integer> left = new HashMap<>();
        List<LackView> views = new ArrayList<>();
        for (AgainstList.State state : against.lines()) {
            if (state.lacks() == 0) {
                continue;
            }
            String supply = state.line().supply();
            int some = Math.min(state.lacks(), left.computeIfAbsent(supply, given::pieces));
            left.merge(supply, -some, Integer::sum);
            views.add(new LackView(
                    here.nameOf(supply),
                    Wording.says(
                            "clockController.of",
                            state.lacks(),
                            here.counted(state.line().target(), supply)),
                    state.line().module(),
                    away.missing().stream()
                            .filter(m -> m.supply().equals(supply))
                            .findFirst()
                            .map(m -> LastSeen.since(m, lent))
                            .orElse(away.taken().getOrDefault(supply, "")),
                    state.belowLeast(),
                    some > 0 ? Wording.says("kitPages.takeFrom", here.counted(some, supply), given.from(supply)) : "",
                    some > 0
                            ? Map.of(
                                    "kit",
                                    kit.id().toString(),
                                    "supply",
                                    supply,
                                    "pieces",
                                    String.valueOf(some),
                                    "until",
                                    given.until().toString(),
                                    "back",
                                    "/kits/" + kit.id())
                            : Map.of()));
        }
        return views;
    }

    private static List<String> covered(AgainstList against, Stock here) {
        return against.lines().stream()
                .filter(s -> !s.covered().isEmpty())
                .map(s -> Wording.says(
                        "kitPages.notThereCoveredBy",
                        here.named(s.lacksOfItsOwn(), s.line().supply()),
                        s.covered().stream()
                                .map(c -> here.named(c.pieces(), c.supply()))
                                .collect(Collectors.joining(" " + Wording.says("sheetController.and") + " "))))
                .toList();
    }

    private static String first(List<Held> held, Stock here, LocalDate today) {
        return held.stream()
                .filter(h -> h.good().isPresent())
                .min(Held.FIRST_EXPIRED)
                .map(h -> LotView.of(h, here, today))
                .map(l -> l.name() + ", " + l.until() + ", " + l.away())
                .orElse("");
    }

    /** The kit itself, then everything within it, each with what lies in it directly. */
    private static List<PartView> parts(Place kit, Stock here, Map<UUID, String> sets, LocalDate today) {
        int above = here.nesting().way(kit.id()).size();
        return here.nesting().within(kit.id()).stream()
                .map(p -> new PartView(
                        p,
                        p.equals(kit.id()) ? Wording.says("kitPages.looseInIt") : here.placeName(p),
                        !p.equals(kit.id()),
                        here.nesting().way(p).size() - above,
                        Figures.grams(here.mass(p)),
                        Figures.counted(
                                here.inKit(p).stream()
                                        .map(h -> h.lot().supply())
                                        .distinct()
                                        .count(),
                                "kind"),
                        sets.getOrDefault(p, ""),
                        Math.max(0, here.at(p).size() - LOTS_SHOWN),
                        LotView.inOrder(here.at(p), here).stream()
                                .limit(LOTS_SHOWN)
                                .map(h -> LotView.of(h, here, today))
                                .toList()))
                .toList();
    }

    private List<AwayView> away(UUID household, Place kit, Stock here) {
        Map<UUID, KitKeeping.Move> moves = keeping.lastMoves(household);
        return here.places().values().stream()
                .filter(p ->
                        p.isLifted() && p.belongsIn().filter(kit.id()::equals).isPresent())
                .map(p -> new AwayView(
                        p.id(),
                        p.name(),
                        p.inside()
                                .map(i -> Wording.says("kitPages.in", here.path(i)))
                                .orElse(Wording.says("kitPages.byItself")),
                        Optional.ofNullable(moves.get(p.id()))
                                .map(m -> Wording.says("kitPages.sinceBy", m.at().toLocalDate(), m.who()))
                                .orElse("")))
                .toList();
    }
}
