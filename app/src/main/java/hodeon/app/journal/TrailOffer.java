package hodeon.app.journal;

import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Step;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A problem as it is offered on the trail, with the pieces of the kit that its procedure may use.
 *
 * @param usual pieces by supply id that one event usually takes at once: filled in before anybody counts
 * @param offered ids of everything in the kit that serves one of its steps
 * @param asks what must be noted besides: tourniquet, tick or burn
 */
record TrailOffer(String id, String name, int severity, Map<String, Integer> usual, List<String> offered, String asks) {

    private static final Set<String> TOURNIQUET = Set.of("severe-limb-bleeding");
    private static final Set<String> TICK = Set.of("tick");
    private static final Set<String> BURN = Set.of("small-burn", "large-burn", "sunburn");

    static TrailOffer of(Problem problem, Collection<Supply> kit) {
        Map<String, Integer> usual = new LinkedHashMap<>();
        List<String> offered = new ArrayList<>();
        for (Step step : problem.steps()) {
            List<Supply> serving = kit.stream()
                    .filter(s -> s.serves().containsKey(step.capability()))
                    .sorted(Comparator.comparing(
                            (Supply s) -> s.serves().getOrDefault(step.capability(), Tier.IMPROVISED)))
                    .toList();
            serving.stream().map(Supply::id).filter(id -> !offered.contains(id)).forEach(offered::add);
            serving.stream()
                    .findFirst()
                    .filter(s -> step.importance() == Importance.CRITICAL && !s.durable() && s.usesPerPiece() <= 1)
                    .ifPresent(s -> usual.merge(s.id(), s.piecesFor(Math.max(1, likeliest(step))), Math::max));
        }
        return new TrailOffer(problem.id(), problem.name(), problem.severity(), usual, offered, asks(problem.id()));
    }

    private static int likeliest(Step step) {
        return step.first().entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    private static String asks(String problem) {
        return TOURNIQUET.contains(problem)
                ? "tourniquet"
                : TICK.contains(problem) ? "tick" : BURN.contains(problem) ? "burn" : "";
    }

    /** “friction-tape=1 gauze-small=0”, for the page. */
    public String pieces() {
        List<String> pieces = new ArrayList<>();
        offered.forEach(id -> pieces.add(id + "=" + usual.getOrDefault(id, 0)));
        return String.join(" ", pieces);
    }
}
