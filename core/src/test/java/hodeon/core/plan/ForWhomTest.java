package hodeon.core.plan;

import static hodeon.core.plan.Kits.question;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Medicine that is wrong for one is counted for the others alone, and is never the only one there is. */
class ForWhomTest {

    private static Person person(String name, Set<Allergy> allergies, Set<Condition> conditions) {
        return Person.of(name, Age.ofYears(40), Mass.ofGrams(70_000), Training.BASIC, allergies, conditions, Set.of());
    }

    private static KitQuestion of(Person one, Person other) {
        Trip trip = Samples.outing(
                        Activity.HILL_WALKING, Environment.TEMPERATE, 2, 10, 8, Stance.HOLD_UNTIL_HELP, 20_000)
                .withParty(new Party(List.of(one, other)));
        return question(trip);
    }

    private static final Person ANYTHING = person("Anything", Set.of(), Set.of());
    private static final Person NO_IBUPROFEN = person("No ibuprofen", Set.of(), Set.of(Condition.BLOOD_THINNER));
    private static final Person NO_PARACETAMOL = person("No paracetamol", Set.of(Allergy.PARACETAMOL), Set.of());

    private static Map<String, Set<String>> painFloors(KitQuestion question) {
        return question.choice().floors().stream()
                .filter(f -> f.reason().startsWith("Doses for pain"))
                .collect(Collectors.toMap(Floor::reason, f -> f.candidates().stream()
                        .map(question::supply)
                        .map(Supply::id)
                        .collect(Collectors.toSet())));
    }

    @Test
    void whatEverybodyMayHaveCountsForAll() {
        assertThat(painFloors(of(ANYTHING, NO_IBUPROFEN)).values()).containsExactly(Set.of("paracetamol"));
    }

    /** The worked example: nothing that is made for it is right for both. */
    @Test
    void whereNothingIsRightForBothEachHasTheirOwn() {
        Map<String, Set<String>> floors = painFloors(of(NO_PARACETAMOL, NO_IBUPROFEN));
        assertThat(floors).hasSize(2);
        floors.forEach((reason, supplies) -> {
            if (reason.contains("No paracetamol")) {
                assertThat(supplies).contains("ibuprofen").doesNotContain("paracetamol");
            } else {
                assertThat(reason).contains("No ibuprofen");
                assertThat(supplies).containsExactly("paracetamol");
            }
        });
        assertThat(Kits.best(of(NO_PARACETAMOL, NO_IBUPROFEN))).containsKeys("paracetamol", "ibuprofen");
    }

    @Test
    void itIsCountedForTheOtherAlone() {
        assertThat(most(of(ANYTHING, NO_IBUPROFEN)))
                .isLessThan(most(of(ANYTHING, ANYTHING)))
                .isPositive();
    }

    private static int most(KitQuestion question) {
        return question.choice().candidates().stream()
                .filter(c -> c.id().equals("ibuprofen"))
                .findFirst()
                .orElseThrow()
                .most();
    }
}
