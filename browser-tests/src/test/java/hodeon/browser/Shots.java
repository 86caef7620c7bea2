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
            browser.open("/sign-in");
            take(browser, "sign-in");
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
            take(browser, "kit");
            browser.open(trip + "/mat/curve?point=7");
            take(browser, "curve");
            browser.open(trip + "/mat/prune?about=hydrocolloid-pad");
            take(browser, "prune");
            browser.open(trip + "/mat/compare");
            take(browser, "compare");
            browser.open(trip + "/mat/rehearse");
            take(browser, "rehearse");
            browser.open(browser.trip("Spring shakedown") + "/log");
            take(browser, "log");
            browser.open("/supplies?edit=fine-tweezers");
            take(browser, "supplies");
            phone.signInToSample();
            phone.open(trip + "/mat");
            take(phone, "mat-phone");
            browser.pretendDark();
            browser.open(trip + "/mat?about=auto-injector");
            take(browser, "mat-dark");
        }
    }

    private void take(Browser browser, String name) throws IOException {
        Files.createDirectories(folder);
        Files.write(folder.resolve(name + ".png"), browser.picture());
    }
}
