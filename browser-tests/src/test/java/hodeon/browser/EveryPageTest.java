package hodeon.browser;

import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold on every page: no serious accessibility finding, a quiet console, no sideways scrolling. */
@Order(1)
class EveryPageTest {

    private static final int PARTS = 4;

    /** Parts of pages of which the contrast was measured, on a screen by day and on a phone in the dark. */
    private static final Set<String> MEASURED = ConcurrentHashMap.newKeySet();

    private static List<String> pages = List.of();

    /** Looked up once: some of them must be made first. */
    private static synchronized List<String> pages() {
        if (pages.isEmpty()) {
            try (Browser browser = Browser.on(SampleApp.get())) {
                browser.signInToSample();
                pages = pages(browser);
            }
        }
        return pages;
    }

    private static List<String> pages(Browser browser) {
        String trip = browser.trip("Lantern hut traverse");
        String past = browser.trip("Spring shakedown");
        browser.open(past + "/kit");
        String contents = browser.find(".take .act").getDomAttribute("href");
        String packed = browser.trip("Seal count");
        browser.open("/stock");
        String place = browser.find(".places h3 a").getDomAttribute("href");
        String lot = browser.find(".hands a").getDomAttribute("href");
        browser.open("/kits");
        String kit = browser.linked("Clubhouse kit");
        browser.open(kit);
        browser.click("#about summary");
        String list = browser.find("#its-list").getDomAttribute("href");
        browser.open(kit + "/code");
        browser.click("#make-code");
        String code = browser.text("#code-address").replaceAll(".*/t/", "/t/");
        browser.open("/people");
        String person = browser.find("#people th a").getDomAttribute("href");
        browser.open("/stock/checks");
        browser.click("#begin");
        browser.see("h1", ":");
        String round = browser.path();
        return Stream.concat(
                        Stream.of(
                                "/",
                                "/find?q=blister",
                                "/route",
                                "/trips/new",
                                "/supplies",
                                "/problems",
                                "/problems/new",
                                "/help",
                                "/settings",
                                "/settings/members",
                                "/settings/tokens",
                                "/settings/audit",
                                "/account",
                                "/account/second",
                                "/account/confirm",
                                "/households",
                                "/assumptions",
                                "/nowhere",
                                past + "/kit",
                                contents,
                                "/kits",
                                kit,
                                list,
                                list + "/edit",
                                "/standing/new?preset=CLUBHOUSE",
                                kit + "/code",
                                kit + "/use",
                                kit + "/amend",
                                kit + "/bought",
                                kit + "/weigh",
                                kit + "/pack",
                                kit + "/papers",
                                kit + "/others",
                                kit + "/papers?paper=specimen",
                                "/practice",
                                kit.replace("/kits/", "/practice/") + "?seed=7",
                                kit.replace("/kits/", "/practice/") + "/group?seed=7",
                                "/kept",
                                "/trips",
                                code,
                                "/stock",
                                place,
                                lot,
                                round,
                                "/stock/enter",
                                "/stock/enter?code=(17)280200",
                                "/stock/movements",
                                "/stock/timeline",
                                "/stock/timeline?by=PRODUCT&months=60",
                                "/stock/checks",
                                "/stock/rotate",
                                "/stock/heat",
                                "/stock/rules",
                                "/restock",
                                packed + "/ready",
                                packed + "/trail",
                                packed + "/debrief",
                                place + "/aid?problem=anaphylaxis",
                                "/aid",
                                "/aid/guides/lightning",
                                "/aid/supplies",
                                "/settings/schools",
                                "/people",
                                "/people/new",
                                person,
                                person + "/doses?all=true",
                                person + "/clock?product=paracetamol-syrup-120",
                                "/doses",
                                "/medicines",
                                "/medicines/forms",
                                person + "/care",
                                person + "/card",
                                "/house-sheet",
                                person + "/dispense",
                                "/dispensed"),
                        Stream.of(
                                        "/brief",
                                        "/odds",
                                        "/odds?why=blister",
                                        "/mat",
                                        "/mat?about=gloves-nitrile",
                                        "/mat/answers",
                                        "/mat/curve",
                                        "/mat?all=yes&by=volume&zoom=1",
                                        "/mat?problem=blister&zoom=3",
                                        "/odds?grouped=yes&more=yes&longer=yes",
                                        "/mat/prune?about=hydrocolloid-pad",
                                        "/mat/prune/pass",
                                        "/mat/compare",
                                        "/mat/rehearse",
                                        "/mat/module?problem=tick",
                                        "/mat/sort",
                                        "/mat/carry",
                                        "/kit",
                                        "/log",
                                        "/medicines",
                                        "/cards?card=person-" + person.replace("/people/", ""),
                                        "/cards?card=labels-small",
                                        "/cards?card=aid-choking",
                                        "/aid?problem=severe-limb-bleeding")
                                .map(page -> trip + page))
                .toList();
    }

    /** In both widths and both looks, at one visit: a phone shows parts that a screen hides, and they are looked at there. */
    private static void check(Browser browser) {
        browser.hasNoSeriousAccessibilityFinding();
        browser.fitsItsWidth();
        browser.remembersWhatItShows();
        browser.resize(390, 844);
        browser.hasNoSeriousFindingInWhatIsNew();
        browser.fitsItsWidth();
        browser.hasQuietConsole();
        browser.keepsWhatIsNewIn(MEASURED);
        browser.pretendDark();
        browser.hasEnoughContrast();
        browser.pretendLight();
        browser.resize(1280, 800);
        browser.hasEnoughContrast();
    }

    /** The pages in turns, so that both browsers have half of them and a fault names its part. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void pagesAreAccessibleQuietAndFitTheirWidthOnAScreenByDayAndOnAPhoneInTheDark(int part) {
        List<String> pages = pages();
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.open("/sign-in");
            if (part == 0) {
                check(browser);
            }
            browser.signInToSample();
            for (int i = part; i < pages.size(); i += PARTS) {
                browser.open(pages.get(i));
                check(browser);
            }
        }
    }

    @Test
    void aPageOfFaultsIsAccessibleToo() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            // A draft that somebody else left would fill the form.
            browser.signInTo(OwnHouse.make());
            browser.open("/trips/new");
            browser.click(".save button");
            browser.see("#faults", "things to correct");
            check(browser);
        }
    }
}
