package hodeon.core.plan;

import static hodeon.core.plan.Kits.best;
import static hodeon.core.plan.Kits.grams;
import static hodeon.core.plan.Kits.question;
import static hodeon.core.plan.Kits.trained;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.AtHand;
import hodeon.core.catalogue.Tier;
import hodeon.core.party.Training;
import hodeon.core.plan.tradeoff.IfItHappens;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What trained hands and a house do without any kit, a kit need not do. */
class AtHandTest {

    private static Trip nights(Activity activity, Environment environment, Training training) {
        return Samples.outing(activity, environment, 4, 6, 6, Stance.HOLD_UNTIL_HELP, 20_000)
                .withParty(trained(4, training));
    }

    private static NeededStep step(Trip trip, String capability) {
        return question(trip).steps().stream()
                .filter(s -> s.step().capability().id().equals(capability))
                .findFirst()
                .orElseThrow();
    }

    /** An improvised splint does 0.4 of it: what is made for it adds all the rest, what is good half of the rest. */
    @Test
    void theTrainedImproviseASplintAndAKitAddsTheRest() {
        NeededStep trained = step(nights(Activity.SNOW, Environment.WINTER, Training.WILDERNESS), "splint-limb");
        assertThat(trained.atHand()).map(AtHand::tier).contains(Tier.IMPROVISED);
        assertThat(trained.adds(Tier.MADE)).isCloseTo(1, within(1e-12));
        assertThat(trained.adds(Tier.GOOD)).isCloseTo(0.5, within(1e-12));
        assertThat(trained.adds(Tier.IMPROVISED)).isZero();
        assertThat(step(nights(Activity.SNOW, Environment.WINTER, Training.BASIC), "splint-limb")
                        .atHand())
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(names = {"SNOW", "HILL_WALKING", "CLIMBING"})
    void aKitForTheTrainedIsVisiblySmaller(Activity activity) {
        Environment where = activity == Activity.SNOW ? Environment.WINTER : Environment.TEMPERATE;
        Map<String, Integer> basic = best(nights(activity, where, Training.BASIC));
        Map<String, Integer> trained = best(nights(activity, where, Training.WILDERNESS));
        assertThat(splints(trained)).as("%s instead of %s", trained, basic).isLessThan(splints(basic));
        assertThat(grams(trained)).isLessThan(0.98 * grams(basic));
    }

    /** In a house there are a tap, soap, ice, blankets and a bucket. */
    @Test
    void aHouseDoesWithoutWhatStandsInItsKitchen() {
        Trip home = Samples.outing(Activity.HOME, Environment.URBAN, 3, 30, 1, Stance.HOLD_UNTIL_HELP, 20_000);
        assertThat(best(home).keySet())
                .doesNotContain(
                        "cold-pack", "foil-blanket", "sick-bag", "water-tablet", "saline-pod", "irrigation-syringe");
        assertThat(IfItHappens.of(question(home), Map.of(), 3))
                .filteredOn(i -> i.lacking().contains("Cool a swelling"))
                .isEmpty();
    }

    private static int splints(Map<String, Integer> kit) {
        return kit.entrySet().stream()
                .filter(e -> e.getKey().startsWith("mouldable-splint"))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }
}
