package hodeon.app.shelf;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import hodeon.app.WebTest;
import org.junit.jupiter.api.Test;

class ShelfPageTest extends WebTest {

    @Test
    void aTripSaysWhatItsKitStillWants() throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, "/")
                .andExpect(content()
                        .string(allOf(containsString("not ready: no kit is saved yet"), containsString("Balance it"))));
        send(mine, trip + "/mat/minus", "supply", "hydrocolloid-pad", "version", "0");
        send(mine, trip + "/kit", "name", "Lead boat dry box");
        open(mine, "/")
                .andExpect(content()
                        .string(allOf(
                                containsString("no place says it holds “Lead boat dry box”"),
                                containsString("Say where it lies"))));
        send(mine, trip + "/brief", with(with(brief("Skerry ring"), "version", "0"), "massLimit", "300"));
        open(mine, "/")
                .andExpect(content()
                        .string(allOf(
                                containsString("the brief has changed since its mat was laid out"),
                                containsString("over the limit"))));
    }

    @Test
    void theShelfOfOthersShowsNothingOfMine() throws Exception {
        trip(mine, "Skerry ring");
        open(others, "/").andExpect(content().string(not(containsString("Skerry ring"))));
    }
}
