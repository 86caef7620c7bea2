package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/**
 * Somebody who has never seen it: from the first account to a kit of forty kinds that is listed in their own words, dated, checked and
 * printed. Every press of a button or choice counts, and every save that the page refused.
 */
class FirstHalfHourTest {

    private static final int MOST_CLICKS = 120;

    private static final String MY_KIT = """
            20 fabric plasters exp 06/28
            10 waterproof plasters use by March 2029
            6 gauze pads 5 cm, exp 2029-01
            4 gauze pads 10 cm exp 2029-01
            2 crepe bandages
            1 elastic bandage wide
            1 triangular bandage
            2 rolls zinc oxide tape
            1 roll duct tape
            4 pairs nitrile gloves exp 11/29
            12 alcohol-free antiseptic wipes exp 05/27
            1 saline pod 20 ml exp 2028-02
            1 irrigation syringe
            fine tweezers
            small blunt scissors
            1 tick remover
            6 blister plasters exp 2028-09
            1 sheet moleskin
            1 burn gel sachet exp 2027-08
            cling film
            2 instant cold packs
            16 paracetamol 500 mg exp 04/28
            12 ibuprofen 200 mg exp 2028-03
            10 cetirizine 10 mg exp 2027-12
            6 loperamide 2mg exp 2028-06
            4 oral rehydration sachets exp 2028-01
            1 hydrocortisone cream 1% exp 2027-10
            thermometer
            1 foil blanket
            CPR face shield
            1 pressure dressing exp 2030-05
            1 eye wash 20ml exp 2028-02
            10 safety pins
            headlamp
            notebook and pencil
            1 sunscreen exp 2027-06
            lip balm
            1 hand gel exp 2028-08
            1 finger splint
            whistle
            """;

    @TempDir
    Path data;

    private int clicks;
    private int refused;

    @Test
    void aBlankPageBecomesAPackedListedDatedKit() throws Exception {
        try (App app = App.withData(data);
                Browser browser = Browser.on(app)) {
            browser.open("/");
            browser.type("#household", "Halla house");
            browser.type("#name", "lumi");
            browser.type("#password", "four plain words here");
            browser.type("#again", "four plain words here");
            press(browser, ".act", ".doors", "Where do you want to begin?");
            browser.type("#first-kit", "Hall cupboard");
            press(browser, "#list-kit", "h1", "What lies in Hall cupboard");
            browser.type("#text", MY_KIT);
            press(browser, "#match", "h2", "Is that right?");
            assertThat(browser.all(".looked-over tbody tr")).hasSize(40);
            answered(browser);
            press(browser, "#confirm", "main", "kinds lie in it now");

            press(browser, "main a[href^='/kits/']", "#answer", "Nothing is missing.");
            browser.see(".answer", "First to expire: Non-alcohol antiseptic wipe, 2027-05-31");
            press(browser, ".take .act", "#begin", "Begin");
            press(browser, "#begin", "h1", "Hall cupboard:");
            press(browser, "#rest", "#walk", "Every line has an answer.");
            press(browser, "#finish", "#report", "Finished");

            press(browser, ".menu a[href='/kits']", "h1", "Your kits");
            browser.open(browser.linked("Hall cupboard"));
            clicks++;
            browser.see(".answer", "Last checked on");
            clicks++;
            try (var paper = Loader.loadPDF(browser.printed())) {
                assertThat(new PDFTextStripper().getText(paper))
                        .contains("Fabric plaster", "20 plasters", "2028-06-30");
            }
            browser.hasQuietConsole();
        }
        System.out.println("First half hour: " + clicks + " clicks, " + refused + " refused saves.");
        assertThat(refused).as("saves refused").isZero();
        assertThat(clicks).as("clicks").isLessThanOrEqualTo(MOST_CLICKS);
    }

    /** What may be several things is said, each with a press on the list and one on the first of its lines. */
    private void answered(Browser browser) {
        List<WebElement> unsure = browser.all("tr.unsure select");
        assertThat(unsure).as("lines that are asked").hasSizeLessThanOrEqualTo(8);
        for (WebElement select : unsure) {
            select.click();
            select.sendKeys(Keys.ARROW_DOWN, Keys.ENTER);
            clicks += 2;
        }
    }

    private void press(Browser browser, String button, String where, String then) {
        browser.click(button);
        clicks++;
        try {
            browser.see(where, then);
        } catch (AssertionError e) {
            refused += browser.all(".alarm[role='alert']").size();
            throw e;
        }
    }
}
