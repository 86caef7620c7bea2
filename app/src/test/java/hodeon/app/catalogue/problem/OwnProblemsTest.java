package hodeon.app.catalogue.problem;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Repeat;
import hodeon.core.notice.Fault;
import java.util.List;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class OwnProblemsTest extends WebTest {

    private static final String SPINE = "own-sea-urchin-spine";

    @Autowired
    OwnCatalogue catalogues;

    private static final String[] TYPED = {
        "name",
        "Sea urchin spine",
        "severity",
        "2",
        "times",
        "3",
        "people",
        "6",
        "days",
        "40",
        "what",
        "Clean the skin around a wound",
        "uses",
        "2",
        "again",
        "DAILY",
        "heals",
        "4",
        "matters",
        "HELPFUL",
        "what",
        "Soak a foot in hot water",
        "uses",
        "1",
        "again",
        "ONCE",
        "heals",
        "",
        "matters",
        "CRITICAL",
        "todo",
        "Soak the foot in water as hot as you bear.\nTake out what shows.",
        "call",
        "when a joint swells",
        "activity",
        "PADDLING",
        "activity",
        "SWIMMING"
    };

    private Catalogue catalogue() {
        return catalogues.of(mine.householdId()).catalogue();
    }

    private Document page(String address) throws Exception {
        return Jsoup.parse(open(mine, address).andReturn().getResponse().getContentAsString());
    }

    /** Odds, first aid and the supplies form know it; what nobody knew how to do is new, and a supply can be said to do it. */
    @Test
    void aProblemOfOnesOwnIsReckonedWithEverywhere() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, "/problems", TYPED)
                .andExpect(status().is3xxRedirection())
                .andExpect(flash().attribute("said", containsString("“Soak a foot in hot water” is new")));
        Problem spine = catalogue().problem(SPINE).orElseThrow();
        assertThat(spine.rate().perThousandPersonDays()).isCloseTo(12.5, within(1e-9));
        assertThat(spine.rate().priorPersonDays()).isEqualTo(240);
        assertThat(spine.steps().getFirst().repeat()).isEqualTo(new Repeat.Redress(1, 4, 2));
        open(mine, trip + "/odds?why=" + SPINE).andExpect(says("Your own rate"));
        open(mine, trip + "/mat").andExpect(says("Sea urchin spine"));
        open(mine, trip + "/mat/answers").andExpect(status().isOk());
        open(mine, trip + "/aid?problem=" + SPINE)
                .andExpect(says("Soak the foot in water as hot as you bear."))
                .andExpect(says("Written by your household on"));
        assertThat(page("/supplies").select("select[name=serves] option").eachText())
                .contains("Soak a foot in hot water");
        open(others, "/problems/" + SPINE).andExpect(status().isNotFound());
        assertThat(catalogues.of(others.householdId()).catalogue().problem(SPINE))
                .isEmpty();
    }

    @Test
    void openedAndSentAsItCameNothingChangesAndACopyIsAnother() throws Exception {
        send(mine, "/problems", TYPED);
        Problem before = catalogue().problem(SPINE).orElseThrow();
        send(mine, "/problems", sent("/problems/" + SPINE)).andExpect(status().is3xxRedirection());
        assertThat(catalogue().problem(SPINE)).contains(before);
        send(mine, "/problems", sent("/problems/new?from=" + SPINE)).andExpect(status().is3xxRedirection());
        assertThat(catalogue().problem(SPINE + "-copy").orElseThrow().steps()).isEqualTo(before.steps());
    }

    private String[] sent(String address) throws Exception {
        return page(address).expectForm("#own-problem").formData().stream()
                .flatMap(f -> Stream.of(f.key(), f.value()))
                .toArray(String[]::new);
    }

    /** It goes and comes back with what it takes; what is used stays. */
    @Test
    void itGoesIntoTheBinAndComesBackWithWhatItTakes() throws Exception {
        String ability = "own-soak-a-foot-in-hot-water";
        String trip = trip(mine, "Skerry ring");
        send(mine, "/problems", TYPED);
        send(mine, "/abilities/" + ability + "/drop")
                .andExpect(flash().attribute(
                                "faults",
                                List.of(new Fault(
                                        "ability",
                                        "Soak a foot in hot water",
                                        "what is used cannot be deleted: Sea urchin spine",
                                        "Take it out there first"))));
        send(mine, "/abilities/" + ability, "name", "Soak a foot", "unit", "bowl");
        assertThat(catalogue().capability(ability).unit()).isEqualTo("bowl");
        send(mine, "/problems/" + SPINE + "/drop").andExpect(status().is3xxRedirection());
        assertThat(catalogue().problem(SPINE)).isEmpty();
        open(mine, trip + "/odds").andExpect(status().isOk());
        send(mine, "/abilities/" + ability + "/drop").andExpect(status().is3xxRedirection());
        assertThat(catalogue().capabilities()).noneMatch(c -> c.id().equals(ability));
        send(mine, "/bin/PROBLEM/back", "id", SPINE)
                .andExpect(flash().attribute("said", "“Sea urchin spine” is back."));
        assertThat(catalogue().problem(SPINE)).isPresent();
        assertThat(catalogue().capability(ability).name()).isEqualTo("Soak a foot");
    }

    @Test
    void everythingWrongIsToldAtOnceAndNothingIsKept() throws Exception {
        send(
                        mine,
                        "/problems",
                        "name",
                        "",
                        "severity",
                        "9",
                        "times",
                        "0",
                        "people",
                        "many",
                        "days",
                        "40",
                        "what",
                        "Clean the skin around a wound",
                        "uses",
                        "1",
                        "again",
                        "DAILY",
                        "heals",
                        "",
                        "matters",
                        "CRITICAL",
                        "todo",
                        "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("What could happen has 1 to 80 characters"))
                .andExpect(says("How bad it is is a whole number from 1 to 5"))
                .andExpect(says("How often it happened is a number from 0.001 to 10000"))
                .andExpect(says("The number of people is a whole number"))
                .andExpect(
                        says("The days until “Clean the skin around a wound” is healed is a whole number from 1 to 60"))
                .andExpect(says("What to do has 1 to 7 lines"));
        assertThat(catalogues.of(mine.householdId()).procedures()).isEmpty();
    }
}
