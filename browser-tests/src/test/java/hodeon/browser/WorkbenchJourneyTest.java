package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** The mat as a workbench: looked at, changed and taken back, pruned piece by piece, its curve moved by hand. */
class WorkbenchJourneyTest {

    @Test
    void byMouseOnAWideScreenAndByFingerOnAPhone() {
        try (Browser browser = Browser.on(SampleApp.get());
                Browser phone = Browser.on(SampleApp.get(), 390, 844)) {
            OwnHouse house = OwnHouse.make();
            browser.signInTo(house);
            String trip = browser.trip("Lantern hut traverse");
            browser.open(trip + "/mat");
            browser.find("#mat[data-searching='false']");
            String before = browser.text(".balance .grams");
            String whole = browser.text(".groups");
            int gloves = Integer.parseInt(browser.text("#tile-gloves-nitrile .count"));
            Object place = browser.run(PLACES);
            browser.click("#tile-gloves-nitrile .plus");
            browser.see("#tile-gloves-nitrile .count", Integer.toString(gloves + 1));
            browser.see("#said", "On the mat");
            assertThat(browser.run(PLACES)).as("one piece more moves no tile").isEqualTo(place);
            assertThat(browser.text("#strip")).contains("by hand");
            browser.click("#undo");
            browser.see("#said", "Taken back: Nitrile gloves, pale: one more.");
            browser.see(".balance .grams", before);
            browser.open(trip + "/mat");
            browser.click("#redo");
            browser.see("#tile-gloves-nitrile .count", Integer.toString(gloves + 1));

            browser.choose("#look-problem", "Blister");
            browser.see(".look-shown", "shown");
            assertThat(browser.text(".groups").length()).isLessThan(whole.length() / 2);
            browser.choose("#look-by", "room");
            browser.see(".scale", "same scale of room");
            assertThat(browser.text(".scale")).contains(" ml");
            browser.click(".look-shown a");
            browser.find("#tile-gloves-nitrile");

            browser.open(trip + "/mat/curve");
            String heavy = browser.text(SHOWN + " .point-grams");
            browser.drag("#handle", -160, 0);
            String light = browser.text(SHOWN + " .point-grams");
            assertThat(grams(light)).isLessThan(grams(heavy));
            assertThat(browser.find("#handle").getDomAttribute("aria-valuetext"))
                    .startsWith(light);
            assertThat(browser.text(SHOWN)).contains("Goes out");

            phone.signInTo(house);
            phone.open(trip + "/mat/curve");
            phone.swipe("#handle", -60, 0);
            assertThat(grams(phone.text(SHOWN + " .point-grams"))).isLessThan(grams(heavy));
            phone.fitsItsWidth();

            phone.open(trip + "/mat");
            phone.find("#mat[data-searching='false']");
            double start = grams(phone.text(".balance .grams"));
            phone.open(trip + "/mat/prune");
            phone.click("#begin-pass");
            String first = phone.text("#piece-title");
            phone.click("#pass-keep");
            phone.gone("#piece-title", first);
            String second = phone.text("#piece-title");
            phone.click("#pass-learn");
            phone.gone("#piece-title", second);
            phone.click("#pass-drop");
            phone.see(".pass-so-far", "saved so far");
            phone.click("#pass-finish");
            phone.see("#end-title", "Pruned");
            assertThat(phone.text("main")).contains("Kept: " + first, "To be learnt before the outing: " + second);
            phone.open(trip + "/mat");
            assertThat(grams(phone.text(".balance .grams"))).isLessThan(start);
            phone.hasQuietConsole();
            browser.hasQuietConsole();
        }
    }

