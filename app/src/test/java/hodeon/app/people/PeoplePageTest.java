package hodeon.app.people;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.field;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.brief.TripService;
import hodeon.app.journal.UseLog;
import hodeon.core.party.Person;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class PeoplePageTest extends WebTest {

    static final String NAME = "Quillonwave Ferrymander";

    static final String[] BECK = {
        "name",
        NAME,
        "born",
        "2017-03-09",
        "kilograms",
        "29",
        "weighedOn",
        "2026-11-01",
        "training",
        "UNTRAINED",
        "allergies",
        "NSAID",
        "conditions",
        "ASTHMA",
        "rescue",
        "RELIEVER_INHALER",
        "where-RELIEVER_INHALER",
        "Hollowpine pocket",
        "regular[0].product",
        "cetirizine-syrup",
        "regular[0].units",
        "5",
        "regular[0].times",
        "8:00 20:00",
        "direction[0].ingredient",
        "paracetamol",
        "direction[0].perKilogram",
        "15",
        "direction[0].most",
        "500",
        "direction[0].hours",
        "6",
        "direction[0].day",
        "1740",
        "direction[0].by",
        "the harbour practice",
        "direction[0].on",
        "2026-05-02",
        "contact[0].name",
        "Zephyrine Oldbank",
        "contact[0].phone",
        "0000 555 0199",
        "notes",
        "Afraid of Thunderspoons."
    };

    @Autowired
    PartyPatients patients;

    @Autowired
    PeopleService people;

    @Autowired
    TripService trips;

    @Autowired
    UseLog log;

    private UUID beck() throws Exception {
        String to = send(mine, "/people/new", BECK)
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return UUID.fromString(String.valueOf(to).replace("/people/", ""));
    }

    @Test
    void somebodyIsWrittenDownOnceAndForTheHouseholdAlone() throws Exception {
        UUID id = beck();
        open(mine, "/people/" + id)
                .andExpect(content()
                        .string(allOf(
                                containsString("value=\"Hollowpine pocket\""),
                                containsString("value=\"08:00 20:00\""),
                                containsString("Afraid of Thunderspoons."))));
        open(mine, "/people").andExpect(says("reliever inhaler: Hollowpine pocket"));
        send(mine, "/people/new", BECK)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Every person has a name of their own"));
        open(others, "/people").andExpect(content().string(not(containsString(NAME))));
        for (String page : List.of("", "/data.json", "/doses", "/clock")) {
            open(others, "/people/" + id + page).andExpect(status().isNotFound());
        }
        send(others, "/people/" + id, BECK).andExpect(status().isNotFound());
        send(others, "/people/" + id + "/erase", "name", NAME).andExpect(status().isNotFound());
    }

    @Test
    void whoLookedIsKeptAndEverythingCanBeTakenOut() throws Exception {
        UUID id = beck();
        open(mine, "/people/" + id);
        assertThat(people.views(mine.householdId(), id, 10))
                .map(v -> v.by() + " " + v.what())
                .containsExactly(mine.getUsername() + " page");
        open(mine, "/people/" + id + "/data.json")
                .andExpect(says("Zephyrine Oldbank", "the harbour practice", "\"export\""));
    }

    @Test
    void everyFaultIsToldAndNothingTypedIsLost() throws Exception {
        String[] typed = with(
                with(
                        with(
                                with(
                                        with(with(BECK, "born", "9 March"), "kilograms", "400"),
                                        "regular[0].times",
                                        "noon"),
                                "direction[0].day",
                                "100"),
                        "contact[0].phone",
                        ""),
                "conditions",
                "BRAVE");
        send(mine, "/people/new", typed)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(
                                containsString("is a day from 19"),
                                containsString("The body mass is from 0.5 to 300 kg"),
                                containsString("“noon” was given"),
                                containsString("The most in 24 h is at least the most at once"),
                                containsString("A telephone number has 1 to 80 characters"),
                                containsString("is one of the choices on the list"),
                                containsString("value=\"noon\""),
                                containsString("Afraid of Thunderspoons."))));
        assertThat(people.all(mine.householdId())).isEmpty();
    }

    /** A baby's months, what exactly they react to, and a direction with all that it was written with. */
    @Test
    void everythingThatDosesHangOnComesBackAsItWasTyped() throws Exception {
        String[] tam = {
            "name", "Tam Halla",
            "years", "18 m",
            "kilograms", "10.5",
            "weighedOn", "2026-10-02",
            "reactsTo", "Tylenoid, salbutamol",
            "conditions", "G6PD",
            "conditions", "EPILEPSY",
            "direction[0].ingredient", "ibuprofen",
            "direction[0].form", "SYRUP",
            "direction[0].perKilogram", "5",
            "direction[0].perKilogramADay", "20",
            "direction[0].most", "50",
            "direction[0].hours", "7.5",
            "direction[0].day", "200",
            "direction[0].from", "13 m",
            "direction[0].to", "3",
            "direction[0].ceilings", "watched on the ward",
            "direction[0].by", "the harbour practice",
            "direction[0].on", "2026-10-02"
        };
        String to = String.valueOf(
                send(mine, "/people/new", tam).andReturn().getResponse().getRedirectedUrl());
        String page = open(mine, to).andReturn().getResponse().getContentAsString();
        assertThat(page)
                .contains(
                        "value=\"18 m\"",
                        "Tylenoid",
                        "salbutamol",
                        "value=\"7.5\"",
                        "value=\"20\"",
                        "value=\"13 m\"",
                        "value=\"3\"",
                        "watched on the ward")
                .containsPattern("value=\"SYRUP\"[^>]*selected")
                .containsPattern("value=\"G6PD[A-Z_]*\"[^>]*checked")
                .containsPattern("value=\"EPILEPSY\"[^>]*checked");
        send(mine, "/people/new", with(with(tam, "name", "Tem"), "direction[0].to", "6 m"))
                .andExpect(says("lies above the one from which it does"));
        send(mine, "/people/new", with(with(tam, "name", "Tem"), "years", "18 weeks"))
                .andExpect(says("or in months like “18 m”"));
        assertThat(people.all(mine.householdId())).hasSize(1);
    }

    @Test
    void twoWhoChangeOnePersonAreToldAndNothingIsLost() throws Exception {
        UUID id = beck();
        send(mine, "/people/" + id, with(with(BECK, "version", "0"), "kilograms", "30"))
                .andExpect(redirectedUrl("/people/" + id));
        send(mine, "/people/" + id, with(with(BECK, "version", "0"), "kilograms", "31"))
                .andExpect(status().isConflict())
                .andExpect(content()
                        .string(allOf(containsString("Somebody else has changed"), containsString("value=\"31\""))));
        assertThat(people.find(mine.householdId(), id).profile().kilograms()).hasToString("30");
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
                .as("on one trip another name in the row is a correction")
                .isEqualTo(nika);
        UUID again = trip(with(renamed, "name", "Skerry again"));
        assertThat(nika(again)).as("the same name of the same household").isEqualTo(nika);
        UUID copied = trip(with(with(renamed, "people[1].name", "Olaf"), "name", "A copy"));
        assertThat(nika(copied)).as("another name over somebody of other trips").isNotEqualTo(nika);
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
                about("Nika Aal", Optional.of(nika)));
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

    private String version(UUID trip) {
        return Long.toString(trips.find(mine.householdId(), trip).version());
    }

    private UUID nika(UUID trip) {
        return trips.find(mine.householdId(), trip)
                .trip()
                .party()
                .people()
                .get(1)
                .id();
    }

    private UUID trip(String[] brief) throws Exception {
        return UUID.fromString(String.valueOf(send(mine, "/trips/new", brief)
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replaceAll("/trips/|/odds", ""));
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
                about(NAME, Optional.of(id)));
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
                about("An", Optional.of(an)));
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

    /** What a note of the log says beside what happened: to whom. */
    static UseLog.Detail about(String who, Optional<UUID> person) {
        return new UseLog.Detail(
                Optional.empty(),
                "",
                who,
                person,
                "",
                Map.of(),
                Optional.empty(),
                "",
                false,
                OptionalInt.empty(),
                List.of());
    }
}
