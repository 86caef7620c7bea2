package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.zone.ZoneOffsetTransition;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Doses are noted and answered on the clock of whoever stands there, wherever the server stands. */
class ZonesTest {

    private static final OwnHouse HOUSE = OwnHouse.make();
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    @ParameterizedTest
    @CsvSource({
        "Asia/Kathmandu, Ottilie Brandt",
        "America/St_Johns, Sef Marchetti-Vos",
        "Pacific/Auckland, Priya Anand-Holt"
    })
    void clockAndTrailShowTheTimeOfThePlaceAndItsName(ZoneId zone, String who) {
        try (Browser browser = Browser.on(SampleApp.get(), 390, 844)) {
            browser.livesIn(zone);
            browser.signInTo(HOUSE);
            // A browser may call the place by an older name.
            String named = String.valueOf(browser.run("return Intl.DateTimeFormat().resolvedOptions().timeZone"));
            String trip = browser.tripOn("Seal count", LocalDate.now(zone));

            browser.open("/people");
            browser.open(browser.linked(who) + "/clock");
            browser.holds("#zone", named);
            LocalDateTime filled = LocalDateTime.parse(String.valueOf(browser.run("return at.value")));
            assertThat(Duration.between(filled, LocalDateTime.now(zone)))
                    .isBetween(Duration.ZERO, Duration.ofMinutes(3));
            browser.choose("#product", "Paracetamol 500 mg tablets");
            browser.type("#units", "2");
            browser.click("#save-dose");
            browser.see("[role='status']", "Noted.");
            browser.see("#doses", filled.toString().replace('T', ' ') + " (" + named + ")");
            String from = CLOCK.format(filled.plusHours(4)) + ", " + named;
            browser.see(".counting", from);

            browser.open(trip + "/trail");
            browser.click("[data-problem='headache']");
            browser.click("[data-who='" + who + "']");
            browser.see("[data-here]", named);
            browser.see("[data-supply='paracetamol'] output", "2");
            browser.click("#write");
            browser.see(
                    "#trail-waiting",
                    "Paracetamol: less than 4 h after the dose of " + CLOCK.format(filled) + ", " + named);
        }
    }

    /** In the hour that comes twice the later moment is meant, so that nobody waits too short. */
    @Test
    void whenClocksGoBackTheLaterMomentIsTaken() {
        ZoneId oslo = ZoneId.of("Europe/Oslo");
        ZonedDateTime later = lastTwice(oslo);
        try (Browser browser = Browser.on(SampleApp.get(), 390, 844)) {
            browser.livesIn(oslo);
            browser.signInTo(HOUSE);
            String trip = browser.tripOn("Seal count", later.toLocalDate());
            browser.open(trip + "/trail");
            browser.click("[data-problem='headache']");
            browser.click("[data-who='Noor Castellan']");
            browser.date("#at", later.toLocalDateTime().toString());
            browser.see("[data-supply='paracetamol'] output", "2");
            browser.click("#write");
            browser.see(
                    "#trail-state",
                    "on the dose clock of Noor Castellan, given Sun 02:30 at UTC" + later.getOffset()
                            + ", Europe/Oslo");
        }
    }

    private static ZonedDateTime lastTwice(ZoneId zone) {
        ZoneOffsetTransition back = Stream.iterate(
                        zone.getRules()
                                .previousTransition(ZonedDateTime.now(zone).toInstant()),
                        t -> zone.getRules().previousTransition(t.getInstant()))
                .filter(ZoneOffsetTransition::isOverlap)
                .findFirst()
                .orElseThrow();
        return ZonedDateTime.of(back.getDateTimeAfter().plusMinutes(30), zone).withLaterOffsetAtOverlap();
    }
}
