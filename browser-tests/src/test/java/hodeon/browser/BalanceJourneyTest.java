package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** The argument over each piece: curve, prune, compare, rehearse, what I have, carry; and the log that moves the odds. */
class BalanceJourneyTest {

    @Test
    void theMatIsArguedOver() throws IOException {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInTo(OwnHouse.make());
            String trip = browser.trip("Lantern hut traverse");
            browser.open(trip + "/mat");
            browser.find("#mat[data-searching='false']");
            assertThat(browser.text(".balance")).contains("best possible");

            browser.click(".ways a[href$='/curve']");
            browser.see("h1", "What each gram buys");
            assertThat(browser.all(".curve-dot")).hasSizeGreaterThanOrEqualTo(12);
            browser.open(trip + "/mat/curve?point=3");
            browser.find("#from option:nth-child(2)").click();
            browser.click("#change-from");
            browser.see("aside", "From the kit of");
            String grams = browser.text(".curve-panel:not([hidden]) .point-grams");
            browser.click(".curve-panel:not([hidden]) .lay");
            browser.see(".balance .grams", grams);

            browser.click(".ways a[href$='/prune']");
            WebElement first = browser.find("tbody tr");
            String least = first.findElement(By.cssSelector("th a")).getText();
            List<Integer> counts = first.findElements(By.cssSelector("td.num")).stream()
                    .limit(2)
                    .map(e -> Integer.parseInt(e.getText().replaceAll("\\D.*", "")))
                    .toList();
            browser.click("tbody tr:first-child button");
            browser.see(".about h2", least);
            browser.see(".about p strong", Integer.toString(counts.getFirst() - counts.getLast()));

            browser.click(".ways a[href$='/answers']");
            browser.click(".answer-row summary");
            browser.see(".answer-row[open]", "To be able to");

            browser.click(".ways a[href$='/compare']");
            browser.choose("#right", "the best there is");
            browser.choose("#right-stance", "fix the likely");
            browser.type("#right-limit", "700");
            browser.click("#compare");
            browser.see(".compare-heads", "Best: fix the likely, 700 g");
            assertThat(browser.all("#different tbody tr")).hasSizeGreaterThan(5);
            browser.choose("#right", "mat of: Skerry ring");
            browser.click("#compare");
            browser.see(".compare-heads", "by its own brief");

            browser.click(".ways a[href$='/rehearse']");
            browser.see("h1", "The outing, rehearsed");
            browser.click("#next-trip");
            browser.see("#sample-title", "Outing number 2");

            browser.click(".ways a[href$='/sort']");
            Path list = Files.createTempFile("shelf", ".csv");
            Files.writeString(list, "20 x fabric plasters\n2 foil blankets\nflux capacitor");
            browser.find("#file").sendKeys(list.toString());
            browser.see("h1", "Which column is what?");
            assertThat(browser.text(".as-lines")).contains("20 x fabric plasters", "flux capacitor");
            Files.delete(list);
            browser.click("#look-over");
            browser.see("h2", "Is that right?");
            assertThat(browser.text("tbody")).contains("not known: search for it, or it is kept aside");
            browser.click("#confirm");
            browser.see("#sorted", "flux capacitor");
            String met = browser.text("#sorted-met");
            browser.type("#take-plaster-fabric", "1");
            browser.press(Keys.TAB);
            browser.gone("#sorted-met", met);
            browser.type("#take-plaster-fabric", "one");
            browser.press(Keys.TAB);
            browser.see("#sorted .alarm", "one");
            assertThat(browser.focusIsOn("#second-plaster-fabric"))
                    .as("an answer that comes while the next number is typed leaves it alone")
                    .isTrue();
            browser.type("#take-plaster-fabric", "1");
            browser.press(Keys.TAB);
            browser.gone("#sorted", "“one”");
            browser.type("#second-name", "Shore tin");
            browser.click("#save-second");
            browser.see("#saved-kit", "the second kit");
            browser.click("#lay-sorted");
            browser.see("#tile-plaster-fabric .count", "1");

            browser.click(".ways a[href$='/carry']");
            browser.see("#carry-answer", "apart");
            browser.click("#carriers summary");
            browser.type("#group-1", "B");
            browser.click("#write-carriers");
            browser.see(".loads", "group B");
            browser.hasQuietConsole();
        }
    }

    @Test
    void aLogMovesTheOddsAndASupplyOfMyOwnComesAlong() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInTo(OwnHouse.make());
            String trip = browser.trip("Skerry ring");
            browser.open(trip + "/odds?why=blister");
            assertThat(browser.text("#why")).contains("Your own log, 1 event in", "moved it from 7.4");
            browser.click("#own-rate summary");
            browser.type("#perThousand", "30");
            browser.click("#keep-rate");
            browser.see("#own-rate summary", "Your own rate is used");
            browser.open(trip + "/log");
            browser.choose("#problem", "Graze");
            browser.type("#note", "Wren, knee");
            browser.click("#add-entry");
            browser.see("tbody", "Wren, knee");
            browser.open("/supplies?edit=fine-tweezers");
            browser.click(".behind summary");
            browser.type("#supply-text", "[shell-pad]\nname = Shell pad\ngroup = feet\nmass = much");
            browser.click("#keep-supply");
            browser.see("#faults", "Line 4: “much” is not a number that fits here.");
            browser.type(
                    "#supply-text",
                    "[shell-pad]\nname = Shell pad\ngroup = feet\nform = pad\npiece = pad\nmass = 0.4\nvolume = 1\n"
                            + "serves = cushion-blister made\nprice = small\npack = 5\n");
            browser.click("#keep-supply");
            browser.see("[role='status']", "Kept.");
            browser.open(trip + "/mat?about=shell-pad");
            browser.see(".about h2", "Shell pad");
            browser.open("/settings/tokens");
            browser.type("#token-name", "Notebook");
            browser.click("[name=scope][value=TRIPS]");
            browser.click("#make-token");
            browser.see("#made-token", "hodeon_");
            browser.hasQuietConsole();
        }
    }
}
