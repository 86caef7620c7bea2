package hodeon.app.tradeoff;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;

import hodeon.app.WebTest;
import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The smallest bag for what somebody ticks. */
class ModulePageTest extends WebTest {

    @Autowired
    MatService mats;

    @Test
    void aTickedProblemGivesTheSmallestBagWithItsDirections() throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, trip + "/mat/module")
                .andExpect(content().string(allOf(containsString("Tick pouch"), not(containsString("module-put")))));
        open(mine, trip + "/mat/module?problem=tick")
                .andExpect(says(
                        "Specimen pouch: 1 pouch",
                        "nothing smaller does all of it",
                        "card=aid-tick",
                        "Remove a tick whole"));
        open(mine, trip + "/mat/module?does=keep-warm").andExpect(says("Keep a casualty warm"));
        open(mine, trip + "/mat/module?problem=no-such-problem")
                .andExpect(content().string(not(containsString("module-put"))));
    }

    @Test
    void itGoesOnTheMatPinnedAndASecondTabIsTold() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/mat/module", "problem", "tick", "version", "0");
        Mat mat = mats.mat(mine.householdId(), UUID.fromString(trip.replace("/trips/", "")));
        assertThat(mat.pieces("specimen-pouch")).isPositive();
        assertThat(mat.hold("specimen-pouch")).isEqualTo(Hold.PINNED);
        send(mine, trip + "/mat/module", "problem", "blister", "version", "0")
                .andExpect(flash().attribute("conflict", true));
    }
}
