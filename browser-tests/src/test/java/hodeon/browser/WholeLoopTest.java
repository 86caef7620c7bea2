package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The whole year of a kit in one go: from the first account to the next outing, with what each station says in numbers and units. */
class WholeLoopTest {

    private static final String PASSWORD = "four plain words here";
    private static final LocalDate TODAY = LocalDate.now(ZoneId.systemDefault());

    @TempDir
    Path data;

    @Test
    void fromTheFirstRunToTheNextOuting() throws Exception {
        try (App app = App.withData(data);
                Relay line = new Relay(app);
                Browser browser = Browser.on(line::address, 1280, 800)) {
            browser.open("/");
            browser.type("#household", "Tidewrack Paddlers");
            browser.type("#name", "ottilie");
            browser.type("#password", PASSWORD);
            browser.type("#again", PASSWORD);
            browser.click(".act");
            browser.see(".shelf", "Where do you want to begin?");

            String trip = brief(browser);
            browser.open(trip + "/odds");
            browser.see("main", "Blister");
            browser.see("main", "in 100");

            // The mat says how many of what; what is put on is counted in pieces.
            browser.open(trip + "/mat");
            browser.see(".balance", "on the mat of");
            browser.see(".if-it-happens", "If it happens");
            browser.open(trip + "/mat?all=yes&about=paracetamol");
            browser.see(".about", "tablet");
            browser.see(".about", "0.8 g each");

            browser.open(trip + "/kit");
            browser.type("#kit-name", "Day roll");
            browser.click("#save-kit");
            browser.see("h1", "Day roll");
            String planned = browser.text(".contents");
            assertThat(planned).containsPattern("\\d+ pairs? \\w+ gloves").doesNotContain("dose of", "set of four");
            String weight = browser.text(".headline .big");

            stock(browser);

            browser.open(trip + "/ready");
            browser.choose("#place", "Roll");
            browser.click("#say-lies");
            browser.see("#obstacles", " of ");
            browser.see("tbody", "pair");

            browser.open(trip + "/kit");
            browser.see(".headline", "lie in it, in Roll");
            browser.see(".headline", weight + " planned");

            browser.open(trip + "/cards?card=contents");
            browser.see("main", "Paracetamol 500 mg: 16 tablets");
            browser.see("main", "Nitrile gloves, pale: 8 pairs");
            browser.see("main", "lie in it, " + weight + " planned");

            log(browser, line, trip);

            browser.open(trip + "/debrief");
            browser.see("tbody", "16 tablets");
            assertThat(browser.find("[name='used[paracetamol]']").getDomProperty("value"))
                    .isEqualTo("4");
            browser.click("#write-debrief");
            browser.see("#said", "the kit holds what is left");
            browser.see("main", "Paracetamol 500 mg: 4 tablets used from Roll");

            browser.open("/stock");
            String place = browser.linked("Roll");
            browser.open(place);
            browser.see("tbody", "12 tablets");

            browser.open("/restock");
            browser.see("h1", "To buy: ");
            browser.see(".buys", "pads");
            browser.see("main", "Compared with their lists: Roll.");

            browser.open("/trips/new?like=" + trip.replace("/trips/", ""));
            browser.type("#name", "The next one");
            browser.date("#start", TODAY.plusDays(30).toString());
            browser.date("#end", TODAY.plusDays(30).toString());
            browser.click(".save [value='save']");
            browser.see("h1", "What could happen");
            browser.open("/");
            browser.see("main", "The next one");
            browser.see("main", "no kit is saved yet");
            browser.hasNoSeriousAccessibilityFinding();
        }
    }

    private static String brief(Browser browser) {
        browser.open("/trips/new?preset=DAY_HIKE");
        browser.type("#name", "Ridge walk");
        browser.date("#start", TODAY.toString());
        browser.date("#end", TODAY.toString());
        browser.choose("#season", "summer");
        browser.type("#hoursToCare", "4");
        browser.type("#massLimit", "900");
        browser.type("[name='legs[0].days']", "1");
        browser.type("[name='people[0].name']", "Ottilie Brandt");
        browser.type("[name='people[0].years']", "44");
        browser.type("[name='people[0].kilograms']", "71");
        browser.click(".save [value='save']");
        browser.see("h1", "What could happen");
        return browser.path().replaceAll("/odds.*", "");
    }

    /** One thing typed, a list pasted, a file read and a code scanned. */
    private void stock(Browser browser) throws Exception {
        browser.open("/stock");
        browser.type("#name", "Roll");
        browser.choose("#kind", "a kit");
        browser.click("#add-place");
        browser.see("h1", "Roll");

        browser.open("/stock/enter?place=Roll");
        browser.type("#supply", "Paracetamol 500 mg");
        browser.type("#pieces", "16");
        browser.choose(".enter #place", "Roll");
        browser.click("#enter");
        browser.see("#added", "Paracetamol 500 mg: 16 tablets");

        browser.open("/stock/enter?place=Roll");
        browser.type("#text", "8 nitrile gloves, pale\nflux capacitor, 2");
        browser.click("#read-lines");
        browser.see("#lines-title", "Is this what you meant?");
        assertThat(browser.find("tr[data-unit]").getDomAttribute("data-unit")).isEqualTo("pair");
        browser.choose("#lines-place", "Roll");
        browser.click("#confirm-lines");
        browser.see("#added", "1 line; 1 kept open");
        browser.see("#lines-title", "1 line is still open");

        Path csv = Files.writeString(
                data.resolve("stock.csv"),
                "place,supply,pieces,unit,until\r\nRoll,antiseptic-wipe,12,sachet,2031-01\r\n");
        browser.find("#file").sendKeys(csv.toString());
        browser.click("#read-file");
        browser.see("#added", "1 line entered");

        // As a scanner does: the code and Enter, with nothing else filled in.
        browser.open("/stock/enter?place=Roll");
        browser.find("#code").sendKeys("(01)02000000000015(17)310200(10)TW4\n");
        browser.holds("#lot", "TW4");
        browser.holds("#until", "2031-02");
        browser.type("#supply", "Fabric plaster");
        browser.type("#pieces", "20");
        browser.choose(".enter #place", "Roll");
        browser.click("#enter");
        browser.see("#added", "Fabric plaster: 20 plasters");
    }

    /** One note on line and one out of reach, two tablets each, which a grown-up's dose is. */
    private static void log(Browser browser, Relay line, String trip) {
        browser.open(trip + "/trail");
        browser.see("#trail-state", "Nothing waits");
        browser.waitUntil("return caches.open('hodeon-trail-2').then(c => c.keys())"
                + ".then(k => k.filter(r => r.url.includes('/trips/')).length > 5)");
        browser.click("[data-problem='headache']");
        browser.click("[data-who='Ottilie Brandt']");
        assertThat(browser.text("[data-supply='paracetamol'] output")).isEqualTo("2");
        browser.click("#write");
        browser.see("#trail-state", "sent");
        line.cut();
        browser.click("[data-problem='headache']");
        browser.click("[data-who='a stranger']");
        browser.click("#write");
        browser.see("#trail-state", "1 note waits on this device");
        line.mend();
        browser.open(trip + "/trail");
        browser.see("#trail-state", "sent");
        browser.open(trip + "/log");
        browser.see("main", "Paracetamol 500 mg: 2 tablets");
    }
}
