package hodeon.app.people;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.field;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.journal.UseLog;
import hodeon.core.party.Person;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Who goes on trips: known there by id, written down later, erased everywhere. */
class PeopleOnTripsTest extends PeopleTest {

    @Autowired
    PartyPatients patients;

    private String version(UUID trip) {
        return Long.toString(trips.find(mine.householdId(), trip).version());
    }

    @Test
    void whoIsKnownComesIntoABriefWithOnePress() throws Exception {
        beck();
        String[] brief = with(with(brief("Marrowfjord"), "do", "add-known"), "known", NAME);
        send(mine, "/trips/new", brief)
                .andExpect(field("people[1].name", NAME))
                .andExpect(field("people[1].kilograms", "29"));
    }

    @Test
    void whoWasOnlyTypedOnATripIsOnePersonThereInItsLogAndInThePeopleOnceWrittenDown() throws Exception {
        String[] brief = with(
                with(with(brief("Marrowfjord"), "people[1].name", "Nika Aal"), "people[1].years", "40"),
                "people[1].kilograms",
                "70");
        UUID trip = trip(brief);
        UUID nika = nika(trip);
        String[] renamed = with(with(brief, "people[1].name", "Nika A."), "people[1].id", nika.toString());
        send(mine, "/trips/" + trip + "/brief", with(renamed, "version", "0")).andExpect(status().is3xxRedirection());
        assertThat(nika(trip))
                .as("on one outing another name in the row is a correction")
                .isEqualTo(nika);
        UUID again = trip(with(renamed, "name", "Skerry again"));
        assertThat(nika(again)).as("the same name of the same household").isEqualTo(nika);
        UUID copied = trip(with(with(renamed, "people[1].name", "Olaf"), "name", "A copy"));
        assertThat(nika(copied))
                .as("another name over somebody of other outings")
                .isNotEqualTo(nika);
        open(mine, "/people").andExpect(says("Nika A.", "Marrowfjord, Skerry again", "Olaf"));
        send(mine, "/people/new", "name", "Nika A.", "years", "40", "kilograms", "70")
                .andExpect(redirectedUrl("/people/" + nika));
        open(mine, "/people").andExpect(says("Olaf · A copy")).andExpect(doesNotSay("Nika A. · "));
        send(mine, "/people/" + nika, "version", "0", "name", "Nika Aalen", "years", "40", "kilograms", "70");
        assertThat(trips.find(mine.householdId(), again)
                        .trip()
                        .party()
                        .people()
                        .get(1)
                        .name())
                .isEqualTo("Nika Aalen");
        UUID beck = beck();
        send(mine, "/trips/" + trip + "/brief", with(with(renamed, "people[1].name", NAME), "version", version(trip)))
                .andExpect(status().is3xxRedirection());
        assertThat(nika(trip))
                .as("nobody is dosed by the mass of whoever stood there before")
                .isEqualTo(beck);
    }

    @Test
    void whoWasOnlyTypedIsErasedFromTripsAndLogs() throws Exception {
        UUID trip = trip(with(
                with(with(brief("Marrowfjord"), "people[1].name", "Nika Aal"), "people[1].years", "40"),
                "people[1].kilograms",
                "70"));
        UUID nika = nika(trip);
        log.keep(
                mine.householdId(),
                trip,
                UUID.randomUUID(),
                new UseLog.Line(LocalDate.of(2027, 6, 12), "blister", 1, "Nika Aal's heel"),
                UseLog.Detail.to("Nika Aal", Optional.of(nika)));
        send(mine, "/people/" + nika + "/erase-from-trips").andExpect(redirectedUrl("/people"));
        assertThat(trips.find(mine.householdId(), trip)
                        .trip()
                        .party()
                        .people()
                        .get(1)
                        .name())
                .isEqualTo("Somebody 2");
        assertThat(log.of(mine.householdId(), trip)).allSatisfy(k -> {
            assertThat(k.detail().who()).isEmpty();
            assertThat(k.line().note()).isEqualTo("somebody's heel");
        });
        send(mine, "/people/" + nika + "/erase-from-trips").andExpect(status().isNotFound());
    }

    @Test
    void ofTwoMassesTheOneTakenLaterCounts() throws Exception {
        send(mine, "/people/new", "name", NAME, "years", "9", "kilograms", "29", "weighedOn", "2026-01-10");
        String[] brief = with(
                with(with(brief("Marrowfjord"), "people[1].name", NAME), "people[1].years", "9"),
                "people[1].kilograms",
                "33");
        assertThat(mass(trip(with(brief, "people[1].weighedOn", "2026-03-01")))).isEqualByComparingTo("33");
        assertThat(mass(trip(with(brief, "people[1].weighedOn", "2025-12-01")))).isEqualByComparingTo("29");
    }

