package hodeon.app.shelf;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.matchesPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;

class ShelfPageTest extends WebTest {

    @Test
    void aTripSaysWhatItsKitStillWants() throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, "/").andExpect(says("not ready: no kit is saved yet", "Balance it"));
        send(mine, trip + "/mat/minus", "supply", "hydrocolloid-pad", "version", "0");
        send(mine, trip + "/kit", "name", "Lead boat dry box");
        open(mine, "/").andExpect(says("it is not said which kit “Lead boat dry box” lies in", "Say where it lies"));
        send(mine, trip + "/brief", with(with(brief("Skerry ring"), "version", "0"), "massLimit", "300"));
        open(mine, "/").andExpect(says("the brief has changed since its mat was laid out", "over the limit"));
    }

    /** From nothing to a kit that is listed, dated and told of, in the household's own words. */
    @Test
    void anEmptyShelfHasThreeDoorsAndOneOfThemListsWhatThereIs() throws Exception {
        open(mine, "/")
                .andExpect(says("Where do you want to begin?", "I have a kit: list it", "I am going somewhere"))
                .andExpect(says("I want a kit for home, car, boat or club"))
                .andExpect(doesNotSay("Needs a hand"));
        String listing = String.valueOf(send(mine, "/kits", "list", "contents", "name", "Hall cupboard")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        assertThat(listing).matches("/kits/[0-9a-f-]{36}/bought");
        open(mine, listing).andExpect(says("What lies in Hall cupboard"));
        send(mine, listing, "text", "2 packs of 10 waterproof plasters exp 06/2031\nhalf a roll of zinc tape")
                .andExpect(content().string(matchesPattern("(?s).*name=\"pieces\"[^>]*value=\"20\".*")))
                .andExpect(content().string(matchesPattern("(?s).*name=\"lineUntil\"[^>]*value=\"2031-06\".*")));
        open(mine, "/").andExpect(says("Needs a hand", "Hall cupboard")).andExpect(doesNotSay("Where do you want"));
    }

    @Test
    void theShelfOfOthersShowsNothingOfMine() throws Exception {
        trip(mine, "Skerry ring");
        open(others, "/").andExpect(doesNotSay("Skerry ring"));
    }

    /** To look at before there is anything of one's own: laid out and taken away in one touch each. */
    @Test
    void anExampleIsLaidOutAndTakenAway() throws Exception {
        open(mine, "/").andExpect(says("Look at an example"));
        send(mine, "/example");
        send(mine, "/example");
        open(mine, "/")
                .andExpect(says("Example: a day along the coast", "Example tin", "Take the example away"))
                .andExpect(doesNotSay("Where do you want to begin?"));
        open(others, "/").andExpect(doesNotSay("Example"));
        // Whoever deleted the outing by hand before takes away the rest.
        String page = open(mine, "/").andReturn().getResponse().getContentAsString();
        String outing = Jsoup.parse(page).select(".card-trip h3 a").attr("href").replace("/odds", "");
        send(mine, outing + "/delete").andExpect(status().is3xxRedirection());
        // And what is somebody's own is never taken away with it.
        send(mine, "/stock/enter", "place", "Example tin", "supply", "Hydrocolloid blister pad", "pieces", "4")
                .andExpect(status().is3xxRedirection());
        send(mine, "/example/remove").andExpect(status().is3xxRedirection());
        open(mine, "/").andExpect(says("Where do you want to begin?")).andExpect(doesNotSay("Example tin"));
        open(mine, "/stock").andExpect(says("Out of the example tin", "1 kind"));
    }
}
