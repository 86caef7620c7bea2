package hodeon.app.shelf;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;

import hodeon.app.WebTest;
import org.junit.jupiter.api.Test;

class ShelfPageTest extends WebTest {

    @Test
    void aTripSaysWhatItsKitStillWants() throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, "/").andExpect(says("not ready: no kit is saved yet", "Balance it"));
        send(mine, trip + "/mat/minus", "supply", "hydrocolloid-pad", "version", "0");
        send(mine, trip + "/kit", "name", "Lead boat dry box");
        open(mine, "/").andExpect(says("no place says it holds “Lead boat dry box”", "Say where it lies"));
        send(mine, trip + "/brief", with(with(brief("Skerry ring"), "version", "0"), "massLimit", "300"));
        open(mine, "/").andExpect(says("the brief has changed since its mat was laid out", "over the limit"));
    }

    @Test
    void theShelfOfOthersShowsNothingOfMine() throws Exception {
        trip(mine, "Skerry ring");
        open(others, "/").andExpect(doesNotSay("Skerry ring"));
    }
}
