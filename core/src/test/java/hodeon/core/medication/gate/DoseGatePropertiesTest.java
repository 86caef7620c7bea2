package hodeon.core.medication.gate;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.aged;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Patient;
import hodeon.core.medication.People;
import hodeon.core.medication.formulary.Ceilings;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No sequence of doses that the gate let through without a reason passes anything that must not be passed. */
@Tag("slow")
class DoseGatePropertiesTest {

    private static final Instant START = Instant.parse("2026-06-01T00:00:00Z");
    private static final List<ZoneId> ZONES =
            List.of(ZoneId.of("Asia/Tokyo"), ZoneId.of("Europe/Berlin"), ZoneId.of("America/Los_Angeles"));
    /** Products that share ingredients with each other, plain and mixed. */
    private static final List<String> BAG = List.of(
            "paracetamol-500",
            "paracetamol-325",
            "paracetamol-syrup-120",
            "cold-sachet",
            "cold-tablet",
            "cold-night",
            "paracetamol-caffeine",
            "ibuprofen-200",
            "ibuprofen-syrup-100",
            "ibuprofen-decongestant",
            "chlorphenamine-4",
            "loperamide-2",
            "pseudoephedrine-60");

    private static Patient somebody(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> aged("40", "70");
            case 1 -> aged("40", "42");
            case 2 -> aged("14", "45");
            default -> aged("8", "24");
        };
    }

    /** Offered in any order of time and written down late, over any products, on clocks of any zone. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whatIsLetThroughStaysWithinTheCeilings(long seed) {
        Random random = new Random(seed);
        Patient patient = somebody(random);
        Tradition tradition = Tradition.values()[random.nextInt(2)];
        List<GivenDose> let = new ArrayList<>();
        for (int i = 0; i < 160; i++) {
            Product product = People.product(BAG.get(random.nextInt(BAG.size())));
            BigDecimal units = product.step().multiply(BigDecimal.valueOf(1 + random.nextInt(24)));
            Instant at = START.plusSeconds(60L * random.nextInt(3 * 24 * 60));
            DoseGate gate = new DoseGate(SHIPPED, tradition, patient, let, ZONES.get(random.nextInt(ZONES.size())));
            if (gate.judge(product, units, at, START.plus(Duration.ofDays(9))) instanceof DoseVerdict.Allowed) {
                let.add(GivenDose.of(at, product, units));
            }
        }
        assertThat(let).as("seed %d lets something through", seed).hasSizeGreaterThan(5);
        let.stream().flatMap(d -> d.amounts().keySet().stream()).distinct().forEach(i -> holds(i, patient, let, seed));
    }

    private static void holds(String ingredient, Patient patient, List<GivenDose> let, long seed) {
        Ceilings ceilings = SHIPPED.ceilings(ingredient);
        BigDecimal kg = patient.weighed().orElseThrow().kilograms();
        List<GivenDose> holding = let.stream()
                .filter(d -> d.of(ingredient).micrograms() > 0)
                .sorted(Comparator.comparing(GivenDose::at))
                .toList();
        for (int i = 0; i < holding.size(); i++) {
            GivenDose dose = holding.get(i);
            Dose once = dose.of(ingredient);
            String as = "seed " + seed + ", " + ingredient + " at " + dose.at();
            ceilings.once().ifPresent(c -> assertThat(once).as(as).isLessThanOrEqualTo(c));
            ceilings.onceFor(kg).ifPresent(c -> assertThat(once).as(as).isLessThanOrEqualTo(c));
            if (i > 0) {
                assertThat(Duration.between(holding.get(i - 1).at(), dose.at()))
                        .as(as)
                        .isGreaterThanOrEqualTo(ceilings.apart(once));
            }
            Dose day = holding.stream()
                    .filter(d -> !d.at().isAfter(dose.at())
                            && d.at().plus(Duration.ofHours(24)).isAfter(dose.at()))
                    .map(d -> d.of(ingredient))
                    .reduce(Dose.ZERO, Dose::plus);
            ceilings.day().ifPresent(c -> assertThat(day).as(as).isLessThanOrEqualTo(c));
            ceilings.dayFor(kg).ifPresent(c -> assertThat(day).as(as).isLessThanOrEqualTo(c));
        }
    }

    /** As much as may be, as soon as may be: what was had in any 24 h is no more than what the sheet says. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theMostThatIsPrintedIsNotPassedByTakingEveryDoseThatIsAllowed(long seed) {
        Random random = new Random(seed);
        Patient patient = somebody(random);
        Tradition tradition = Tradition.values()[random.nextInt(2)];
        for (String id : BAG) {
            Product product = People.product(id);
            if (!(new DoseSheet(SHIPPED, tradition).of(product, patient) instanceof Give give)
                    || give.dosing().inADay().isEmpty()) {
                continue;
            }
            List<GivenDose> had = new ArrayList<>();
            Instant at = START;
            while (at.isBefore(START.plus(Duration.ofHours(24)))) {
                DoseGate gate = new DoseGate(SHIPPED, tradition, patient, had, ZONES.getFirst());
                NextDose next = gate.next(product, at).orElseThrow();
                if (next.now().signum() > 0) {
                    assertThat(gate.judge(product, next.now(), at, at)).isNotInstanceOf(DoseVerdict.Refused.class);
                    had.add(GivenDose.of(at, product, next.now()));
                }
                at = at.plus(Duration.ofMinutes(30));
            }
            BigDecimal sum = had.stream()
                    .filter(d -> d.at().isBefore(START.plus(Duration.ofHours(24))))
                    .map(GivenDose::units)
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            assertThat(sum)
                    .as("seed %d, %s for %s", seed, id, patient)
                    .isLessThanOrEqualTo(give.dosing().inADay().get());
        }
    }
}
