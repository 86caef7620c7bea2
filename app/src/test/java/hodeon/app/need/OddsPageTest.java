package hodeon.app.need;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import org.junit.jupiter.api.Test;

class OddsPageTest extends WebTest {

    @Test
    void everyProblemHasItsFiguresAndAnswersWhy() throws Exception {
        String trip = trip(mine, "Skerry ring");
        // 3 days × 1.6 × 1.1 × 1 person = 5.28 adjusted person-days at 7.4 per 1,000, a strength of 2,000.
        open(mine, trip + "/odds?why=blister")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("7.4 per 1,000 person-days"),
                                containsString("Boulware"),
                                containsString("paddling × 1.6"),
                                containsString("0.039 times"),
                                containsString("Leave it whole if you can"),
                                containsString("Cannot happen on this trip"))));
    }

    @Test
    void anUnknownProblemIsNotHere() throws Exception {
        open(mine, trip(mine, "Skerry ring") + "/odds?why=boredom").andExpect(status().isNotFound());
    }
}
