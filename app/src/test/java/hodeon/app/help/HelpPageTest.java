package hodeon.app.help;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.WebTest;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HelpPageTest extends WebTest {

    private static final Pattern HELP = Pattern.compile("href=\"/help#([^\"]+)\"");

    @Test
    void theWordsAreExplained() throws Exception {
        open(mine, "/help").andExpect(says("Least count", "So many of a thing must always be in a kit", "Person-day"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/kits",
                "/stock",
                "/stock/enter",
                "/stock/checks",
                "/restock",
                "/people",
                "/aid",
                "/supplies",
                "/settings",
                "/trips/new"
            })
    void everyMainPageHasHelpOfItsOwn(String address) throws Exception {
        has(address);
    }

    @ParameterizedTest
    @ValueSource(strings = {"brief", "odds", "mat", "ready", "trail", "medicines", "cards"})
    void andEveryStepOfATrip(String step) throws Exception {
        has(trip(mine, "Skerry ring") + "/" + step);
    }

    private void has(String address) throws Exception {
        String page = open(mine, address).andReturn().getResponse().getContentAsString();
        Matcher help = HELP.matcher(page);
        assertThat(help.find()).as(address).isTrue();
        String words = open(mine, "/help").andReturn().getResponse().getContentAsString();
        assertThat(words).as(address).contains("<dt id=\"" + help.group(1) + "\"");
    }
}
