package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

/** The log on the trail, on a phone, with the server out of reach for a while. */
class TrailJourneyTest {

    /** The pages of the outing are on the device. */
    private static final String KEPT = "return caches.open('hodeon-trail-2').then(c => c.keys())"
            + ".then(k => k.filter(r => r.url.includes('/trips/')).length > 5)";

    private static final String WAITING =
            "return localStorage.getItem(Object.keys(localStorage).find(k => k.startsWith('hodeon-trail-')))";

    private static void note(Browser browser, String problem, String who) {
        browser.click("[data-problem='" + problem + "']");
        browser.click("[data-who='" + who + "']");
        browser.click("#write");
    }

    @Test
    void notesAreWrittenOutOfReachAndSentExactlyOnce() {
        try (Relay line = new Relay(SampleApp.get());
                Browser browser = Browser.on(line::address, 390, 844)) {
            browser.signInTo(OwnHouse.make());
            String trip = browser.tripOn("Seal count", LocalDate.now(ZoneId.systemDefault()));
            browser.open(trip + "/trail");
            browser.see("#trail-state", "Nothing waits");
            browser.waitUntil(KEPT);

            line.cut();
            note(browser, "headache", "Sef Marchetti-Vos");
            note(browser, "motion-sickness", "Priya Anand-Holt");
            browser.see("#trail-state", "2 notes wait on this device: the server is out of reach");
            assertThat(String.valueOf(browser.run(WAITING)))
                    .startsWith("sealed:")
                    .doesNotContain("headache", "Sef");
            browser.open("/doses?trip=" + trip.substring(trip.lastIndexOf('/') + 1));
            browser.click("[data-who='Sef Marchetti-Vos'] summary");
            browser.see("[data-who='Sef Marchetti-Vos'] [data-product='paracetamol-500']", "Not yet: from");
            browser.see(
                    "[data-who='Sef Marchetti-Vos'] [data-product='cetirizine-10']",
                    "But ask first: what was noted here");
            browser.open(trip + "/trail");
            note(browser, "chafe", "Sef Marchetti-Vos");
            browser.see("#trail-state", "3 notes wait");
            browser.click("#trail-waiting li:last-child [data-part='drop']");
            browser.see("#trail-state", "2 notes wait");
            browser.click("#trail-waiting li:first-child [data-part='change']");
            browser.type("#note", "behind the left eye");
            browser.click("#write");
            browser.see("#trail-state", "2 notes wait");
            browser.open("/settings");
            browser.see("h1", "The house is out of reach");
            browser.see("#kept", "On the trail, Seal count");
            browser.open(trip + "/log");
            browser.see("h1", "What happened");
            browser.open(trip + "/odds");
            browser.see("h1", "What could happen");
            browser.open(trip + "/trail");
            browser.see("#trail-state", "2 notes wait");

            line.mend();
            browser.open(trip + "/trail");
            browser.see("#trail-state", "All 2 sent");

            line.loseAnswers();
            note(browser, "chafe", "a stranger");
            browser.see("#trail-state", "1 note waits on this device: the server is out of reach");
            line.mend();
            browser.open(trip + "/trail");
            browser.see("#trail-state", "sent");

            browser.open(trip + "/log");
            assertThat(browser.all("section[aria-labelledby='log-title'] tbody th").stream()
                            .map(e -> e.getText())
                            .sorted())
                    .containsExactly("Chafing or irritated skin", "Headache", "Motion sickness");
            browser.see("tbody", "a stranger");
            browser.see("tbody", "behind the left eye");

            browser.open(trip + "/debrief");
            browser.see("h1", "Debrief");
            browser.fitsItsWidth();
        }
    }

    /** Signed out, nobody opens what waits, not even the page that wrote it; signed in again, its writer does. */
    @Test
    void whatWaitsOpensForItsWriterAlone() {
        try (Browser browser = Browser.on(SampleApp.get(), 390, 844)) {
            browser.signInToSample();
            browser.waitUntil("return hodeonNotes.open().then(() => hodeonNotes.set(hodeonNotes.store('x'),"
                    + " [{ name: 'Headache', who: 'Sef Marchetti-Vos' }])).then(() => true)");
            String store = String.valueOf(browser.run("return hodeonNotes.store('x')"));
            browser.run("document.querySelector('form.out button').click()");
            browser.see("[role='status']", "You are signed out");
            browser.waitUntil("return indexedDB.databases().then(all => !all.some(d => d.name === 'hodeon-keys'))");
            assertThat(String.valueOf(browser.run("return localStorage.getItem('" + store + "')")))
                    .startsWith("sealed:");
            // Somebody who names themselves as the writer has no key.
            assertThat(browser.run("document.body.dataset.member = '" + store.replaceAll("hodeon-trail-(.*)\\.x", "$1")
                            + "'; return hodeonNotes.open().then(() => hodeonNotes.get('" + store + "').length)"))
                    .isEqualTo(0L);
            browser.signInToSample();
            assertThat(browser.run("return hodeonNotes.open().then(() => hodeonNotes.get('" + store + "')[0].who)"))
                    .isEqualTo("Sef Marchetti-Vos");
            browser.run("localStorage.removeItem('" + store + "')");
        }
    }

