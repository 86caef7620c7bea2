package hodeon.app.medicine;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.brief.TripService;
import hodeon.app.mat.MatService;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.amount.AsNeeded;
import hodeon.core.medication.amount.RegularMedicine;
import hodeon.core.medication.amount.WalkingOut;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class EnoughPageTest extends WebTest {

    @Autowired
    TripMedicines medicines;

    @Autowired
    TripService trips;

    @Autowired
    MatService mats;

    private String jonas(String... more) throws Exception {
        send(
                mine,
                "/people/new",
                "name",
                "Jonas Weil",
                "years",
                "63",
                "kilograms",
                "82",
                "conditions",
                "BLOOD_THINNER",
                "regular[0].product",
                "apixaban-5",
                "regular[0].units",
                "1",
                "regular[0].times",
                "08:00 20:00");
        String[] brief = with(
                with(with(brief("Skerry ring"), "people[1].name", "Jonas Weil"), "people[1].years", "63"),
                "people[1].kilograms",
                "82");
        for (int i = 0; i < more.length; i += 2) {
            brief = with(brief, more[i], more[i + 1]);
        }
        String to = send(mine, "/trips/new", brief).andReturn().getResponse().getRedirectedUrl();
        return String.valueOf(to).replace("/odds", "");
    }

    private TripMedicines.Answer answer(String trip) {
        return medicines.of(
                mine.householdId(), trips.find(mine.householdId(), UUID.fromString(trip.replace("/trips/", ""))));
    }

    private RegularMedicine apixaban(String trip) {
        return answer(trip).demand().regular().stream()
                .filter(r -> r.product().id().equals("apixaban-5"))
                .findFirst()
                .orElseThrow();
    }

    private AsNeeded pool(String trip, String supply) {
        return answer(trip).demand().asNeeded().stream()
                .filter(a -> a.pool().supplies().stream().anyMatch(s -> s.id().equals(supply)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void regularMedicineIsCountedForTheTripAndItsDelay() throws Exception {
        String trip = jonas();
        // Twice a day for 3 days and 2 in reserve.
        assertThat(apixaban(trip).units()).isEqualByComparingTo("10");
        open(mine, trip + "/medicines")
                .andExpect(says(
                        "Jonas Weil 2 a day × (3 + 2) days = 10 tablets", "rides with the person", "Ottilie Brandt"));
        send(mine, "/medicines/rules", "tradition", "BRITISH", "reserve", "4");
        assertThat(apixaban(trip).units()).isEqualByComparingTo("14");
        open(others, trip + "/medicines").andExpect(status().isNotFound());
    }

    @Test
    void whatIsShortGoesOnTheMatPinnedAndStaysThroughARebalance() throws Exception {
        String trip = jonas();
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        ban(trip, "ibuprofen");
        pin(trip, "paracetamol", 1);
        AsNeeded pain = pool(trip, "paracetamol");
        // Five hours to care: doses at 0 and 4 h, two tablets each.
        assertThat(pain.reserve().orElseThrow().units()).isEqualByComparingTo("4");
        assertThat(pain.untreated()).extracting(WalkingOut::casualty).contains("Jonas Weil", "Ottilie Brandt");
        assertThat(pain.enough()).isFalse();
        send(mine, trip + "/medicines/pin", "supply", "paracetamol", "pieces", "30", "version", "1")
                .andExpect(flash().attribute("said", containsString("changed meanwhile")));
        AsNeeded now = pain;
        for (int press = 0; !now.enough(); press++) {
            assertThat(press).as("presses until it is enough").isLessThan(3);
            AsNeeded.Fix fix = now.fix().orElseThrow();
            pin(
                    trip,
                    fix.supply().id(),
                    answer(trip).onMat().getOrDefault(fix.supply().id(), 0) + fix.more());
            now = pool(trip, "paracetamol");
        }
        Map<String, Integer> pinned = answer(trip).onMat();
        send(
                mine,
                trip + "/mat/rebalance",
                "version",
                Long.toString(answer(trip).matVersion()));
        assertThat(mats.onMat(mine.householdId(), trips.find(mine.householdId(), id))
                        .pieces())
                .containsEntry("paracetamol", pinned.get("paracetamol"));
    }

    /** Whoever may not have the one is treated with the other, and of that there must be enough. */
    @Test
    void walkingOutIsReckonedForEachWithWhatTheyMayHave() throws Exception {
        String trip = jonas();
        ban(trip, "paracetamol");
        pin(trip, "ibuprofen", 30);
        AsNeeded pain = pool(trip, "ibuprofen");
        assertThat(pain.untreated()).singleElement().satisfies(w -> {
            assertThat(w.casualty()).isEqualTo("Jonas Weil");
            assertThat(w.supply().id()).isEqualTo("paracetamol");
        });
        assertThat(pain.fix().orElseThrow().supply().id()).isEqualTo("paracetamol");
        open(mine, trip + "/medicines")
                .andExpect(
                        says("for Jonas Weil that is 4 tablets, Paracetamol 500 mg tablets: of 4 tablets none there"));
    }

    @Test
    void whoCannotHaveSomethingIsToldWithWhatTheyCouldHave() throws Exception {
        String trip = jonas();
        pin(trip, "ibuprofen", 4);
        assertThat(answer(trip).cannot()).anySatisfy(c -> {
            assertThat(c.who().person()).isEqualTo("Jonas Weil");
            assertThat(c.supply().id()).isEqualTo("ibuprofen");
            assertThat(c.who().because()).contains("bleeding");
            assertThat(c.who().instead().orElseThrow().id()).isEqualTo("paracetamol");
        });
        open(mine, trip + "/mat?about=ibuprofen")
                .andExpect(
                        says("Jonas Weil: Not for Jonas Weil: takes a blood thinner.", "Instead: Paracetamol 500 mg."));
    }

    @Test
    void bordersAndCabinsAskTheirPapersAndNotesAreKept() throws Exception {
        String trip = jonas("passage", "BORDER");
        open(mine, trip + "/medicines").andExpect(says("in its original labelled packaging", "crosses a border"));
        send(
                mine,
                trip + "/country-notes",
                "country",
                "Alderholm",
                "note",
                "No codeine",
                "source",
                "its embassy's page",
                "readOn",
                "2024-01-02");
        open(mine, trip + "/medicines").andExpect(says("read 2024-01-02: over a year ago, read it again"));
        open(others, trip("other") + "/medicines").andExpect(status().isNotFound());
        send(mine, trip + "/country-notes", "country", "", "note", "x", "source", "y", "readOn", "soon")
                .andExpect(flash().attributeExists("faults"));
        send(others, "/trips/new", brief("Theirs"));
        String theirs = String.valueOf(send(others, "/trips/new", brief("Theirs too"))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replace("/odds", "");
        open(others, theirs + "/medicines").andExpect(doesNotSay("No codeine"));
    }

    private String trip(String name) throws Exception {
        return trip(mine, name);
    }

    @Test
    void howLittleIsPackedDoesNotMakeItEnough() throws Exception {
        String trip = jonas();
        pin(trip, "antihistamine-plain", 30);
        AsNeeded plenty = pool(trip, "antihistamine-plain");
        pin(trip, "antihistamine-plain", 1);
        AsNeeded little = pool(trip, "antihistamine-plain");
        assertThat(little.asked()).isEqualTo(plenty.asked());
        // What is as good counts for it: both are one pool.
        assertThat(little.pool().supplies()).extracting(Supply::id).contains("antihistamine-drowsy");
    }

    /** Somebody for whom no label speaks is not passed over in silence. */
    @Test
    void forWhomNoPainReliefIsSaidIsTold() throws Exception {
        assertThat(answer(jonas()).demand().withoutRelief()).isEmpty();
        String trip = jonas("people[1].name", "Pip Weil", "people[1].years", "0", "people[1].kilograms", "4");
        assertThat(answer(trip).demand().withoutRelief()).containsExactly("Pip Weil");
        open(mine, trip + "/medicines")
                .andExpect(content().string(containsString("No pain relief is said for <strong>Pip Weil</strong>")));
    }

    @Test
    void withoutAnyPainReliefTheMatIsNotEnough() throws Exception {
        String trip = jonas();
        ban(trip, "paracetamol");
        ban(trip, "ibuprofen");
        ban(trip, "aspirin");
        assertThat(answer(trip).onMat()).doesNotContainKeys("paracetamol", "ibuprofen");
        assertThat(pool(trip, "paracetamol").enough()).isFalse();
        open(mine, trip + "/medicines").andExpect(says("Too little on the mat: ", "nothing for it on the mat"));
    }

    private void ban(String trip, String supply) throws Exception {
        send(
                mine,
                trip + "/mat/ban",
                "supply",
                supply,
                "version",
                Long.toString(answer(trip).matVersion()));
    }

    private void pin(String trip, String supply, int pieces) throws Exception {
        send(
                mine,
                trip + "/medicines/pin",
                "supply",
                supply,
                "pieces",
                Integer.toString(pieces),
                "version",
                Long.toString(answer(trip).matVersion()));
    }
}
