package hodeon.app.readiness;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;

import hodeon.app.StockTest;
import hodeon.app.check.Answer;
import hodeon.app.check.CheckService;
import hodeon.app.kits.list.ListService;
import hodeon.app.mat.MatService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.place.Place;
import hodeon.core.stock.Rhythm;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** A trip's kit from not ready to ready, filled from home, bought, checked; and what is moved before it expires. */
class RestockPageTest extends StockTest {

    private static final Cause CAUSE = Cause.of("ottilie", "");

    @Autowired
    ListService lists;

    @Autowired
    MatService mats;

    @Autowired
    CheckService checks;

    @Autowired
    Clock clock;

    private UUID household;
    private String trip;
    private LocalDate today;
    private UUID pouch;
    private UUID shelf;

    @BeforeEach
    void aKitInAPouch() throws Exception {
        household = mine.householdId();
        today = LocalDate.now(clock);
        String[] soon = with(
                with(brief("Skerry ring"), "start", today.plusDays(10).toString()),
                "end",
                today.plusDays(12).toString());
        trip = String.valueOf(
                        send(mine, "/trips/new", soon).andReturn().getResponse().getRedirectedUrl())
                .replace("/odds", "");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        Map<String, Integer> pieces = Map.of("antiseptic-wipe", 6, "gloves-nitrile", 4, "shears", 1);
        mats.begin(household, id, pieces);
        lists.save(household, id, "Deck pouch", pieces);
        pouch = stock.addPlace(household, "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        shelf = stock.addPlace(household, "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
    }

    private String ready() throws Exception {
        return open(mine, trip + "/ready").andReturn().getResponse().getContentAsString();
    }

    @Test
    void fromNotReadyToReadyOneStepEach() throws Exception {
        assertThat(ready()).contains("it is not said which kit");
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        put(pouch, "antiseptic-wipe", 6, today.plusDays(25).toString());
        put(pouch, "gloves-nitrile", 3, "2030-01");
        put(shelf, "antiseptic-wipe", 20, "2028-01");
        put(shelf, "shears", 1, "");
        assertThat(ready())
                .contains("6 of 6 sachets will not last until " + today.plusDays(26))
                .contains("1 of 4 pairs missing")
                .contains("Move 6 sachets from home")
                .contains("not been looked over yet");
        open(mine, "/").andExpect(says("not ready"));
        send(mine, "/restock/fill").andExpect(flash().attribute("said", containsString("7 pieces")));
        open(mine, "/restock").andExpect(says("To buy: 1 kind")).andExpect(says("1 × usual pack"));
        send(mine, "/restock/tick", "supply", "gloves-nitrile", "bought", "true");
        open(mine, "/restock").andExpect(says("Put it away"));
        send(
                mine,
                "/restock/put-away",
                "supply",
                "gloves-nitrile",
                "place",
                "Shore shelf",
                "pieces",
                "50",
                "until",
                "2029-02",
                "price",
                "0.20");
        send(mine, "/restock/fill");
        open(mine, "/restock").andExpect(says("Nothing is missing")).andExpect(says("10.00"));
        UUID round = checks.start(household, pouch, Rhythm.BEFORE_TRIP, "sef");
        int lines = checks.round(household, round).lines().size();
        for (int i = 0; i < lines; i++) {
            checks.answer(household, round, i, Answer.RIGHT, 0, "", OptionalInt.empty());
        }
        assertThat(checks.finish(household, round, "sef")).isZero();
        assertThat(ready()).contains(">Ready</h1>").doesNotContain("Not ready");
        open(mine, "/").andExpect(says("for Skerry ring: ready"));
        open(others, trip + "/ready").andExpect(doesNotSay("Deck pouch"));
    }

    @Test
    void manyCausesOfOneKindAreOneWithOneAct() throws Exception {
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        Map<String, Integer> many = new HashMap<>();
        List<String> atHome = List.of("shears", "whistle", "thermometer", "fine-tweezers", "marker");
        List<String> nowhere = List.of("triangular-bandage", "gauze-small", "tick-card", "foil-blanket");
        atHome.forEach(s -> many.put(s, 1));
        nowhere.forEach(s -> many.put(s, 2));
        lists.save(household, id, "Deck pouch", many);
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        atHome.forEach(s -> put(shelf, s, 1, ""));
        open(mine, trip + "/ready")
                .andExpect(says("5 of 9 missing kinds lie at home", "Move them all from home"))
                .andExpect(says("4 of 9 missing kinds are to be bought", "See the list to buy", "Whistle: 1 of"));
        send(mine, "/restock/fill", "kit", pouch.toString(), "back", trip + "/ready")
                .andExpect(flash().attribute("said", containsString("5 pieces")));
        assertThat(stock.of(household).inKit(pouch)).hasSize(5);
        open(mine, trip + "/ready").andExpect(says("4 of 4 missing kinds")).andExpect(doesNotSay("lie at home"));
    }

    @Test
    void aBasketIsPutAwayAtOnceAndTheListIsTakenAlong() throws Exception {
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        String csv = open(mine, "/restock/list.csv").andReturn().getResponse().getContentAsString();
        assertThat(csv.lines()).hasSize(4).first().isEqualTo("supply,needed,unit,packs,cost,shop,in_basket,supply_id");
        assertThat(csv).contains("\"Nitrile gloves, pale\",4,pair,1 x usual pack");
        send(mine, "/restock/put-basket-away", "shelf", shelf.toString()).andExpect(flash().attributeExists("faults"));
        send(mine, "/restock/tick", "supply", "gloves-nitrile", "bought", "true");
        send(mine, "/restock/tick", "supply", "antiseptic-wipe", "bought", "true");
        open(mine, "/restock").andExpect(says("Put 2 kinds away"));
        send(mine, "/restock/put-basket-away", "shelf", shelf.toString(), "until", "soon")
                .andExpect(flash().attributeExists("faults"));
        send(mine, "/restock/put-basket-away", "shelf", UUID.randomUUID().toString(), "until", "2031-02")
                .andExpect(flash().attributeExists("faults"));
        assertThat(stock.of(household).held()).isEmpty();
        send(mine, "/restock/put-basket-away", "shelf", shelf.toString(), "until", "2031-02")
                .andExpect(flash().attribute("said", containsString("2 kinds put away")));
        assertThat(stock.of(household).at(shelf)).hasSize(2).allSatisfy(h -> assertThat(String.valueOf(h.lastDay()))
                .contains("2031-02-28"));
        open(mine, "/restock").andExpect(says("0 of 1 in the basket"));
    }

    @Test
    void aPriceListIsTakenOverWholeOrNotAtAll() throws Exception {
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        String good = "supply,name,pieces,price\r\nantiseptic-wipe,ten,10,1.20\r\nantiseptic-wipe,hundred,100,3.00\r\n";
        prices(good).andExpect(flash().attribute("said", containsString("2 prices")));
        open(mine, "/restock").andExpect(says("1 × ten at 1.20"));
        prices(good + "antiseptic-wipe,ten,5,1\r\nnothing,a,1,1\r\nshears,b,0,1\r\nshears,c,1,1.005\r\n")
                .andExpect(flash().attributeExists("faults"));
        open(mine, "/restock").andExpect(says("1 × ten at 1.20"));
        open(mine, "/restock/prices.csv").andExpect(says("antiseptic-wipe,\"hundred\",100,3.00"));
    }

    @Test
    void theListIsPartedByShopAndNamesTheMoney() throws Exception {
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        prices("supply,name,pieces,price,unit,shop\r\nantiseptic-wipe,ten,10,1.20,wipe,Harbour pharmacy\r\n")
                .andExpect(flash().attribute("said", containsString("1 price")));
        send(mine, "/stock/rules", "margin", "14", "grace", "0", "currency", "xyz")
                .andExpect(flash().attributeExists("faults"));
        send(mine, "/stock/rules", "margin", "14", "grace", "0", "currency", "eur");
        open(mine, "/restock")
                .andExpect(says("Harbour pharmacy", "Any shop", "1.20 EUR"))
                .andExpect(doesNotSay("and year"));
        open(mine, "/restock/list.csv").andExpect(content().string(containsString("Harbour pharmacy")));
        open(mine, "/restock/prices.csv").andExpect(content().string(containsString("\"Harbour pharmacy\"")));
    }

    private ResultActions prices(String csv) throws Exception {
        return web.perform(multipart("/restock/prices")
                .file(new MockMultipartFile("file", csv.getBytes(StandardCharsets.UTF_8)))
                .with(user(mine))
                .with(csrf()));
    }

    @Test
    void whatExpiresSoonIsSentWhereItIsUsed() throws Exception {
        UUID calm = stock.addPlace(household, "Car box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(calm, "antiseptic-wipe", 50, today.plusMonths(6).toString());
        UUID late = put(pouch, "antiseptic-wipe", 90, today.plusYears(3).toString());
        ledger.use(household, late, pouch, 40, CAUSE);
        open(mine, "/stock/rotate")
                .andExpect(says("Moving these saves about"))
                .andExpect(says("Deck pouch uses about 40 a year"));
        send(mine, "/stock/rotate").andExpect(flash().attributeExists("said"));
        open(mine, "/stock/rotate").andExpect(says("Everything lies where it should"));
        assertThat(stock.of(household).at(calm))
                .extracting(h -> h.lastDay().getYear())
                .contains(today.plusYears(3).getYear());
        assertThat(stock.of(household).held().stream().mapToInt(h -> h.pieces()).sum())
                .isEqualTo(100);
    }

    @Test
    void whatIsPastItsDateIsThrownOut() throws Exception {
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        put(pouch, "antiseptic-wipe", 6, "2026-01-31");
        open(mine, "/restock").andExpect(says("past its date"));
        open(mine, "/").andExpect(says("1 lot is past its date"));
        send(mine, "/restock/discard-old").andExpect(flash().attribute("said", containsString("1 lot")));
        assertThat(stock.of(household).held()).isEmpty();
    }

    /** Nothing is missing only where something was compared; what was not is named. */
    @Test
    void whatWasNotComparedIsSaid() throws Exception {
        open(mine, "/restock").andExpect(doesNotSay("Nothing is missing"));
        stock.addPlace(others.householdId(), "Old tin", Place.Kind.KIT, Optional.empty(), Optional.empty());
        open(others, "/restock").andExpect(says("Nothing to compare yet")).andExpect(doesNotSay("Nothing is missing"));
        stock.addPlace(mine.householdId(), "Old tin", Place.Kind.KIT, Optional.empty(), Optional.empty());
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        open(mine, "/restock").andExpect(says("no list says what belongs in them: Old tin"));
    }
}