    private BigDecimal mass(UUID trip) {
        return patients.of(
                        mine.householdId(),
                        trips.find(mine.householdId(), trip).trip().party().people())
                .get(1)
                .patient()
                .weighed()
                .orElseThrow()
                .kilograms();
    }

    private UUID nika(UUID trip) {
        return trips.find(mine.householdId(), trip)
                .trip()
                .party()
                .people()
                .get(1)
                .id();
    }

    @Test
    void whoIsErasedIsGoneFromTripsLogsAndDrafts() throws Exception {
        UUID id = beck();
        String[] brief = with(
                with(
                        with(with(brief("Marrowfjord"), "people[1].name", NAME), "people[1].years", "9"),
                        "people[1].kilograms",
                        "29"),
                "people[1].conditions",
                "ASTHMA");
        String trip = String.valueOf(send(mine, "/trips/new", brief)
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replace("/odds", "");
        UUID tripId = UUID.fromString(trip.replace("/trips/", ""));
        log.keep(
                mine.householdId(),
                tripId,
                UUID.randomUUID(),
                new UseLog.Line(LocalDate.of(2027, 6, 12), "blister", 1, "on " + NAME + "'s heel"),
                UseLog.Detail.to(NAME, Optional.of(id)));
        send(mine, "/trips/new", with(with(brief, "do", "draft"), "name", "Another"));
        send(mine, "/people/" + id + "/erase", "name", "Quill").andExpect(flash().attributeExists("faults"));
        assertThat(people.all(mine.householdId())).hasSize(1);
        send(mine, "/people/" + id + "/erase", "name", NAME).andExpect(redirectedUrl("/people"));
        open(mine, "/people/" + id).andExpect(status().isNotFound());
        Person left =
                trips.find(mine.householdId(), tripId).trip().party().people().get(1);
        assertThat(left.name()).isEqualTo("Somebody 2");
        assertThat(left.conditions()).isEmpty();
        assertThat(log.of(mine.householdId(), tripId)).allSatisfy(k -> {
            assertThat(k.detail().who()).isEmpty();
            assertThat(k.line().note()).isEqualTo("on somebody's heel");
        });
        open(mine, "/trips/new").andExpect(content().string(not(containsString(NAME))));
    }

    private UUID written(String name) throws Exception {
        String to = String.valueOf(send(mine, "/people/new", "name", name, "years", "30", "kilograms", "60")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        return UUID.fromString(to.replace("/people/", ""));
    }

    /** “An” stands in “stand” and “canvas” as well; only the person is taken out, also where they were called otherwise then. */
    @Test
    void erasingTakesOutExactlyThatPerson() throws Exception {
        UUID an = written("An");
        written("Anneke");
        String[] brief = with(
                with(with(brief("Marrowfjord"), "people[1].name", "An"), "people[1].years", "30"),
                "people[1].kilograms",
                "60");
        brief = with(
                with(with(brief, "people[2].name", "Anneke"), "people[2].years", "30"), "people[2].kilograms", "60");
        UUID tripId = UUID.fromString(String.valueOf(send(mine, "/trips/new", brief)
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replace("/trips/", "")
                .replace("/odds", ""));
        log.keep(
                mine.householdId(),
                tripId,
                UUID.randomUUID(),
                new UseLog.Line(
                        LocalDate.of(2027, 6, 12),
                        "blister",
                        1,
                        "canvas stand fell on An, an odd knock; Anneke helped"),
                UseLog.Detail.to("An", Optional.of(an)));
        // Another name since: the trip and the log still know who it was.
        send(mine, "/people/" + an, "version", "0", "name", "Annika", "years", "30", "kilograms", "60");
        send(mine, "/people/" + an + "/erase", "name", "Annika").andExpect(redirectedUrl("/people"));
        assertThat(trips.find(mine.householdId(), tripId).trip().party().people())
                .extracting(Person::name)
                .containsExactly("Ottilie Brandt", "Somebody 2", "Anneke");
        assertThat(log.of(mine.householdId(), tripId)).allSatisfy(k -> {
            assertThat(k.detail().who()).isEmpty();
            assertThat(k.line().note()).isEqualTo("canvas stand fell on An, an odd knock; Anneke helped");
        });
        UUID again = written("An");
        send(mine, "/people/" + again + "/erase", "name", "An").andExpect(redirectedUrl("/people"));
        assertThat(log.of(mine.householdId(), tripId).getFirst().line().note())
                .isEqualTo("canvas stand fell on somebody, an odd knock; Anneke helped");
        assertThat(people.all(mine.householdId())).hasSize(1);
    }
}
