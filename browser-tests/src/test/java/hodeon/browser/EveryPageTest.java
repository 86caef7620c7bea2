package hodeon.browser;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold on every page: no serious accessibility finding, a quiet console, no sideways scrolling. */
class EveryPageTest {

    private static List<String> pages(Browser browser) {
        String trip = browser.trip("Lantern hut traverse");
        String past = browser.trip("Spring shakedown");
        browser.open(past + "/kit");
        String contents = browser.find(".take .act").getDomAttribute("href");
        return Stream.concat(
                        Stream.of("/", "/trips/new", "/supplies", "/settings", "/nowhere", past + "/kit", contents),
                        Stream.of(
                                        "/brief",
                                        "/odds",
                                        "/odds?why=blister",
                                        "/mat",
                                        "/mat?about=gloves-nitrile",
                                        "/mat/answers",
                                        "/mat/curve",
                                        "/mat/prune?about=hydrocolloid-pad",
                                        "/mat/compare",
                                        "/mat/rehearse",
                                        "/mat/sort",
                                        "/mat/carry",
                                        "/kit",
                                        "/log")
                                .map(page -> trip + page))
                .toList();
    }

    private static void check(Browser browser) {
        browser.hasNoSeriousAccessibilityFinding();
        browser.fitsItsWidth();
        browser.hasQuietConsole();
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void pagesAreAccessibleQuietAndFitTheirWidth(int width) {
        try (Browser browser = Browser.on(SampleApp.get(), width, width == 390 ? 844 : 800)) {
            browser.open("/sign-in");
            check(browser);
            browser.signInToSample();
            for (String page : pages(browser)) {
                browser.open(page);
                check(browser);
            }
        }
    }

    @Test
    void darkPagesKeepTheirContrast() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.pretendDark();
            browser.open("/sign-in");
            check(browser);
            browser.signInToSample();
            for (String page : pages(browser)) {
                browser.open(page);
                browser.hasNoSeriousAccessibilityFinding();
            }
        }
    }

    @Test
    void aPageOfFaultsIsAccessibleToo() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/trips/new");
            browser.click(".save button");
            browser.see("#faults", "things to correct");
            check(browser);
        }
    }
}
