package hodeon.app.api;

import hodeon.core.choice.Allocation;
import hodeon.core.choice.Allocator;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import hodeon.core.choice.Curves;
import hodeon.core.choice.Optimiser;
import hodeon.core.choice.Solution;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** {@code POST /api/v1/plans/solve} and {@code /curve}: which whole quantities make the most of the steps. */
final class PlanCall {

    /** All k-th uses of all steps together. */
    private static final int MOST_SLOTS = 50_000;

    private static final Duration LEAST_PATIENCE = Duration.ofMillis(200);
    /** Stands for no limit of mass, so that a curve has one to move. */
    private static final double UNLIMITED = 1e12;

    private final Choice choice;
    private final List<List<Double>> taken;
    private final double gap;
    private final Duration patience;

    record Answer(
            double worth,
            double bound,
            double gap,
            boolean proven,
            List<Quantity> quantities,
            Totals totals,
            List<StepAnswer> steps) {}

    record Quantity(String id, int pieces) {}

    record Totals(double massGrams, double volumeMillilitres, double price, int kinds, int pieces) {}

    record StepAnswer(String id, double worth, int servedUses) {}

    record CurveAnswer(List<Point> points) {}

    /** @param conflict why nothing fits this limit; missing where something does */
    record Point(
            double massLimitGrams,
            @Nullable Answer plan,
            @Nullable List<String> conflict) {}

    PlanCall(JsonFields body) {
        List<Use> uses = uses(body);
        int slots = uses.stream().mapToInt(u -> u.atLeast().size()).sum();
        if (slots > MOST_SLOTS) {
            body.fault(
                    "steps", "have at most " + MOST_SLOTS + " entries of atLeast together", "Leave out the smallest");
        }
        Map<String, Integer> numbers = new HashMap<>();
        for (int u = 0; u < uses.size(); u++) {
            if (numbers.put(uses.get(u).id(), u) != null) {
                body.fault("steps", "names “" + uses.get(u).id() + "” twice", "Give every step its own id");
            }
        }
        List<Candidate> candidates = new ArrayList<>();
        List<Double> grams = new ArrayList<>();
        List<Double> millilitres = new ArrayList<>();
        List<Double> prices = new ArrayList<>();
        for (JsonFields supply : body.objects("supplies")) {
            candidates.add(candidate(supply, numbers));
            grams.add(supply.number("massGrams", 0.0));
            millilitres.add(supply.number("volumeMillilitres", 0.0));
            prices.add(supply.number("price", 0.0));
        }
        JsonFields asked = body.object("limits");
        List<Limit> limits = new ArrayList<>();
        limits.add(new Limit("g", grams, asked.optionalNumber("massGrams").orElse(UNLIMITED)));
        asked.optionalNumber("volumeMillilitres").ifPresent(most -> limits.add(new Limit("ml", millilitres, most)));
        asked.optionalNumber("price").ifPresent(most -> limits.add(new Limit("of price", prices, most)));
        OptionalInt kinds = asked.has("kinds") ? OptionalInt.of(asked.whole("kinds", 0)) : OptionalInt.empty();
        this.gap = body.number("gap", 0.001);
        this.patience = Duration.ofMillis((long) (1000 * body.number("timeLimitSeconds", 20.0)));
        NotValid.unlessNone(body.faults());
        this.choice = new Choice(candidates, uses, List.of(), limits, kinds);
        this.taken = List.of(grams, millilitres, prices);
    }

    Answer solve() {
        return switch (new Optimiser(choice).within(gap, patience)) {
            case Solution.Found found -> answer(choice, found);
            case Solution.TooTight tight -> throw new CannotHold(tight.conflict(), floors(tight));
        };
    }