    @Test
    void byKeyboardAlone() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInTo(OwnHouse.make());
            browser.open(browser.trip("Skerry ring") + "/odds");
            browser.press("?");
            browser.see("#keys-sheet", "find a supply, problem, person, place, kit or outing");
            browser.press(Keys.ESCAPE);
            browser.press("/");
            browser.press("blister pad");
            browser.see("#found", "Hydrocolloid blister pad");
            browser.press(Keys.TAB, Keys.ENTER);
            browser.see(".about h2", "Hydrocolloid blister pad");
            browser.find("#mat[data-searching='false']");
            String count = browser.text("#tile-hydrocolloid-pad .count");
            browser.tabTo("#open-hydrocolloid-pad");
            browser.press("+");
            browser.see("#said", "Hydrocolloid blister pad");
            browser.hold("z", Keys.CONTROL);
            browser.see("#tile-hydrocolloid-pad .count", count);
            browser.hold("z", Keys.CONTROL, Keys.SHIFT);
            browser.see("#said", "Done again");

            browser.open(browser.path().replaceAll("/mat.*", "/mat/curve"));
            browser.tabTo("#handle");
            String heavy = browser.text(SHOWN + " .point-grams");
            browser.press(Keys.ARROW_LEFT, Keys.ARROW_LEFT);
            String lighter = browser.text(SHOWN + " .point-grams");
            assertThat(grams(lighter)).isLessThan(grams(heavy));
            browser.press(Keys.END);
            assertThat(grams(browser.text(SHOWN + " .point-grams"))).isGreaterThan(grams(lighter));

            browser.open(browser.path().replaceAll("/curve.*", "/prune/pass"));
            String first = browser.text("#piece-title");
            browser.press("k");
            browser.gone("#piece-title", first);
            browser.press("f");
            browser.see("#end-title", "Pruned");
            browser.hasQuietConsole();
        }
    }

    @Test
    void aBriefIsDraggedReadFromARouteAndKeptWhileItIsTyped() throws IOException {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInTo(OwnHouse.make());
            String trip = browser.trip("Skerry ring");
            browser.open(trip + "/brief");
            assertThat(browser.text("main")).contains("of threats to life");
            browser.drag("[data-edge='0']", -170, 0);
            assertThat(value(browser, "legs0.days")).isEqualTo("2");
            assertThat(value(browser, "legs1.days")).isEqualTo("2");
            browser.run("document.querySelector(\"[data-edge='1']\").focus()");
            browser.press(Keys.ARROW_RIGHT);
            assertThat(value(browser, "legs1.days")).isEqualTo("2.5");
            browser.type("#massLimit", "1950");
            browser.see("#draft-kept", "Kept as a draft.");
            browser.open(trip + "/brief");
            assertThat(value(browser, "massLimit")).isEqualTo("1950");
            browser.click("#drop-draft");
            browser.gone("main", "did not save");
            assertThat(value(browser, "massLimit")).isEqualTo("2300");

            browser.open("/trips/new?preset=HUT_WEEKEND");
            Path route = Files.createTempFile("ridge", ".gpx");
            Files.writeString(route, RIDGE);
            browser.click(".from-route summary");
            browser.find("#route-file").sendKeys(route.toString());
            browser.click("#read-route");
            browser.see("#route-length", "8.0 km");
            browser.click("#use-route");
            assertThat(value(browser, "hoursToCare")).isEqualTo("2");
            browser.hasNoSeriousAccessibilityFinding();
            browser.hasQuietConsole();
            Files.delete(route);
        }
    }

    private static final String SHOWN = ".curve-panel:not([hidden])";

    /** Where every tile lies. */
    private static final String PLACES = "return [...document.querySelectorAll('.tile')].map(t =>"
            + " [t.id, t.offsetLeft, t.offsetTop, t.offsetWidth].join(' ')).join()";

    /** Four kilometres north and back. */
    private static final String RIDGE = """
            <gpx version="1.1" creator="test" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>
            <trkpt lat="60" lon="5"><ele>10</ele></trkpt><trkpt lat="60.03597" lon="5"><ele>10</ele></trkpt>
            <trkpt lat="60" lon="5"><ele>10</ele></trkpt></trkseg></trk></gpx>
            """;

    private static double grams(String text) {
        return Double.parseDouble(text.replace(",", "").replace(" g", ""));
    }

    private static String value(Browser browser, String id) {
        return String.valueOf(browser.run("return document.getElementById('" + id + "').value"));
    }
}
