package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Somebody is written down, looked up, given a dose and stopped at the next; by keyboard alone. */
class MedicineJourneyTest {

    @Test
    void byKeyboardAlone() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInTo(OwnHouse.make());
            browser.open("/people");
            browser.tabTo("#new-person");
            browser.press(Keys.ENTER);
            browser.see("h1", "Somebody new");
            fill(browser, "#name", "Tamsin Roe");
            browser.tabTo("#born");
            browser.press("03091984");
            fill(browser, "#kilograms", "64");
            browser.tabTo("input[value='CONTACT_LENSES']");
            browser.press(Keys.SPACE);
            browser.tabTo("[id='regular[0].product']");
            browser.press("Cetirizine 10");
            fill(browser, "[id='regular[0].units']", "1");
            fill(browser, "[id='regular[0].times']", "noon");
            fill(browser, "[id='contact[0].name']", "Harbour office");
            fill(browser, "[id='contact[0].phone']", "0000 555 0102");
            browser.press(Keys.ENTER);
            browser.see("#faults", "Times of day are written like 08:00 20:00");
            fill(browser, "[id='regular[0].times']", "08:00");
            browser.press(Keys.ENTER);
            browser.see("h1", "Tamsin Roe");
            assertThat(browser.find("#born").getDomProperty("value")).isEqualTo("1984-03-09");

            browser.tabTo(".rooms a[href$='/doses']");
            browser.press(Keys.ENTER);
            browser.see("#dose-lines", "Paracetamol 500 mg tablets");
            assertThat(browser.text("#dose-lines")).contains("1 to 2 tablets", "at least 4 h apart");
            browser.tabTo(".rooms a[href$='/clock']");
            browser.press(Keys.ENTER);
            browser.see("#note-dose", "What was given");
            give(browser);
            browser.see("[role='status']", "Noted.");
            browser.see(".countings", "2 tablets of Paracetamol 500 mg tablets from");
            give(browser);
            browser.see("#against", "Paracetamol: less than 4 h after the dose of");
            browser.tabTo("#override");
            browser.press(Keys.SPACE);
            fill(browser, "#why", "the practice said so by radio");
            browser.press(Keys.ENTER);
            browser.see("#doses", "the practice said so by radio");
            assertThat(browser.all("svg[aria-label^='paracetamol'] .dose-bar")).hasSize(2);
            browser.hasQuietConsole();
        }
    }

    private static void give(Browser browser) {
        browser.tabTo("#product");
        browser.press("Paracetamol 500 mg t");
        fill(browser, "#units", "1");
        browser.press(Keys.ENTER);
    }

    /** A field reached with the tab key has its text selected, so typing replaces it. */
    private static void fill(Browser browser, String field, String text) {
        browser.tabTo(field);
        browser.press(text);
    }
}
