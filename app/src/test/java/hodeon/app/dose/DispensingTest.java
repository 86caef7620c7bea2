package hodeon.app.dose;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.people.PeopleService;
import hodeon.app.stock.place.Place;
import java.util.Optional;
import java.util.UUID;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Medicine handed over by a clinician: only what the gate says, no more than the label lets them take, with a label and a register. */
class DispensingTest extends StockTest {

    @Autowired
    PeopleService people;

    private UUID shelf;
    private UUID sef;
    private UUID baby;
    private UUID doctor;

    @BeforeEach
    void aHouseholdWithAClinician() throws Exception {
        shelf = stock.addPlace(mine.householdId(), "Shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        put(shelf, "paracetamol", 6, "2027-03");
        put(shelf, "paracetamol", 40, "2029-03");
        doctor = person("Ottilie", "44", "68", "CLINICIAN");
        sef = person("Sef", "40", "77", "UNTRAINED");
        baby = person("Pip", "1", "9", "UNTRAINED");
    }

    private UUID person(String name, String years, String kilograms, String training) throws Exception {
        send(mine, "/people/new", "name", name, "years", years, "kilograms", kilograms, "training", training);
        return people.named(mine.householdId(), name).orElseThrow().id();
    }

    private ResultActions hand(UUID whom, String units, UUID by) throws Exception {
        return send(
                mine,
                "/people/" + whom + "/dispense",
                "what",
                "paracetamol-500@" + shelf,
                "units",
                units,
                "by",
                by.toString(),
                "note",
                "with food");
    }

    private int there() {
        return stock.of(mine.householdId()).at(shelf).stream()
                .mapToInt(h -> h.pieces())
                .sum();
    }

    @Test
    void whatIsHandedOverHasALabelALineAndLeavesTheShelf() throws Exception {
        open(mine, "/people/" + sef + "/dispense?what=paracetamol-500@" + shelf)
                .andExpect(says("For them", "Hand it over and print the label"));
        String label =
                String.valueOf(hand(sef, "12", doctor).andReturn().getResponse().getRedirectedUrl());
        open(mine, label)
                .andExpect(
                        says("Sef", "12 tablets", "At once:", "with food", "Handed over by Ottilie", "Register no. 1"))
                .andExpect(says("Good until 2027-03-31"));
        assertThat(there()).isEqualTo(34);
        open(mine, "/dispensed").andExpect(says("Sef", "Paracetamol 500 mg tablets, 12 tablets"));
        open(mine, "/dispensed.csv").andExpect(content().string(Matchers.containsString(",12 tablets,")));
        open(mine, "/stock/movements")
                .andExpect(says("handed over, register no. 1"))
                .andExpect(doesNotSay("Sef"));
        open(others, label).andExpect(status().isNotFound());
        // Who is erased goes out of the register too.
        people.erase(mine.householdId(), sef);
        people.erase(mine.householdId(), doctor);
        open(mine, "/dispensed").andExpect(says("erased")).andExpect(doesNotSay("Sef", "Ottilie"));
    }

    @Test
    void noMoreThanTheLabelLetsThemTakeBeforeTheyAsk() throws Exception {
        hand(sef, "40", doctor)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says(
                        "Nothing was handed over", "Until the label says to ask they may take at most 24 tablets"));
        hand(sef, "none", doctor).andExpect(status().isUnprocessableContent());
        hand(sef, "0", doctor).andExpect(status().isUnprocessableContent());
        assertThat(there()).isEqualTo(46);
    }

    @Test
    void whatTheGateRefusesIsNotHandedOver() throws Exception {
        open(mine, "/people/" + baby + "/dispense?what=paracetamol-500@" + shelf)
                .andExpect(says("Not said:"))
                .andExpect(doesNotSay("Hand it over and print the label"));
        hand(baby, "1", doctor)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("No dose is said for them"));
        assertThat(there()).isEqualTo(46);
    }

    @Test
    void onlyAClinicianHandsOverAndNobodyToThemselves() throws Exception {
        hand(sef, "2", sef).andExpect(status().isUnprocessableContent());
        hand(doctor, "2", doctor)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Nobody hands medicine over to themselves"));
        assertThat(there()).isEqualTo(46);
    }
}