    CurveAnswer curve(JsonFields body) {
        List<Double> limits =
                body.numbers("massLimits").stream().sorted().distinct().toList();
        NotValid.unlessNone(body.faults());
        Duration each = patience.dividedBy(Math.max(1, limits.size()));
        List<Solution> solutions =
                Curves.along(choice, limits, each.compareTo(LEAST_PATIENCE) < 0 ? LEAST_PATIENCE : each);
        return new CurveAnswer(IntStream.range(0, limits.size())
                .mapToObj(i -> switch (solutions.get(i)) {
                    case Solution.Found found ->
                        new Point(limits.get(i), answer(choice.withFirstLimit(limits.get(i)), found), null);
                    case Solution.TooTight tight -> new Point(limits.get(i), null, tight.conflict());
                })
                .toList());
    }

    private List<String> floors(Solution.TooTight tight) {
        return choice.uses().stream()
                .filter(u -> u.floor() > 0 && tight.conflict().contains(u.floorInWords()))
                .map(Use::id)
                .toList();
    }

    private Answer answer(Choice limited, Solution.Found found) {
        int[] quantities = found.array();
        Allocation allocation = new Allocator(limited).allocate(quantities);
        List<Quantity> pieces = IntStream.range(0, quantities.length)
                .mapToObj(i -> new Quantity(choice.candidates().get(i).id(), quantities[i]))
                .toList();
        List<StepAnswer> steps = IntStream.range(0, choice.uses().size())
                .mapToObj(u -> new StepAnswer(
                        choice.uses().get(u).id(),
                        allocation.worthByUse().get(u),
                        allocation.servedByUse().get(u)))
                .toList();
        return new Answer(
                found.worth(),
                found.bound(),
                found.gap(),
                found.gap() <= gap,
                pieces,
                new Totals(
                        total(0, quantities),
                        total(1, quantities),
                        total(2, quantities),
                        Choice.kinds(quantities),
                        IntStream.of(quantities).sum()),
                steps);
    }

    private double total(int of, int[] quantities) {
        return new Limit("", taken.get(of), 0).taken(quantities);
    }

    private static List<Use> uses(JsonFields body) {
        List<Use> uses = new ArrayList<>();
        for (JsonFields step : body.objects("steps")) {
            List<Double> atLeast = step.numbers("atLeast");
            for (int k = 1; k < atLeast.size(); k++) {
                if (atLeast.get(k) > atLeast.get(k - 1) + 1e-12) {
                    step.fault("atLeast", "falls: P(U ≥ k) is never above P(U ≥ k−1)", "Correct entry " + k);
                }
            }
            uses.add(new Use(step.text("id"), step.number("worth", 0), atLeast, step.whole("floorUses", 0)));
        }
        return uses;
    }

    private static Candidate candidate(JsonFields supply, Map<String, Integer> numbers) {
        String id = supply.text("id");
        int least = supply.whole("minPieces", 0);
        boolean durable = supply.yes("durable", false);
        int most = supply.whole("maxPieces", durable ? Math.max(1, least) : 1_000);
        if (most < least) {
            supply.fault("maxPieces", "is at least minPieces, " + least, "Raise it, or lower minPieces");
            most = least;
        }
        Map<Integer, Double> serves = new HashMap<>();
        for (JsonFields service : supply.objects("serves")) {
            String step = service.text("step");
            double tier = service.number("tier", 0);
            Integer use = numbers.get(step);
            if (use == null) {
                service.fault("step", "is the id of one of the steps", "Correct it, or add the step");
            } else if (tier > 0) {
                serves.merge(use, tier, Math::max);
            }
        }
        List<Service> services = new ArrayList<>();
        serves.forEach((use, tier) -> services.add(new Service(use, tier)));
        services.sort(Comparator.comparingInt(Service::use));
        return new Candidate(id, least, most, usesPerPiece(supply), durable, services);
    }

    /** Of a roll one piece has many uses; of tablets one use may take several pieces. */
    static double usesPerPiece(JsonFields supply) {
        int uses = supply.whole("usesPerPiece", 1);
        int perUse = supply.whole("piecesPerUse", 1);
        if (uses > 1 && perUse > 1) {
            supply.fault("piecesPerUse", "is 1 where a piece has several uses", "Leave one of the two out");
        }
        return (double) uses / perUse;
    }
}
