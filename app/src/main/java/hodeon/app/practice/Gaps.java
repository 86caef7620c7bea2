package hodeon.app.practice;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.mat.ToLearn;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.practice.Drill;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a kit has a thing for and nobody has practised: a gap to close, or a piece to leave out. */
@Component
class Gaps {

    private static final int GAPS_SHOWN = 3;

    private final PractisedRepository practised;
    private final HouseholdEvidence knowledge;
    private final StockService stock;
    private final ToLearn toLearn;
    private final Scenes scenes;

    Gaps(
            PractisedRepository practised,
            HouseholdEvidence knowledge,
            StockService stock,
            ToLearn toLearn,
            Scenes scenes) {
        this.practised = practised;
        this.knowledge = knowledge;
        this.stock = stock;
        this.toLearn = toLearn;
        this.scenes = scenes;
    }

    /** @param thing of the kit that decides it */
    record Gap(String problem, String name, String thing) {}

    /**
     * @param first to practise: what is drawn most often
     * @param open problems that something in it decides and nobody has done right, of {@code decided}
     */
    record OfKit(UUID kit, String name, List<Gap> first, int open, int decided) {

        /** How much of it is practised, in a few words. */
        public String says() {
            return decided == 0
                    ? Wording.says("gaps.nothingInItDecidesACaseOf")
                    : Wording.says(
                            "gaps.itHasTheThingForSomebodyHas", Figures.counted(decided, "case"), (decided - open));
        }

        /** What practising those first would change. */
        public String change() {
            return first.isEmpty() ? "" : Wording.says("gaps.practiseTheseAndItIs", (decided - open + first.size()));
        }
    }

    /** What can happen where the kit goes, what is drawn most often first. */
    private static List<Problem> problems(Catalogue catalogue, Map<String, Double> expected) {
        return Drill.all(catalogue).stream()
                .filter(p -> expected.isEmpty() || expected.getOrDefault(p.id(), 0.0) > 0)
                .sorted(Comparator.comparingDouble((Problem p) -> -Drill.weight(p)))
                .toList();
    }

    /** What is to be learnt first. @param kit that has it, and {@code problem} that it decides; empty if none does */
    record Learn(String thing, String kit, String problem) {}

    List<Learn> toLearn(UUID household) {
        Catalogue catalogue = knowledge.of(household).catalogue();
        Stock all = stock.of(household);
        return toLearn.of(household).stream()
                .flatMap(id -> catalogue.supply(id).stream())
                .map(s -> {
                    Optional<Place> kit = all.kits().stream()
                            .filter(k -> all.inKit(k.id()).stream()
                                    .anyMatch(h -> h.lot().supply().equals(s.id())))
                            .findFirst();
                    Optional<Problem> problem = Drill.all(catalogue).stream()
                            .filter(p ->
                                    Drill.decisive(p, catalogue, Set.of(s.id())).isPresent())
                            .max(Comparator.comparingDouble(Drill::weight));
                    return new Learn(
                            s.name(),
                            kit.filter(k -> problem.isPresent())
                                    .map(k -> k.id().toString())
                                    .orElse(""),
                            problem.map(Problem::id).orElse(""));
                })
                .toList();
    }

    List<OfKit> of(UUID household) {
        return of(household, k -> true);
    }

    /** Empty for what is no kit that stands for itself. */
    Optional<OfKit> of(UUID household, UUID kit) {
        return of(household, k -> k.id().equals(kit)).stream().findFirst();
    }

    private List<OfKit> of(UUID household, Predicate<Place> which) {
        Catalogue catalogue = knowledge.of(household).catalogue();
        Set<String> done = practised.findByHouseholdId(household).stream()
                .filter(r -> r.lastRight == r.lastAsked)
                .map(r -> r.problemId)
                .collect(Collectors.toSet());
        Stock all = stock.of(household);
        Map<UUID, StoredTrip> outings = scenes.outings(household);
        return all.kits().stream()
                .filter(which)
                .map(kit -> {
                    Set<String> there = all.inKit(kit.id()).stream()
                            .map(h -> h.lot().supply())
                            .collect(Collectors.toSet());
                    List<Gap> decided = problems(
                                    catalogue, scenes.expected(kit.kitId().map(outings::get)))
                            .stream()
                            .flatMap(
                                    p -> Drill.decisive(p, catalogue, there)
                                            .map(s -> new Gap(p.id(), p.name(), s.name()))
                                            .stream())
                            .toList();
                    List<Gap> open = decided.stream()
                            .filter(g -> !done.contains(g.problem()))
                            .toList();
                    return new OfKit(
                            kit.id(),
                            kit.name(),
                            open.stream().limit(GAPS_SHOWN).toList(),
                            open.size(),
                            decided.size());
                })
                .toList();
    }
}
