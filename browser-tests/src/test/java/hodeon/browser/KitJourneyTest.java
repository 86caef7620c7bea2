package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Kits that stand somewhere, without any outing: made, listed, filled, checked, laid in several houses, parted and brought together. */
class KitJourneyTest {

    /** From nothing to checked: a name, a list, things, a round. */
    @Test
    void aHomeKitComesIntoBeingAndIsChecked() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.click(".menu a[href='/kits']");
            browser.type("#name", "Kitchen drawer");
            browser.choose("#list", "a new list, which I write now");
            browser.click("#make-kit");
            browser.see("h1", "What belongs in it: Kitchen drawer list");
            line(browser, 1, "Waterproof plaster", "10", "4");
            line(browser, 2, "Cling film, short roll", "a few", "");
            browser.click("#write-list");
            browser.see("#faults", "“a few” was given");
            line(browser, 2, "Cling film, short roll", "1", "1");
            browser.click("#write-list");
            browser.see("h1", "Kitchen drawer list");
            browser.open(browser.linked("Kitchen drawer"));
            browser.see("#answer", "2 kinds are missing, 2 of them below the least count");

            browser.click("a[href^='/stock/enter?place=Kitchen']");
            browser.type("#supply", "Cling film, short roll");
            browser.type("#pieces", "1");
            browser.click("#enter");
            browser.see("#added", "Cling film");
            browser.open("/kits");
            browser.open(browser.linked("Kitchen drawer"));
            browser.see("#missing", "10 of 10 plasters");
            browser.click("#missing form button");
            browser.see("#answer", "Nothing is missing.");

