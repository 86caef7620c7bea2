package hodeon.core.plan.tradeoff;

import static hodeon.core.plan.Kits.best;
import static hodeon.core.plan.Kits.question;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.tradeoff.Absence.Because;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a leader asks about and does not find has its reason. */
class AbsenceTest {

    private static Map<String, Because> absences(Trip trip) {
        Map<String, Because> absences = new HashMap<>();
        KitQuestion question = question(trip);
        Absence.of(question, best(question))
                .forEach(a -> absences.put(a.capability().id(), a.because()));
        return absences;
    }

    @Test
    void inATownTheTapThePhoneAndTheRoofDoIt() {
        Map<String, Because> town =
                absences(Samples.outing(Activity.CITY, Environment.URBAN, 2, 7, 1, Stance.FIX_THE_LIKELY, 5_000));
        assertThat(town.get("treat-water")).isInstanceOf(Because.SomethingElse.class);
        assertThat(town.get("call-far")).isInstanceOf(Because.SomethingElse.class);
        assertThat(town.get("keep-warm")).isInstanceOf(Because.SomethingElse.class);
        assertThat(town.get("stop-limb-bleeding")).isInstanceOf(Because.OfThePlace.class);
        assertThat(town.get("treat-anaphylaxis")).isEqualTo(new Because.NotPrescribed());
    }

    @Test
    void nearHelpNothingSharpOrMotorisedAsksForATourniquet() {
        Map<String, Because> walk = absences(
                Samples.outing(Activity.HILL_WALKING, Environment.TEMPERATE, 2, 1, 3, Stance.HOLD_UNTIL_HELP, 5_000));
        assertThat(walk.get("stop-limb-bleeding"))
                .isEqualTo(new Because.NothingAsksForIt("neither saw, axe nor engine is at work"));
        assertThat(walk).doesNotContainKeys("keep-warm", "call-attention");
        Map<String, Because> woods = absences(
                Samples.outing(Activity.FOREST_WORK, Environment.TEMPERATE, 2, 1, 3, Stance.HOLD_UNTIL_HELP, 5_000));
        assertThat(woods).doesNotContainKeys("stop-limb-bleeding", "pack-wound");
    }
}
