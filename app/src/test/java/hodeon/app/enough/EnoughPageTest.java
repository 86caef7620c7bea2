package hodeon.app.enough;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.kit.MatService;
import hodeon.app.trip.TripService;
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

    private TripMedicines.Line line(String trip, String product) {
        return answer(trip).lines().stream()
                .filter(l -> l.product().id().equals(product))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void regularMedicineIsCountedForTheTripAndItsDelay() throws Exception {
        String trip = jonas();
        // Twice a day for 3 days and 2 in reserve.
        assertThat(line(trip, "apixaban-5").needs().regular()).isEqualByComparingTo("10");
        open(mine, trip + "/medicines")
                .andExpect(content()
                        .string(allOf(
                                containsString("Jonas Weil 2 a day × (3 + 2) days = 10 tablets"),
                                containsString("rides with the person"),
                                containsString("Ottilie Brandt"))));
        send(mine, "/medicines/rules", "tradition", "BRITISH", "reserve", "4");
        assertThat(line(trip, "apixaban-5").needs().regular()).isEqualByComparingTo("14");
        open(others, trip + "/medicines").andExpect(status().isNotFound());
    }

    @Test
    void whatIsShortGoesOnTheMatPinnedAndStaysThroughARebalance() throws Exception {
        String trip = jonas();
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        send(
                mine,
                trip + "/mat/ban",
                "supply",
                "ibuprofen",
                "version",
                Long.toString(answer(trip).matVersion()));
        send(
                mine,
                trip + "/medicines/pin",
                "supply",
                "paracetamol",
                "pieces",
                "1",
                "version",
                Long.toString(answer(trip).matVersion()));
        TripMedicines.Line line = line(trip, "paracetamol-500");
        // Five hours to care: doses at 0 and 4 h, two tablets each.
        assertThat(line.needs().walkingOut()).isEqualByComparingTo("4");
        assertThat(line.asked()).isGreaterThanOrEqualTo(2);
        assertThat(line.enough()).isFalse();
        send(mine, trip + "/medicines/pin", "supply", "paracetamol", "pieces", "30", "version", "1")
                .andExpect(flash().attribute("said", containsString("changed meanwhile")));
        send(
                mine,
                trip + "/medicines/pin",
                "supply",
                "paracetamol",
                "pieces",
                Integer.toString(line.asked()),
                "version",
                Long.toString(answer(trip).matVersion()));
        assertThat(line(trip, "paracetamol-500").enough()).isTrue();
        send(
                mine,
                trip + "/mat/rebalance",
                "version",
                Long.toString(answer(trip).matVersion()));
        assertThat(mats.onMat(mine.householdId(), trips.find(mine.householdId(), id))
                        .pieces())
                .containsEntry("paracetamol", line.asked());
    }

    @Test
    void whoCannotHaveSomethingIsToldWithWhatTheyCouldHave() throws Exception {
        String trip = jonas();
        send(
                mine,
                trip + "/medicines/pin",
                "supply",
                "ibuprofen",
                "pieces",
                "4",
                "version",
                Long.toString(answer(trip).matVersion()));
        assertThat(answer(trip).cannot()).anySatisfy(c -> {
            assertThat(c.who().person()).isEqualTo("Jonas Weil");
            assertThat(c.supply().id()).isEqualTo("ibuprofen");
            assertThat(c.who().because()).contains("bleeding");
            assertThat(c.who().instead().orElseThrow().id()).isEqualTo("paracetamol");
        });
        open(mine, trip + "/mat?about=ibuprofen")
                .andExpect(content()
                        .string(allOf(
                                containsString("Jonas Weil: Not for Jonas Weil: takes a blood thinner."),
                                containsString("Instead: Paracetamol 500 mg."))));
    }

    @Test
    void bordersAndCabinsAskTheirPapersAndNotesAreKept() throws Exception {
        String trip = jonas("passage", "BORDER");
        open(mine, trip + "/medicines")
                .andExpect(content()
                        .string(allOf(
                                containsString("in its original labelled packaging"),
                                containsString("crosses a border"))));
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
        open(mine, trip + "/medicines")
                .andExpect(content().string(containsString("read 2024-01-02: over a year ago, read it again")));
        open(others, trip("other") + "/medicines").andExpect(status().isNotFound());
        send(mine, trip + "/country-notes", "country", "", "note", "x", "source", "y", "readOn", "soon")
                .andExpect(flash().attributeExists("faults"));
        send(others, "/trips/new", brief("Theirs"));
        String theirs = String.valueOf(send(others, "/trips/new", brief("Theirs too"))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replace("/odds", "");
        open(others, theirs + "/medicines").andExpect(content().string(not(containsString("No codeine"))));
    }

    private String trip(String name) throws Exception {
        return trip(mine, name);
    }

    @Test
    void howLittleIsPackedDoesNotMakeItEnough() throws Exception {
        String trip = jonas();
        pin(trip, "antihistamine-plain", 30);
        TripMedicines.Line plenty = line(trip, "cetirizine-10");
        pin(trip, "antihistamine-plain", 1);
        assertThat(line(trip, "cetirizine-10").needs()).isEqualTo(plenty.needs());
    }

    @Test
    void withoutAnyPainReliefTheMatIsNotEnough() throws Exception {
        String trip = jonas();
        for (TripMedicines.Line l : answer(trip).lines()) {
            if (l.needs().walkingOut().signum() > 0) {
                send(
                        mine,
                        trip + "/mat/ban",
                        "supply",
                        l.supply().orElseThrow().id(),
                        "version",
                        Long.toString(answer(trip).matVersion()));
            }
        }
        assertThat(answer(trip).onMat()).doesNotContainKeys("paracetamol", "ibuprofen");
        assertThat(line(trip, "paracetamol-500").enough()).isFalse();
        open(mine, trip + "/medicines")
                .andExpect(content().string(containsString("Too little on the mat: Paracetamol")));
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