            browser.click(".take .act");
            browser.click("#begin");
            browser.see("h1", "Kitchen drawer:");
            browser.click("#rest");
            browser.see("#walk", "Every line has an answer.");
            browser.click("#finish");
            browser.see("#report", "Finished");
            browser.open("/kits");
            browser.open(browser.linked("Kitchen drawer"));
            browser.see(".answer", "Last checked on");
            browser.hasQuietConsole();
        }
    }

    /** One list in three houses: changed once, each compares itself, side by side. */
    @Test
    void oneListIsLaidInThreeHouses() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            browser.type("#name", "North house");
            browser.choose("#list", "a new list, which I write now");
            browser.click("#make-kit");
            line(browser, 1, "Nitrile gloves, small hands", "4", "2");
            browser.click("#write-list");
            browser.see("h1", "North house list");
            for (String house : new String[] {"South house", "West house"}) {
                browser.open("/kits");
                browser.type("#name", house);
                browser.choose("#list", "North house list");
                browser.click("#make-kit");
                browser.see("h1", house);
            }
            browser.click("#about summary");
            browser.click("#its-list");
            assertThat(browser.all(".side-by-side thead a")).hasSize(3);
            browser.click("#edit-list");
            browser.type("[aria-label='How many of line 1']", "8");
            browser.type("#because", "two more in each house");
            browser.click("#write-list");
            browser.see(".versions", "8 pairs instead of 4");
            browser.see(".versions", "two more in each house");
            browser.hasQuietConsole();
        }
    }

    /** A module goes along alone for a day, with what lies in it, and comes back. */
    @Test
    void aModuleIsLiftedForADayAndBroughtBack() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            browser.open(browser.linked("Clubhouse kit"));
            String whole = browser.text(".answer strong");
            browser.click("[aria-label='Move Sprains']");
            browser.click("[aria-label='Lift Sprains out']");
            browser.see("[role='status']", "is lifted out");
            browser.see("#away", "by itself");
            assertThat(browser.text(".answer strong")).isNotEqualTo(whole);
            browser.see("#missing", "Instant cold pack");
            browser.open("/kits");
            String module = browser.linked("Sprains");
            browser.open(module);
            browser.see(".answer", "2 kinds");
            browser.open("/kits");
            browser.open(browser.linked("Clubhouse kit"));
            browser.click("[aria-label='Bring Sprains back']");
            browser.see("[role='status']", "is back where it belongs");
            assertThat(browser.text(".answer strong")).isEqualTo(whole);
            browser.hasQuietConsole();
        }
    }

    /** After a day out the tin is filled from the comfort bag, and the shop is only asked for what the bag then lacks. */
    @Test
    void aTinIsFilledFromTheBagAfterUse() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            String tin = browser.linked("Day tin");
            browser.open(tin);
            browser.see("#answer", "Nothing is missing.");
            browser.open(browser.linked("Throat lozenge"));
            browser.type("input[name='pieces']", "2");
            browser.click("button[value='USE']");
            browser.see("main", "Throat lozenge: 2 lozenges used");
            browser.open(tin);
            browser.see("#missing", "2 of 6 lozenges");
            browser.see("#missing", "Take 2 lozenges from Comfort bag");
            browser.click("#missing form button");
            browser.see("#answer", "Nothing is missing.");
            browser.open("/kits");
            browser.open(browser.linked("Comfort bag"));
            browser.see("#missing", "2 of 24 lozenges");
            browser.see("#missing", "On the list to buy");
            browser.hasQuietConsole();
        }
    }

    /** What the kit is for says what belongs in it, without a date or a limit. */
    @Test
    void aUsualWeekMakesTheList() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            browser.type("#name", "Hall cupboard");
            browser.click("#make-kit");
            browser.see("h1", "What is the kit for?");
            browser.type("#name", "The Halla home");
            browser.type("[id='legs0.days']", "7");
            browser.choose("#known", "Beck Halla");
            browser.click("#add-known");
            browser.see("#people", "Beck Halla");
            browser.click(".save .act");
            browser.see("h1", "What could happen");
            browser.click(".strip a[href$='/mat']");
            browser.see(".strip", "The Halla home");
            browser.click(".strip a[href$='/kit']");
            browser.click("#save-kit");
            browser.see("#lay-title", "Laid in Hall cupboard");
            browser.click(".strip a[href^='/kits/']");
            browser.see("h1", "Hall cupboard");
            browser.see("#answer", "are missing");
            browser.hasQuietConsole();
        }
    }

    /** Whoever stands before a kit says what they took, on their own phone, out of reach too, once. */
    @Test
    void whoeverTakesSomethingSaysSoWithoutAnAccount() {
        try (Relay line = new Relay(SampleApp.get());
                Browser keeper = Browser.on(SampleApp.get());
                Browser phone = Browser.on(line::address, 390, 844)) {
            keeper.signInToSample();
            keeper.open("/kits");
            keeper.open(keeper.linked("Clubhouse kit"));
            keeper.click("#took-code");
            keeper.click("#make-code");
            String code = keeper.text("#code-address").replaceAll(".*/t/", "/t/");

            phone.open(code);
            phone.see("h1", "Clubhouse kit");
            phone.waitUntil("return caches.open('hodeon-trail-2').then(c => c.keys())"
                    + ".then(k => k.some(r => r.url.includes('/t/')) && k.length > 5)");
            take(phone, "Fabric plaster", "Sef");
            written(phone);

            line.cut();
            phone.open(code);
            take(phone, "Fabric plaster", "Sef");
            phone.see("#state", "1 kept on this phone");
            line.mend();
            phone.open(code);
            written(phone);

            line.loseAnswers();
            take(phone, "Gauze pad", "Sef");
            phone.see("#state", "1 kept on this phone");
            line.mend();
            phone.open(code);
            written(phone);
            phone.fitsItsWidth();

            keeper.open("/kits");
            keeper.open(keeper.linked("Clubhouse kit"));
            keeper.click("#took-code");
            assertThat(keeper.all("#taken li")).hasSize(3);
            keeper.see("#taken", "Gauze pad, 5 cm: 1 pad, Sef");
            keeper.click("#revoke-code");
            keeper.see("[role='status']", "opens nothing any more");
            phone.open(code);
            phone.see("h1", "Nothing here");
        }
    }

    /** Written down, and the page read anew: a line that is cut while its scripts are still coming leaves one without them. */
    private static void written(Browser phone) {
        phone.see("#state", "It is written down");
        phone.waitUntil("return location.search === '?taken' && document.readyState === 'complete'");
    }

    private static void take(Browser phone, String what, String who) {
        phone.run(
                "[...document.querySelectorAll('.thing')].find(t => t.textContent.includes(arguments[0])).open = true",
                what);
        phone.type(".thing[open] [name='who']", who);
        phone.click(".thing[open] .reason");
        phone.click(".thing[open] .counts button");
    }

    /** A kit as it was bought: its parts come in with their date, what it is for says what is too much, and that is a second kit. */
    @Test
    void aBoughtKitIsAmendedAndSplit() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.signInToSample();
            browser.open("/kits");
            browser.type("#name", "Red bag from the fair");
            browser.choose("#list", "nothing yet, only a place for things");
            browser.click("#make-kit");
            browser.click("#as-bought");
            browser.type("#text", "60 x fabric plaster\n20 antiseptic wipes\n4 x trauma shears\n1 triangular bandage");
            browser.click("#match");
            browser.type("#until", "2029-05");
            browser.click("#confirm");
            browser.see("h1", "What to make of Red bag from the fair");
            browser.click("#what-for");
            browser.type("#name", "Weekend walks");
            browser.choose("#known", "Beck Halla");
            browser.click("#add-known");
            browser.click(".save .act");
            browser.see("h1", "What could happen");
            browser.click(".strip a[href^='/kits/']");
            browser.click("#amend");
            browser.see("#out", "shears");
            browser.type("#second", "Shed tin");
            browser.click("#split");
            browser.see("h1", "Shed tin");
            browser.see("#contents-title ~ .part", "shears");
            browser.see("#answer", "Nothing is missing.");
            browser.hasQuietConsole();
        }
    }

    private static void line(Browser browser, int row, String supply, String target, String least) {
        browser.type("[aria-label='Supply of line " + row + "']", supply);
        browser.type("[aria-label='How many of line " + row + "']", target);
        browser.type("[aria-label='At least of line " + row + "']", least);
    }
}
