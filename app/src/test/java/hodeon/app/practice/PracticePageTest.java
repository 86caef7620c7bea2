package hodeon.app.practice;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.kits.list.ListService;
import hodeon.app.mat.MatChange;
import hodeon.app.mat.MatService;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import hodeon.core.practice.Drill;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class PracticePageTest extends WebTest {

    @Autowired
    StockService stock;

    @Autowired
    Practice practice;

    @Autowired
    MatService mats;

    @Autowired
    OwnCatalogue catalogues;

    @Autowired
    ListService lists;

    private UUID kit;

    @BeforeEach
    void aPouch() throws Exception {
        kit = stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        for (String thing : List.of("Windlass tourniquet", "Nitrile gloves, pale", "Gauze pad, 10 cm")) {
            send(mine, "/stock/enter", "place", "Deck pouch", "supply", thing, "pieces", "1");
        }
        send(mine, "/kits/" + kit + "/pack/shape", "shape", "pouch");
        send(mine, "/kits/" + kit + "/pack/arrange");
    }

    private Practice.Asked bleeding() {
        return practice.ask(mine.householdId(), kit, "severe-limb-bleeding", 5);
    }

    private Document mark(String wrong, int seconds) throws Exception {
        List<String> sent = new ArrayList<>(
                List.of("problem", "severe-limb-bleeding", "seed", "5", "seconds", String.valueOf(seconds)));
        bleeding().questions().forEach(q -> {
            sent.add("answer-" + q.id());
            sent.add(
                    q.id().equals(wrong)
                            ? q.options().stream()
                                    .filter(o -> !o.equals(q.right()))
                                    .findFirst()
                                    .orElseThrow()
                            : q.right());
        });
        return Jsoup.parse(send(mine, "/practice/" + kit, sent.toArray(String[]::new))
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    /** Asked by the procedure, the kit and its drawing: four answers each, one of them right, and the same for the same seed. */
    @Test
    void aCaseIsAskedOfThisKitAndItsCompartments() throws Exception {
        Practice.Asked asked = bleeding();
        assertThat(asked.questions())
                .extracting(Practice.Question::id)
                .containsExactly("first", "thing", "where", "next", "call");
        assertThat(asked.questions()).allSatisfy(q -> assertThat(q.options())
                .contains(q.right())
                .doesNotHaveDuplicates()
                .hasSizeBetween(2, 4));
        assertThat(asked.questions().get(1).right()).isEqualTo("Windlass tourniquet");
        assertThat(asked.questions().get(2).right()).isEqualTo("Loops on the back");
        assertThat(bleeding()).isEqualTo(asked);
        open(mine, "/practice/" + kit + "?seed=3").andExpect(status().isOk());
        open(others, "/practice/" + kit).andExpect(status().isNotFound());
        send(mine, "/practice/" + kit, "problem", "no-such", "seed", "5").andExpect(status().isNotFound());
    }

    /** All right within a minute: tomorrow, then in six days; wrong: tomorrow again, with the reason and where to move it. */
    @Test
    void itIsMarkedWithItsReasonAndAskedAgainWhenItIsTime() throws Exception {
        LocalDate today = LocalDate.now();
        assertThat(mark("", 30).text()).contains("5 of 5 questions right", "asked again on " + today.plusDays(1));
        assertThat(mark("", 30).text()).contains("asked again on " + today.plusDays(6));
        Document wrong = mark("where", 30);
        assertThat(wrong.text()).contains("4 of 5 questions right", "It is: Loops on the back");
        assertThat(wrong.expectFirst("#move-it").text()).startsWith("Lay Windlass tourniquet in");
        open(mine, "/practice").andExpect(says("4 of 5 in 30 s"));
        open(others, "/practice").andExpect(says("There is no kit to practise on yet"));
    }

    /** What the kit has the thing for and nobody did right stands first; practised, it goes. */
    @Test
    void thePageSaysWhatNobodyPractisedAndWhatPractisingWouldChange() throws Exception {
        Document before =
                Jsoup.parse(open(mine, "/practice").andReturn().getResponse().getContentAsString());
        assertThat(before.expectFirst(".practice-kits li").text())
                .containsPattern(
                        "It has the thing for \\d+ cases?; somebody has done 0 of them right.*Practise these, and it is");
        int done = done();
        open(mine, "/kits/" + kit).andExpect(says("somebody has done 0 of them right", "Practise with it"));
        mark("", 30);
        assertThat(done()).isEqualTo(done + 1);
        mark("where", 30);
        assertThat(done()).isEqualTo(done);
    }

    private int done() throws Exception {
        String says = Jsoup.parse(
                        open(mine, "/practice").andReturn().getResponse().getContentAsString())
                .expectFirst(".practice-kits .hint")
                .text();
        return Integer.parseInt(says.replaceAll(".*somebody has done (\\d+) of them right.*", "$1"));
    }

    /** On the outing that the kit is for: somebody of the party, its season, its hours from care, and what can happen there. */
    @Test
    void aCaseHappensOnTheOutingThatTheKitIsFor() throws Exception {
        String trip = trip(mine, "Skerry ring");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        mats.begin(mine.householdId(), id, Map.of("tourniquet-windlass", 1));
        lists.save(mine.householdId(), id, "Ring list", Map.of("tourniquet-windlass", 1));
        send(mine, trip + "/ready/lies", "place", kit.toString());
        Scenes.Scene scene = bleeding().scene();
        assertThat(scene.who()).isEqualTo("Ottilie Brandt (44 years), ");
        assertThat(scene.somebody()).isEqualTo("Somebody (44 years), ");
        assertThat(scene.where()).endsWith(" h from care");
    }

    /** What was kept on a mat “to learn first” stands on the page until a case was done right with it. */
    @Test
    void whatIsToBeLearntFirstEndsHere() throws Exception {
        String trip = trip(mine, "Skerry ring");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        mats.begin(mine.householdId(), id, Map.of("tourniquet-windlass", 1));
        mats.change(mine.householdId(), id, 1, "tourniquet-windlass", MatChange.LEARN);
        Document page =
                Jsoup.parse(open(mine, "/practice").andReturn().getResponse().getContentAsString());
        assertThat(page.select("#learn-first li strong").text()).isEqualTo("Windlass tourniquet");
        open(mine, page.select("#learn-first a").attr("href")).andExpect(says("Windlass tourniquet"));
        assertThat(mark("where", 30).select("#learnt")).isEmpty();
        assertThat(mark("", 30).select("#learnt").text()).contains("it is learnt");
        open(mine, "/practice").andExpect(doesNotSay("To learn first"));
        assertThat(mats.mat(mine.householdId(), id).learn("tourniquet-windlass"))
                .isFalse();
    }

    /** A problem of one's own is a case of its own, with one's own words. */
    @Test
    void aSceneOfOnesOwnIsAsked() throws Exception {
        send(
                        mine,
                        "/problems",
                        "name",
                        "Sea urchin spine",
                        "severity",
                        "3",
                        "times",
                        "3",
                        "people",
                        "6",
                        "days",
                        "40",
                        "what",
                        "Clean the skin around a wound",
                        "uses",
                        "1",
                        "again",
                        "ONCE",
                        "heals",
                        "",
                        "matters",
                        "CRITICAL",
                        "todo",
                        "Soak the foot in hot water.\nTake out what shows.",
                        "call",
                        "when it swells")
                .andExpect(status().is3xxRedirection());
        Document page = Jsoup.parse(open(mine, "/practice/" + kit + "?problem=own-sea-urchin-spine&seed=2")
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(page.text()).contains("Sea urchin spine", "Soak the foot in hot water", "when it swells");
    }

    /** Whatever ends an outing or worse is a case: what first, with what, what then, when to call. */
    @Test
    void everyGraveProblemIsACase() {
        assertThat(Drill.all(catalogues.of(mine.householdId()).catalogue()))
                .hasSizeGreaterThan(50)
                .allSatisfy(p -> assertThat(
                                practice.ask(mine.householdId(), kit, p.id(), 3).questions())
                        .as(p.id())
                        .hasSizeGreaterThanOrEqualTo(3)
                        .allSatisfy(q -> assertThat(q.options()).contains(q.right())));
    }

    /** A sheet for whoever leads the drill of a whole group: roles, what should happen in order, what to ask afterwards. */
    @Test
    void theWholeGroupPractisesByASheet() throws Exception {
        open(mine, "/practice/" + kit + "/group?seed=4")
                .andExpect(says(
                        "For the whole group",
                        "Who plays what",
                        "Keeper of time",
                        "What should happen, in order",
                        "Whose hand went to the wrong pocket",
                        "Nothing here certifies anybody"));
        open(others, "/practice/" + kit + "/group").andExpect(status().isNotFound());
    }

    /** Where it lies may be touched in the drawing, which does not show what lies there. */
    @Test
    void theDrawingToTapShowsNothingOfWhatLiesThere() throws Exception {
        Document page = Jsoup.parse(open(mine, "/practice/" + kit + "?problem=severe-limb-bleeding&seed=5")
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(page.select(".drill-box g")).hasSize(4);
        assertThat(page.expectFirst(".drill-box").text()).contains("Loops").doesNotContain("tourniquet");
    }
}
