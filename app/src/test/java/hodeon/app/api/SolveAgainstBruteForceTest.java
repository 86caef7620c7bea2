package hodeon.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.notice.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The solve call on small random questions with odd numbers, against trying everything. */
class SolveAgainstBruteForceTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int SUPPLIES = 4;
    private static final int MOST = 2;

    private final List<double[]> tiers = new ArrayList<>();
    private final double[] grams = new double[SUPPLIES];
    private final boolean[] durable = new boolean[SUPPLIES];
    private final List<double[]> worths = new ArrayList<>();
    private double limit;

    private ObjectNode question(long seed) {
        Random random = new Random(seed);
        ObjectNode body = JSON.createObjectNode();
        ArrayNode steps = body.putArray("steps");
        for (int s = 0; s < 3; s++) {
            double worth = 1 + 30 * random.nextDouble();
            ObjectNode step = steps.addObject().put("id", "s" + s).put("worth", worth);
            ArrayNode atLeast = step.putArray("atLeast");
            double[] slots = new double[1 + random.nextInt(2)];
            double p = 1;
            for (int k = 0; k < slots.length; k++) {
                p *= random.nextDouble();
                atLeast.add(p);
                slots[k] = worth * p;
            }
            worths.add(slots);
        }
        ArrayNode supplies = body.putArray("supplies");
        for (int i = 0; i < SUPPLIES; i++) {
            grams[i] = 3 + 40 * random.nextDouble();
            durable[i] = random.nextInt(3) == 0;
            ObjectNode supply = supplies.addObject()
                    .put("id", "c" + i)
                    .put("massGrams", grams[i])
                    .put("maxPieces", durable[i] ? 1 : MOST)
                    .put("durable", durable[i]);
            ArrayNode serves = supply.putArray("serves");
            double[] tier = new double[3];
            for (int s = 0; s < 3; s++) {
                if (random.nextBoolean()) {
                    tier[s] = random.nextDouble();
                    serves.addObject().put("step", "s" + s).put("tier", tier[s]);
                }
            }
            tiers.add(tier);
        }
        limit = 20 + 90 * random.nextDouble();
        body.putObject("limits").put("massGrams", limit);
        body.put("gap", 0);
        return body;
    }

    @ParameterizedTest
    @ValueSource(longs = {501, 502, 503, 504, 505, 506, 507, 508, 509, 510, 511, 512})
    void theAnswerIsTheBestThereIs(long seed) {
        PlanCall.Answer answer = new PlanCall(JsonFields.of(question(seed), new Faults())).solve();
        double best = best(new int[SUPPLIES], 0);
        assertThat(answer.worth()).as("seed %d", seed).isCloseTo(best, within(1e-6 * Math.max(1, best)));
        assertThat(answer.bound()).as("seed %d", seed).isGreaterThanOrEqualTo(best - 1e-6);
        assertThat(answer.totals().massGrams()).isLessThanOrEqualTo(limit + 1e-6);
        double sum =
                answer.steps().stream().mapToDouble(PlanCall.StepAnswer::worth).sum();
        assertThat(sum).isCloseTo(answer.worth(), within(1e-9));
    }

    @Test
    void everythingUsefulComesWithoutLimits() {
        ObjectNode body = question(77);
        body.remove("limits");
        PlanCall.Answer free = new PlanCall(JsonFields.of(body, new Faults())).solve();
        limit = 1e9;
        assertThat(free.worth()).isCloseTo(best(new int[SUPPLIES], 0), within(1e-6));
    }

    private double best(int[] pieces, int i) {
        if (i == SUPPLIES) {
            double mass = 0;
            for (int c = 0; c < SUPPLIES; c++) {
                mass += grams[c] * pieces[c];
            }
            return mass > limit ? -1 : slot(pieces.clone(), 0, 0);
        }
        double best = -1;
        for (int n = 0; n <= (durable[i] ? 1 : MOST); n++) {
            pieces[i] = n;
            best = Math.max(best, best(pieces, i + 1));
        }
        pieces[i] = 0;
        return best;
    }

    private double slot(int[] left, int step, int k) {
        if (step == worths.size()) {
            return 0;
        }
        int nextStep = k + 1 < worths.get(step).length ? step : step + 1;
        int nextK = nextStep == step ? k + 1 : 0;
        double worth = worths.get(step)[k];
        double best = 0;
        for (int i = 0; i < SUPPLIES; i++) {
            if (durable[i] && left[i] > 0) {
                best = Math.max(best, worth * tiers.get(i)[step]);
            }
        }
        best += slot(left, nextStep, nextK);
        for (int i = 0; i < SUPPLIES; i++) {
            if (!durable[i] && left[i] > 0 && tiers.get(i)[step] > 0) {
                left[i]--;
                best = Math.max(best, worth * tiers.get(i)[step] + slot(left, nextStep, nextK));
                left[i]++;
            }
        }
        return best;
    }
}
