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

            // Two of seven plasters elsewhere; then the picture itself is dragged.
            browser.resize(1280, 800);
            browser.open(kit + "/pack");
            browser.click(".thing[data-supply='gloves-nitrile'] .pick");
            browser.run("const some = document.querySelector('#some'); some.value = '2';"
                    + " some.dispatchEvent(new Event('input'))");
            browser.click("#" + right + " .here");
            browser.see("#" + right, "Nitrile gloves, pale: 2 pairs");
            assertThat(browser.all(".thing[data-supply='gloves-nitrile']")).hasSize(2);
            String main = part(browser, "Left back pocket").replace("part-", "");
            browser.dragOnto(".box-tile[data-supply='heat-bag']", "g[data-part='" + main + "'] .box-room");
            browser.see("#part-" + main, "Heat-reflective bag: 1 bag");
            browser.hasQuietConsole();
        }
    }

    /** All papers printed at one press; afterwards only what changed is left to print. */
    @Test
    void allPapersArePrintedAtOnePressAndThenWhatChanged() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            String papers = browser.linked("Car kit") + "/papers";
            browser.open(papers);
            browser.see("#print-changed", "Print what changed");
            browser.see(".card-choice", "Tourniquet tags");
            browser.click(".card-choice a[href*='specimen']");
            browser.see(".sticker", "Where on the map");
            browser.fitsItsWidth();
            browser.run("document.querySelectorAll('form').forEach(f => f.removeAttribute('target'))");
            browser.run("document.querySelector('#print-all').click()");
            browser.waitUntil(
                    "return document.contentType === 'application/pdf'" + " || !document.querySelector('#print-all')");
            browser.open(papers);
            browser.see("main", "All of it is printed as it stands");
        }
    }

    /** A module goes from one carrier to another with the mouse, and back with keys; then all is even again. */
    @Test
    void aModuleIsMovedBetweenCarriers() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open(browser.trip("Seal count") + "/mat/carry");
            browser.see("#carry-answer", "apart");
            String from =
                    browser.find(".loads section:has(h3[data-supply='HOLD'])").getDomAttribute("aria-label");
            String to = browser.find(".loads section:not([aria-label='" + from + "'])")
                    .getDomAttribute("aria-label");
            String taker = ".loads section[aria-label='" + to + "']";
            browser.dragOnto("section[aria-label='" + from + "'] h3[data-supply='HOLD']", taker);
            browser.see("#carry-answer", "given by hand");
            browser.see(taker, "Hold, ");
            assertThat(browser.all("section[aria-label='" + from + "'] h3[data-supply='HOLD']"))
                    .isEmpty();

            browser.run("document.querySelector(\"" + taker + " h3[data-supply='HOLD'] .pick\").focus()");
            browser.press(Keys.ENTER);
            browser.see(".picked", "choose who takes it");
            browser.run("document.querySelector(\"section[aria-label='" + from + "'] .here\").focus()");
            browser.press(Keys.ENTER);
            browser.see("section[aria-label='" + from + "']", "Hold, ");
            browser.click("#evenly");
            browser.gone("#carry-answer", "given by hand");
            browser.hasQuietConsole();
        }
    }

    /** A case against the clock: answered, where it lies by a touch of the drawing, marked with the reason. */
    @Test
    void aCaseIsAnsweredAgainstTheClock() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            String kit = browser.linked("Lead boat dry box");
            browser.open(kit + "/pack");
            browser.click("#shape-hard-case");
            browser.see("#loose-title", "Laid nowhere yet");
            browser.click("#arrange");
            browser.see("main", "Arranged");
            browser.open(kit.replace("/kits/", "/practice/") + "?problem=severe-limb-bleeding&seed=5");
            browser.see("[role=timer]", "1 s");
            browser.click(".drill-box g[data-part-name='Lid']");
            assertThat(browser.run("return document.querySelector('input[name=answer-where]:checked').value"))
                    .isEqualTo("Lid");
            browser.click("#mark");
            browser.see("h1", "of 5 questions right");
            browser.see(".marks", "● Where does it lie?");
            browser.hasQuietConsole();
        }
    }
}
