package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** A kit laid out in its compartments: arranged at one press, then by hand with the mouse, with a finger and with keys. */
class PackJourneyTest {

    private static String part(Browser browser, String name) {
        return browser.find("section[aria-label='" + name + "']").getDomAttribute("id");
    }

    @Test
    void eachThingFindsItsPlaceByMouseByTouchAndByKeys() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            String kit = browser.linked("Deck pouch");
            browser.open(kit);
            browser.click("#pack-it");
            browser.click("#shape-clamshell");
            browser.see("#loose-title", "Laid nowhere yet");
            browser.click("#arrange");
            browser.see("main", "Arranged");
            assertThat(browser.all("#loose")).isEmpty();
            browser.see("#reach-title", "How soon it is in the hand");
            browser.see("section[aria-label='Left back pocket']", "Paracetamol 500 mg: 16 tablets");

            String right = part(browser, "Right mesh");
            browser.dragOnto(".thing[data-supply='whistle']", "#" + right);
            browser.see("#" + right, "Whistle: 1 whistle");
            browser.see("#" + right, "Pinned: let it move");

            String left = part(browser, "Left mesh");
            browser.run("document.querySelector(\".thing[data-supply='whistle'] .pick\").focus()");
            browser.press(Keys.ENTER);
            browser.see(".picked", "Whistle: 1 whistle: choose where to lay it");
            browser.run("document.querySelector('#" + left + " .here').focus()");
            browser.press(Keys.ENTER);
            browser.see("#" + left, "Whistle: 1 whistle");

            browser.resize(390, 844);
            browser.open(kit + "/pack");
            browser.click(".thing[data-supply='whistle'] .pick");
            browser.click("#" + right + " .here");
            browser.see("#" + right, "Whistle: 1 whistle");
            browser.fitsItsWidth();
            browser.hasQuietConsole();
        }
    }
}
