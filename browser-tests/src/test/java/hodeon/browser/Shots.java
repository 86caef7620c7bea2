package hodeon.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Writes the pictures of the README from the sample data; run by ./hodeon shots, not with the tests. */
class Shots {

    private final Path folder = Path.of(System.getProperty("hodeon.root"), "docs", "screenshots");

    @Test
    void everyMainView() throws IOException {
        try (App app = App.demo();
                Browser browser = Browser.on(app);
                Browser phone = Browser.on(app, 390, 844)) {
            browser.signInToSample();
            take(browser, "shelf");
            String trip = browser.trip("Skerry ring");
            browser.open(trip + "/brief");
            take(browser, "brief");
            browser.open(trip + "/odds?why=blister");
            take(browser, "odds");
            browser.open(trip + "/mat?about=hydrocolloid-pad");
            browser.find("#mat[data-searching='false']");
            take(browser, "mat");
            browser.open(trip + "/kit");
            browser.type("#kit-name", "Lead boat dry box");
            browser.click("#save-kit");
            browser.see("h1", "Lead boat dry box");
            browser.open("/kits");
            browser.open(browser.linked("Clubhouse kit"));
            take(browser, "kit");
            browser.open(trip + "/mat/curve?point=7");
            take(browser, "curve");
            browser.open(trip + "/mat/carry");
            browser.see("#carry-answer", "apart");
            take(browser, "carry");
            browser.open("/kits");
            browser.open(browser.linked("Deck pouch") + "/pack");
            browser.click("#shape-clamshell");
            browser.click("#arrange");
            browser.see("main", "Arranged");
            take(browser, "pack");
            browser.open(browser.path().replace("/pack", "?seed=12").replace("/kits/", "/practice/"));
            browser.click(".drill-option");
            browser.click("#mark");
            browser.see("main", "asked again");
            take(browser, "practice");
            browser.open(trip + "/aid?problem=anaphylaxis");
            take(browser, "aid");
            browser.open("/stock/timeline");
            take(browser, "timeline");
            browser.open("/restock");
            take(browser, "restock");
            browser.open(browser.trip("Seal count") + "/ready");
            take(browser, "ready");
            browser.open("/people");
            String person = browser.all("#people th a").getFirst().getDomAttribute("href");
            browser.open(person + "/doses");
            take(browser, "doses");
            browser.open(trip + "/medicines");
            take(browser, "medicines");
            browser.open(trip + "/cards?card=prompt");
            take(browser, "cards");
            phone.signInToSample();
            phone.open(phone.trip("Seal count") + "/trail");
            phone.click("[data-problem='anaphylaxis']");
            phone.run("document.querySelector(\"[data-aid='anaphylaxis']\").scrollIntoView({behavior: 'instant'})");
            take(phone, "trail-phone");
            browser.open("/settings/members");
            browser.click("#invite");
            browser.see("main", "opens once");
            take(browser, "members");
            browser.open("/settings/style");
            take(browser, "settings");
        }
    }

    private void take(Browser browser, String name) throws IOException {
        Files.createDirectories(folder);
        Files.write(folder.resolve(name + ".png"), browser.picture());
    }
}
