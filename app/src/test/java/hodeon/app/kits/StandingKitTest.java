package hodeon.app.kits;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.stock.StockService;
import hodeon.core.brief.Season;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What a kit that stays is for: a usual week and a time until it is filled up, without dates or a limit, and the list from it. */
class StandingKitTest extends WebTest {

    @Autowired
    TripService trips;

    @Autowired
    ListService lists;

    @Autowired
    StockService stock;

    private static final String[] HOME = {
        "standing.on",
        "yes",
        "standing.refillDays",
        "180",
        "name",
        "Our home",
        "season",
        "ALL_YEAR",
        "hoursToCare",
        "1",
        "stance",
        "HOLD_UNTIL_HELP",
        "legs[0].activity",
        "HOME",
        "legs[0].environment",
        "URBAN",
        "legs[0].days",
        "7",
        "people[0].name",
        "Lumi",
        "people[0].alike",
        "1",
        "people[0].years",
        "38",
        "people[0].kilograms",
        "64",
        "people[0].training",
        "BASIC",
        "people[1].name",
        "Beck",
        "people[1].alike",
        "1",
        "people[1].years",
        "9",
        "people[1].kilograms",
        "29",
        "people[1].training",
        "UNTRAINED"
    };

    private StoredTrip use() {
        return trips.everything(mine.householdId()).stream()
                .filter(t -> t.trip().standing().isPresent())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aHomeIsPlannedWithoutDatesAndItsListHoldsLeastCounts() throws Exception {
        send(mine, "/kits", "name", "Hall cupboard", "list", "advice").andExpect(status().is3xxRedirection());
        UUID list = stock.places(mine.householdId()).getFirst().kitId().orElseThrow();
        open(mine, "/standing/new?list=" + list)
                .andExpect(says("What is the kit for?", "Filled up after, days", "A usual week", "Whoever comes by"))
                .andExpect(doesNotSay("First day", "From a route file"));
        send(mine, "/trips/new", with(HOME, "standing.list", list.toString())).andExpect(status().is3xxRedirection());
        StoredTrip home = use();
        assertThat(home.trip().days()).isEqualTo(180);
        assertThat(home.trip().season()).isEqualTo(Season.ALL_YEAR);
        assertThat(home.trip().limits().massIsLimited()).isFalse();
        for (String page : new String[] {
            "odds",
            "mat",
            "medicines",
            "cards",
            "mat/curve",
            "mat/prune",
            "mat/compare",
            "mat/rehearse",
            "mat/sort",
            "brief"
        }) {
            open(mine, "/trips/" + home.id() + "/" + page).andExpect(status().isOk());
        }
        open(mine, "/trips/" + home.id() + "/odds").andExpect(says("all of it", "filled up a day later"));
        open(mine, "/trips/" + home.id() + "/kit").andExpect(says("The mat holds other things than the list"));
        send(mine, "/trips/" + home.id() + "/kit", "name", "Home list").andExpect(status().is3xxRedirection());
        StoredList written = lists.find(mine.householdId(), list);
        assertThat(written.lines()).hasSizeGreaterThan(15).allSatisfy(l -> {
            assertThat(l.line().least())
                    .as(l.supply().id())
                    .isBetween(1, l.line().target());
        });
        assertThat(written.lines()).anySatisfy(l -> assertThat(l.line().least())
                .isLessThan(l.line().target()));
        UUID kit = stock.places(mine.householdId()).getFirst().id();
        open(mine, "/kits/" + kit).andExpect(says("What for", "Odds", "Mat", "List", "Pack", "Check", "Refill"));
        // It is no outing.
        assertThat(trips.all(mine.householdId())).isEmpty();
        open(mine, "/trips").andExpect(doesNotSay("Our home"));
        open(mine, "/").andExpect(says("Hall cupboard")).andExpect(doesNotSay("Our home"));
    }

    @Test
    void whoeverComesByIsCountedByTheWeek() throws Exception {
        send(
                        mine,
                        "/trips/new",
                        "standing.on",
                        "yes",
                        "standing.refillDays",
                        "90",
                        "standing.visited",
                        "yes",
                        "standing.adults",
                        "20",
                        "standing.children",
                        "30",
                        "standing.training",
                        "BASIC",
                        "name",
                        "Clubhouse",
                        "season",
                        "ALL_YEAR",
                        "hoursToCare",
                        "1",
                        "stance",
                        "FIX_THE_LIKELY",
                        "legs[0].activity",
                        "CHILDREN_OUTING",
                        "legs[0].environment",
                        "TEMPERATE",
                        "legs[0].days",
                        "2",
                        "people[0].name",
                        "",
                        "people[0].alike",
                        "1")
                .andExpect(status().is3xxRedirection());
        StoredTrip club = use();
        assertThat(club.trip().party().size()).isEqualTo(40);
        open(mine, "/trips/" + club.id() + "/brief").andExpect(says("Clubhouse"));
        open(mine, "/trips/" + club.id() + "/odds").andExpect(status().isOk());
        // A box for people whom nobody knows hands out no tablets, says why, and leaves that to whoever answers for
        // them.
        open(mine, "/trips/" + club.id() + "/mat")
                .andExpect(says("Write the list", "No antihistamine: what whoever comes by may not have is not known"));
        open(mine, "/trips/" + club.id() + "/mat?about=paracetamol")
                .andExpect(says("Not for people whom nobody here knows", "Pin it if you hand it out all the same"));
    }

    @Test
    void everyFaultIsToldAtOnce() throws Exception {
        send(
                        mine,
                        "/trips/new",
                        with(
                                with(with(HOME, "standing.refillDays", "900"), "legs[0].days", "8"),
                                "standing.visited",
                                "yes"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        says("7 to 400", "A week has 7 days; “8 days” was given", "Somebody comes by in a usual week"));
        assertThat(trips.everything(mine.householdId())).isEmpty();
    }
}
