package hodeon.app.practice;

import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.practice.Drill;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a kit has a thing for and nobody has practised: a gap to close, or a piece to leave out. */
@Component
class Gaps {

    private static final int GAPS_SHOWN = 3;

    private final PractisedRepository practised;
    private final HouseholdEvidence knowledge;
    private final StockService stock;

    Gaps(PractisedRepository practised, HouseholdEvidence knowledge, StockService stock) {
        this.practised = practised;
        this.knowledge = knowledge;
        this.stock = stock;
    }

    /** @param thing of the kit that decides it */
    record Gap(String problem, String name, String thing) {}

    /**
     * @param first to practise: what is drawn most often
     * @param open problems that something in it decides and nobody has done right, of {@code decided}
     */
    record OfKit(UUID kit, String name, List<Gap> first, int open, int decided) {

        /** What practising those first would change, in a few words. */
        public String says() {
            return decided == 0
                    ? "Nothing in it decides a case of these."
                    : open == 0
                            ? "Somebody has done every case right that it has a thing for."
                            : "Of " + decided + " cases that it has the thing for, nobody has done " + open
                                    + " right yet. These first: then it is "
                                    + (decided - open + first.size()) + " of " + decided + ".";
        }
    }

    List<OfKit> of(UUID household) {
        Catalogue catalogue = knowledge.of(household).catalogue();
        Set<String> done = practised.findByHouseholdId(household).stream()
                .filter(r -> r.lastRight == r.lastAsked)
                .map(r -> r.problemId)
                .collect(Collectors.toSet());
        Stock all = stock.of(household);
        List<Problem> problems = Drill.all(catalogue).stream()
                .sorted(Comparator.comparingDouble((Problem p) -> -Drill.weight(p)))
                .toList();
        return all.kits().stream()
                .map(kit -> {
                    Set<String> there = all.inKit(kit.id()).stream()
                            .map(h -> h.lot().supply())
                            .collect(Collectors.toSet());
                    List<Gap> decided = problems.stream()
                            .flatMap(p -> Drill.decisive(p, catalogue, there)
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
