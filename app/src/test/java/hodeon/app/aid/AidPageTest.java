package hodeon.app.aid;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.place.Place;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What to do, with the kit that is at hand, by the school that is followed. */
class AidPageTest extends StockTest {

    @Autowired
    ListService lists;

    @Autowired
    FirstAid aid;

    private UUID pouch(String... supplies) throws Exception {
        UUID kit = stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        for (String supply : supplies) {
            put(kit, supply, 2, "");
        }
        return kit;
    }

    @Test
    void aKitSaysWhatItHasForEachLineAndWhatToDoWithoutTheRest() throws Exception {
        UUID pouch = pouch("gauze-roll", "notes");
        UUID module = stock.addPlace(
                mine.householdId(), "Red inner bag", Place.Kind.MODULE, Optional.of(pouch), Optional.empty());
        put(module, "tourniquet-windlass", 2, "");
        open(mine, "/stock/places/" + pouch + "/aid?problem=severe-limb-bleeding")
                .andExpect(status().isOk())
                .andExpect(says(
                        "Turn it until bleeding stops. It hurts: right.",
                        "Windlass tourniquet: 2 tourniquets",
                        "Red inner bag",
                        "makeshift: ",
                        "nothing in this kit to keep hands clean of blood",
                        "Bind hard with torn cloth. Soaked: more on top.",
                        "Never loosen it, never cover it"));
        open(mine, "/stock/places/" + module + "/aid?problem=severe-limb-bleeding")
                .andExpect(says("Windlass tourniquet"));
    }

    @Test
    void withoutAKitNothingIsSaidToBeLacking() throws Exception {
        open(mine, "/aid?problem=severe-limb-bleeding")
                .andExpect(doesNotSay("nothing in this kit to"))
                .andExpect(says("Spurts or soaks on: tourniquet above it, not on a joint."));
        open(mine, "/aid").andExpect(says("Choose what happened"));
    }

    @Test
    void aTripsKitIsTheSavedOneAndBeforeThatTheMat() throws Exception {
        String trip = trip(mine, brief("Skerry ring"));
        open(mine, trip + "/aid?problem=blister").andExpect(says("not packed yet"));
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        UUID kit = lists.save(mine.householdId(), id, "Roll", Map.of("padded-ring", 3));
        UUID roll = stock.addPlace(mine.householdId(), "Roll", Place.Kind.KIT, Optional.empty(), Optional.of(kit));
        put(roll, "padded-ring", 3, "");
        open(mine, trip + "/aid?problem=blister")
                .andExpect(says("Padded ring, felt: 3 rings", "Roll"))
                .andExpect(doesNotSay("not packed yet"));
        open(mine, trip + "/odds?why=blister").andExpect(says("aid?problem=blister"));
        open(mine, trip + "/kit").andExpect(content().string(containsString(trip + "/aid")));
        open(mine, "/kits/" + roll).andExpect(says("/aid"));
    }

    /** The pen is in somebody's pocket, not in the kit: nobody is told that there is none. */
    @Test
    void rescueMedicineThatSomebodyCarriesIsNamedWithWhereItIs() throws Exception {
        String[] brief = with(brief("Skerry ring"), "people[0].rescue", "AUTO_INJECTOR");
        String trip = trip(mine, brief);
        lists.save(mine.householdId(), UUID.fromString(trip.replace("/trips/", "")), "Roll", Map.of("notes", 1));
        open(mine, trip + "/aid?problem=anaphylaxis")
                .andExpect(content()
                        .string(allOf(
                                containsString("Their pen NOW"),
                                containsString("of Ottilie Brandt, on them"),
                                not(containsString("No pen: call NOW")))));
        send(
                mine,
                "/people/new",
                "name",
                "Ottilie Brandt",
                "years",
                "41",
                "kilograms",
                "68",
                "rescue",
                "AUTO_INJECTOR",
                "where[AUTO_INJECTOR]",
                "left pocket of the vest");
        open(mine, trip + "/aid?problem=anaphylaxis").andExpect(says("of Ottilie Brandt, left pocket of the vest"));
    }

    @Test
    void aHouseholdFollowsItsSchoolAndThePageSaysThatOthersExist() throws Exception {
        open(mine, "/aid?problem=drowning")
                .andExpect(content()
                        .string(allOf(
                                containsString("five breaths FIRST"),
                                not(containsString("two breaths FIRST")),
                                containsString("Elsewhere:"),
                                containsString("Two breaths before the first pushes"))));
        send(mine, "/settings/schools", "topic[first-breaths]", "two", "topic[second-pen]", "10");
        open(mine, "/aid?problem=drowning").andExpect(says("two breaths FIRST"));
        open(mine, "/aid?problem=anaphylaxis").andExpect(says("No better after 10 minutes: second pen."));
        open(mine, "/settings/schools").andExpect(says("Taught in North America and elsewhere"));
        assertThat(aid.schools(others.householdId())).isEmpty();
        open(others, "/aid?problem=drowning").andExpect(says("five breaths FIRST"));
    }

    @Test
    void anUnknownSchoolChangesNothingAndSaysSo() throws Exception {
        send(mine, "/settings/schools", "topic[ticks]", "freeze", "topic[choking]", "hope")
                .andExpect(status().is3xxRedirection())
                .andExpect(flash().attribute("fault", containsString("choking: hope")));
        assertThat(aid.schools(mine.householdId())).isEmpty();
    }

    @Test
    void theRegionOfATripSpeaksBeforeTheHousehold() throws Exception {
        send(mine, "/settings/schools", "topic[ticks]", "pull");
        String trip = trip(mine, with(brief("Bush week"), "region", "MEAT_ALLERGY_TICKS"));
        open(mine, trip + "/aid?problem=tick")
                .andExpect(content()
                        .string(allOf(
                                containsString("Do not touch it. Freeze it with the spray."),
                                not(containsString("Pull straight out, slowly. No twist")))));
    }

    @Test
    void decisionsOnTheWayAndHowToUseAreReadBeforeGoing() throws Exception {
        for (String guide : new String[] {
            "turn-back", "lightning", "river-ice", "lost-person", "night-out", "tell-rescuers", "consent", "child-alone"
        }) {
            open(mine, "/aid/guides/" + guide).andExpect(status().isOk()).andExpect(says("Your course, local rules"));
        }
        open(mine, "/aid/supplies").andExpect(says("Windlass tourniquet", "Turn the rod"));
    }

    @Test
    void whatIsNotThereIsNotFoundAndAnotherHouseholdsPlaceNeither() throws Exception {
        UUID pouch = pouch("notes");
        open(others, "/stock/places/" + pouch + "/aid").andExpect(status().isNotFound());
        open(mine, "/aid?problem=hiccups").andExpect(status().isNotFound());
        open(mine, "/aid/guides/luck").andExpect(status().isNotFound());
    }
}
