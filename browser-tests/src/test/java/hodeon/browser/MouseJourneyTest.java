package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The whole way by mouse: from a new trip to its contents list. */
class MouseJourneyTest {

    @Test
    void aTripBecomesAWeighedKit() throws Exception {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.click(".headline a[href='/trips/new']");
            browser.type("#name", "Alderholm crossing");
            browser.date("#start", "2027-07-03");
            browser.date("#end", "2027-07-05");
            browser.type("#massLimit", "plenty");
            browser.choose("[id='legs0.activity']", "paddling");
            browser.choose("[id='legs0.environment']", "coast and water");
            browser.type("[id='legs0.days']", "3");
            browser.type("[id='people0.name']", "Lumi Halla");
            browser.type("[id='people0.years']", "41");
            browser.type("[id='people0.kilograms']", "66");
            browser.choose("[id='people0.training']", "wilderness first aid (2–3 days)");
            browser.click(".save button");
            browser.see("#faults", "The mass limit is a number from 10 to 50000 g; “plenty” was given");
            browser.type("#massLimit", "1100");
            browser.click("#add-person");
            browser.type("[id='people1.name']", "Guest");
            browser.type("[id='people1.alike']", "3");
            browser.type("[id='people1.years']", "30");
            browser.type("[id='people1.kilograms']", "70");
            browser.click(".save button");

            browser.see("h1", "What could happen");
            assertThat(browser.all(".odds-list li")).hasSizeGreaterThanOrEqualTo(20);
            assertThat(browser.all(".odds-list svg.bar rect.bar-value")).hasSizeGreaterThanOrEqualTo(20);
            browser.click("#row-blister .figure:last-child");
            browser.see("#why h2", "Blister");
            browser.click("#reckoned > summary");
            assertThat(browser.text("#why"))
                    .contains("moved it from 7.4", "4 of the party count as", "enough in 90 in 100 outings");

            browser.click(".headline .act");
            browser.see("h2", "What this mat answers");
            browser.find("#mat[data-searching='false']");
            assertThat(browser.all(".tile")).hasSizeBetween(20, 62);
            int pads = count(browser, "hydrocolloid-pad");
            int wipes = count(browser, "antiseptic-wipe");
            browser.click("#tile-hydrocolloid-pad .plus");
            browser.see("#tile-hydrocolloid-pad .count", Integer.toString(pads + 1));
            browser.see(".about h2", "Hydrocolloid blister pad");
            assertThat(browser.text(".about")).contains("One less costs", "Blister");
            assertThat(count(browser, "antiseptic-wipe")).isEqualTo(wipes);
            browser.click("#tile-antiseptic-wipe .minus");
            browser.see("#tile-antiseptic-wipe .count", Integer.toString(wipes - 1));
            browser.click("#about-pin");
            browser.see("#tile-antiseptic-wipe .tile-state", "pinned");
            browser.click("#open-hydrocolloid-pad");
            browser.see(".about h2", "Hydrocolloid blister pad");
            browser.click("#about-ban");
            browser.see("#left-out", "Left out by you.");
            browser.see("#tile-hydrocolloid-pad.is-out .tile-state", "left out by you");
            browser.click("#rebalance");
            browser.see("#said", "Rebalanced");
            assertThat(count(browser, "antiseptic-wipe")).isEqualTo(wipes - 1);
            assertThat(browser.all("#tile-hydrocolloid-pad.is-out")).hasSize(1);
            assertThat(browser.text(".balance")).contains("on the mat of 1,100 g", "best possible");
            List<String> onMat = contents(browser, ".tile.is-here", ".tile-name", ".count");

            browser.click(".balance-acts .act");
            browser.type("#kit-name", "Sweep boat roll");
            browser.click("#save-kit");
            browser.see("h1", "Sweep boat roll");
            List<String> saved = contents(browser, ".contents tbody tr", "th", "td strong");
            assertThat(saved).containsExactlyInAnyOrderElementsOf(onMat);
            browser.open(browser.path());
            assertThat(contents(browser, ".contents tbody tr", "th", "td strong"))
                    .isEqualTo(saved);

            String csv = fetch(browser, browser.find(".take a[href$='.csv']").getDomProperty("href"));
            assertThat(csv.lines().count()).isEqualTo(saved.size() + 1);
            assertThat(csv.lines().findFirst())
                    .contains("group,supply,pieces,unit,grams_each,grams,least,module,why,supply_id");

            browser.click(".take .act");
            browser.see("p", "Contents list");
            printsWithTheCautionOnEveryPage(browser.printed(), saved);
            browser.hasQuietConsole();
        }
    }

    /** A click whose answer does not come: what goes on is said, and the page that was there can be kept. */
    @Test
    void waitingSaysWhatGoesOnAndCanBeLeft() {
        try (Browser browser = Browser.on(SampleApp.get(), 1280, 800)) {
            browser.signInToSample();
            browser.open(browser.trip("Seal count") + "/mat");
            browser.run("window.addEventListener('click', e => { if (e.target.closest('a')) e.preventDefault(); })");
            browser.click("a[href$='/mat/curve']");
            browser.see("#working", "Working out the best kit for each of a row of weights");
            browser.click("#leave-work");
            browser.waitUntil("return getComputedStyle(document.querySelector('#working')).display === 'none'");
            assertThat(browser.path()).endsWith("/mat");
        }
    }

    private static void printsWithTheCautionOnEveryPage(byte[] pdf, List<String> contents) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper text = new PDFTextStripper();
            String all = text.getText(document).replaceAll("\\s+", " ");
            assertThat(all).contains("Sweep boat roll", "Contents list").doesNotContain("Sign out");
            // The first words of a name are enough: long names wrap.
            assertThat(contents).allSatisfy(line -> assertThat(all).contains(line.split(" ")[0]));
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(595, within(1f));
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                text.setStartPage(page);
                text.setEndPage(page);
                assertThat(text.getText(document).replaceAll("\\s+", " "))
                        .as("page %d", page)
                        .contains("Not medical advice", "local emergency services");
            }
        }
    }

    private static int count(Browser browser, String supply) {
        return Integer.parseInt(browser.text("#tile-" + supply + " .count"));
    }

    private static List<String> contents(Browser browser, String row, String name, String pieces) {
        browser.find(row);
        String script = """
                return [...document.querySelectorAll('%s')].map(r => r.querySelector('%s').textContent.trim()
                  + ' ' + r.querySelector('%s').textContent.trim().split(' ')[0]).filter(s => !s.endsWith(' 0'))""".formatted(row, name, pieces);
        return ((List<?>) browser.run(script)).stream().map(String::valueOf).toList();
    }

    private static String fetch(Browser browser, String address) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .header("Cookie", browser.cookies())
                .build();
        return HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofString())
                .body();
    }
}
