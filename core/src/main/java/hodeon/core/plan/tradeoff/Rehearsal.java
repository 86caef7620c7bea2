package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Step;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Choice.Service;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.TripDraws;
import hodeon.core.need.TripDraws.Want;
import hodeon.core.plan.KitQuestion;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Rehearses a trip with a kit: draws it many times, lets the kit serve what is wanted in order, and counts how often
 * everything was met and what ran out first. Reproducible from its seed, whatever the number of threads.
 *
 * <p>A use is met when anything does it. Pieces go to whoever asks first, from the best effect down; of equal ones the
 * less versatile goes first. That is how people use a kit, not how a clairvoyant would.
 */
public final class Rehearsal {

    /** How many trips are rehearsed unless told otherwise. */
    public static final int TRIPS = 100_000;

    private static final int CHUNK = 2_000;

    /**
     * A problem as it is rehearsed.
     *
     * @param severity 1 to 5
     * @param steps importance of each of its steps
     */
    public record Rehearsed(int severity, List<Importance> steps) {}

    /** What can serve a use, best first. */
    private record Server(int candidate, double effect) {}

    private final TripDraws draws;
    private final List<Rehearsed> problems;
    private final int[] firstUse;
    private final List<List<Server>> servers = new ArrayList<>();
    private final int[] stock;
    private final boolean[] durable;
    private final int uses;

    /** The trip with this kit, as often as wanted; see {@link #run}. */
    public static Rehearsal of(KitQuestion question, Map<String, Integer> kit) {
        List<TripDraws.Source> sources = new ArrayList<>();
        List<Rehearsed> problems = new ArrayList<>();
        for (ProblemForecast problem : question.problems()) {
            sources.add(TripDraws.Source.of(problem, question.trip().hoursToCare()));
            problems.add(new Rehearsed(
                    problem.problem().severity(),
                    problem.problem().steps().stream().map(Step::importance).toList()));
        }
        return new Rehearsal(new TripDraws(sources), problems, question.choice(), question.quantities(kit));
    }

    /**
     * @param choice its uses are the steps of the problems, one after another
     * @param quantities pieces of each candidate
     */
    public Rehearsal(TripDraws draws, List<Rehearsed> problems, Choice choice, int[] quantities) {
        this.draws = draws;
        this.problems = List.copyOf(problems);
        this.firstUse = new int[problems.size()];
        int next = 0;
        for (int p = 0; p < firstUse.length; p++) {
            firstUse[p] = next;
            next += problems.get(p).steps().size();
        }
        this.uses = next;
        for (int u = 0; u < uses; u++) {
            servers.add(new ArrayList<>());
        }
        this.stock = new int[quantities.length];
        this.durable = new boolean[quantities.length];
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            durable[i] = candidate.durable();
            stock[i] = candidate.durable() ? quantities[i] : candidate.uses(quantities[i]);
            if (quantities[i] > 0) {
                for (Service service : candidate.serves()) {
                    servers.get(service.use()).add(new Server(i, service.effect()));
                }
            }
        }
        servers.forEach(s -> s.sort(Comparator.comparingDouble(Server::effect)
                .reversed()
                .thenComparing(x -> !durable[x.candidate()])
                .thenComparing(
                        x -> choice.candidates().get(x.candidate()).serves().size())));
    }

    /** Rehearses so many trips. */
    public RehearsalResult run(int trips, long seed) {
        return IntStream.range(0, Math.ceilDiv(trips, CHUNK))
                .parallel()
                .mapToObj(c -> chunk(c * CHUNK, Math.min(trips, (c + 1) * CHUNK), seed))
                .reduce(new RehearsalTally(problems.size(), uses), RehearsalTally::plus)
                .result(seed);
    }

    /** Pieces of one candidate given for a want. */
    public record Given(int candidate, double effect, int pieces) {}

    /** How one want of a replayed trip was served, and how many pieces were missing. */
    public record Played(Want want, List<Given> given, int missing) {}

    /** One trip of a rehearsal again, want by want. */
    public List<Played> replay(long seed, long trip) {
        int[] left = stock.clone();
        List<Played> played = new ArrayList<>();
        for (Want want : draws.draw(seed, trip)) {
            List<Given> given = new ArrayList<>();
            int missing = serve(want, left, given);
            played.add(new Played(want, List.copyOf(given), missing));
        }
        return List.copyOf(played);
    }

    /** The number of a use in the choice. */
    public int use(Want want) {
        return firstUse[want.problem()] + want.step();
    }

    private RehearsalTally chunk(int from, int to, long seed) {
        RehearsalTally tally = new RehearsalTally(problems.size(), uses);
        List<Given> unused = new ArrayList<>();
        for (int trip = from; trip < to; trip++) {
            int[] left = stock.clone();
            tally.begin();
            for (Want want : draws.draw(seed, trip)) {
                unused.clear();
                int missing = serve(want, left, unused);
                Rehearsed problem = problems.get(want.problem());
                tally.wanted(want.problem(), use(want), want.pieces());
                if (missing > 0) {
                    boolean decides = problem.steps().get(want.step()) == Importance.CRITICAL;
                    tally.missed(use(want), problem.severity(), decides);
                }
            }
            tally.end();
        }
        return tally;
    }

    /** Serves a want from what is left, notes what was given and answers how many pieces were missing. */
    private int serve(Want want, int[] left, List<Given> given) {
        int wanted = want.pieces();
        for (Server server : servers.get(use(want))) {
            if (wanted == 0) {
                break;
            }
            int i = server.candidate();
            int served = durable[i] ? wanted : Math.min(wanted, left[i]);
            if (served > 0) {
                left[i] -= durable[i] ? 0 : served;
                wanted -= served;
                given.add(new Given(i, server.effect(), served));
            }
        }
        return wanted;
    }
}
