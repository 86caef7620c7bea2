package hodeon.app.practice;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
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
                .containsExactly("first", "thing", "where", "call");
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
        assertThat(mark("", 30).text()).contains("4 of 4 questions right", "asked again on " + today.plusDays(1));
        assertThat(mark("", 30).text()).contains("asked again on " + today.plusDays(6));
        Document wrong = mark("where", 30);
        assertThat(wrong.text()).contains("3 of 4 questions right", "It is: Loops on the back");
        assertThat(wrong.expectFirst("#move-it").text()).startsWith("Lay Windlass tourniquet in");
        open(mine, "/practice").andExpect(says("3 of 4 in 30 s"));
        open(others, "/practice").andExpect(says("There is no kit to practise on yet"));
    }
}
