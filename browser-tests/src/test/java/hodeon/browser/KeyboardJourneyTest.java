package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** The whole way without a mouse. */
class KeyboardJourneyTest {

    @Test
    void aTripBecomesAWeighedKitByKeysAlone() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.open("/sign-in");
            browser.tabTo("form[action='/sample-tour'] button");
            browser.press(Keys.ENTER);
            browser.see("h1", "Tidewrack Paddlers");
            browser.tabTo(".headline .act");
            browser.press(Keys.ENTER);
            browser.see("h1", "New outing");

            fill(browser, "#name", "Keys only");
            browser.tabTo("#start");
            browser.press("07032027");
            browser.tabTo("#end");
            browser.press("07042027");
            browser.tabTo("[id='legs0.activity']");
            browser.press("pad");
            browser.tabTo("[id='legs0.environment']");
            browser.press("coast");
            fill(browser, "[id='legs0.days']", "2");
            fill(browser, "[id='people0.name']", "Sef Marchetti-Vos");
            fill(browser, "[id='people0.years']", "38");
            fill(browser, "[id='people0.kilograms']", "77");
            browser.tabTo("[id='people0.training']");
            browser.press("wild");
            browser.tabTo(".more summary");
            browser.press(Keys.ENTER);
            browser.tabTo("input[value='BLISTER_PRONE']");
            browser.press(Keys.SPACE);
            browser.press(Keys.ENTER);

            browser.see("h1", "What could happen");
            browser.tabTo("#row-blister .figure");
            browser.press(Keys.ENTER);
            browser.see("#why h2", "Blister");
            browser.tabTo("#reckoned > summary");
            browser.press(Keys.ENTER);
            assertThat(browser.text("#why")).contains("condition: blister prone");
            browser.open(browser.path());
            browser.tabTo(".headline .act");
            browser.press(Keys.ENTER);

            browser.see("h2", "What this mat answers");
            waysInFewStops(browser);
            browser.tabTo(".tile-open");
            browser.press(Keys.ARROW_DOWN);
            for (int i = 0; i < 80 && !browser.focusIsOn("#open-hydrocolloid-pad"); i++) {
                browser.press(Keys.ARROW_RIGHT);
            }
            assertThat(browser.focusIsOn("#open-hydrocolloid-pad"))
                    .as(browser.focused())
                    .isTrue();
            int pads = Integer.parseInt(browser.text("#tile-hydrocolloid-pad .count"));
            browser.press("+");
            browser.see("#said", "Hydrocolloid blister pad: " + (pads + 1));
            assertThat(browser.focusIsOn("#open-hydrocolloid-pad"))
                    .as("focus stays: %s", browser.focused())
                    .isTrue();
            browser.press("-");
            browser.see("#said", "Hydrocolloid blister pad: " + pads);
            browser.press("p");
            browser.see("#said", "pinned");
            browser.press(Keys.ARROW_RIGHT);
            assertThat(browser.focusIsOn("#open-hydrocolloid-pad")).isFalse();
            assertThat(browser.focusIsOn(".tile-open")).isTrue();
            browser.press("x");
            browser.see("#said", "left out");
            browser.tabTo(".balance-acts .act");
            browser.press(Keys.ENTER);

            browser.tabTo("#kit-name");
            browser.press(Keys.ENTER);
            browser.see("h1", "Keys only kit");
            browser.tabTo(".take .act");
            browser.press(Keys.ENTER);
            browser.see("p", "Contents list");
            browser.hasQuietConsole();
        }
    }

    /** A field reached with the tab key has its text selected, so typing replaces it. */
    private static void fill(Browser browser, String field, String text) {
        browser.tabTo(field);
        browser.press(text);
    }

    /** From the top of the mat to its tabs: past the menu, past everything it answers. */
    private static void waysInFewStops(Browser browser) {
        browser.open(browser.path());
        browser.find("#mat[data-searching='false']");
        for (Keys key : new Keys[] {Keys.TAB, Keys.ENTER, Keys.TAB, Keys.ENTER, Keys.TAB}) {
            browser.press(key);
        }
        assertThat(browser.focusIsOn(".ways a")).as(browser.focused()).isTrue();
    }
}