    /** What to do comes before anything is written down, out of reach too; each press keeps its time, also over a reload. */
    @Test
    void whatToDoIsToldOutOfReachAndEveryPressKeepsItsTime() {
        try (Relay line = new Relay(SampleApp.get());
                Browser browser = Browser.on(line::address, 390, 844)) {
            browser.signInTo(OwnHouse.make());
            String trip = browser.tripOn("Seal count", LocalDate.now(ZoneId.systemDefault()));
            browser.open(trip + "/trail");
            browser.see("#trail-state", "Nothing waits");
            browser.waitUntil(KEPT);
            line.cut();
            browser.open(trip + "/trail");
            browser.click("[data-problem='hot-spot']");
            browser.see("[data-aid='hot-spot'] .aid-has", "Cloth tape, 2.5 cm roll: Sweep boat roll");
            browser.click("[data-problem='anaphylaxis']");
            String now = "[data-aid='anaphylaxis'] ";
            browser.see(now + ".aid-call", "At once, every time");
            browser.see(now + ".aid-has", "of Priya Anand-Holt, left pocket of the life vest");
            browser.click(now + ".aid-line");
            browser.click(now + ".aid-clock");
            browser.see(now + ".aid-clock output", "4:5");
            browser.see(now + ".aid-times", "Second pen may follow");
            browser.fitsItsWidth();

            browser.open(trip + "/trail");
            browser.click("[data-problem='anaphylaxis']");
            browser.see(now + ".aid-times", "Their pen NOW");
            browser.see(now + ".aid-clock output", "4:");
            browser.click(now + "[data-for='CHILD']");
            browser.see(now + ".aid-lines", "A child's own pen first");
            browser.click("[data-who='Priya Anand-Holt']");
            browser.see(now + "[aria-pressed='true'][data-for]", "grown-up");
            browser.click("#write");
            browser.see("#trail-state", "1 note waits on this device");
            browser.gone(now + ".aid-times", "Their pen");

            line.mend();
            browser.open(trip + "/trail");
            browser.see("#trail-state", "sent");
            browser.open(trip + "/log");
            browser.see("tbody", "Second pen may follow");
        }
    }

    /** A line that was ticked for somebody a day ago must not look done for whoever needs it now. */
    @Test
    void whatWasPressedADayAgoIsNotDoneForTheNext() {
        try (Browser browser = Browser.on(SampleApp.get(), 390, 844)) {
            browser.signInToSample();
            browser.open("/aid?problem=choking");
            browser.click(".aid-line");
            browser.see(".aid-times", "Coughing with sound");
            browser.open("/aid?problem=choking");
            browser.see(".aid-times", "Coughing with sound");
            browser.run(
                    "const key = Object.keys(localStorage).find(k => k.startsWith('hodeon-aid-'));"
                            + "localStorage.setItem(key, localStorage.getItem(key).replace(/\"at\":\"\\d{4}/, '\"at\":\"2020'));");
            browser.open("/aid?problem=choking");
            browser.waitUntil("return document.querySelector('.aid-times').hidden"
                    + " && !document.querySelector('.aid-line[aria-pressed=\"true\"]')");
            browser.open("/aid?problem=asthma");
            browser.waitUntil("return document.querySelector('.aid-times').hidden");
        }
    }

    /** The same headache twice within the hour: the second pair of tablets is stopped until somebody says who decided it. */
    @Test
    void aDoseTooManyIsStoppedUntilSomebodySaysWhy() {
        try (Browser browser = Browser.on(SampleApp.get(), 390, 844)) {
            browser.signInTo(OwnHouse.make());
            String trip = browser.tripOn("Seal count", LocalDate.now(ZoneId.systemDefault()));
            browser.open(trip + "/trail");
            browser.see("#trail-state", "Nothing waits");
            for (int time = 0; time < 2; time++) {
                browser.click("[data-problem='headache']");
                browser.click("[data-who='Noor Castellan']");
                browser.see("[data-supply='paracetamol'] output", "2");
                browser.click("#write");
            }
            browser.see("#trail-waiting", "Paracetamol: less than 4 h after the dose of");
            browser.fitsItsWidth();
            browser.type("#trail-waiting [name='over']", "the practice, by radio");
            browser.click("#trail-waiting form button");
            browser.see("#trail-state", "is on the dose clock of Noor Castellan");
            browser.gone("#trail-waiting", "Less than");
        }
    }

    @Test
    void aNoteThatCannotBeTakenIsShownWithTheReasonAndCanBeDiscarded() {
        try (Browser browser = Browser.on(SampleApp.get(), 390, 844)) {
            browser.signInToSample();
            String trip = browser.trip("Seal count");
            browser.open(trip + "/trail");
            browser.see("#trail-state", "Nothing waits");
            browser.run("localStorage.setItem('hodeon-trail-" + trip.replace("/trips/", "")
                    + "', JSON.stringify([{id: crypto.randomUUID(), at: '2020-01-01T10:00', problem: 'blister',"
                    + " name: 'Blister', who: '', used: {}}]))");
            browser.open(trip + "/trail");
            browser.see("#trail-waiting", "It happened on a day of the outing");
            browser.click("#trail-waiting button");
            browser.gone("#trail-waiting", "Blister");
        }
    }
}
