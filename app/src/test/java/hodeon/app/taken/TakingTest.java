package hodeon.app.taken;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.people.PeopleService;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.hamcrest.Matchers;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Whoever stands before a kit says what they took, without an account, once, and of that kit alone. */
class TakingTest extends StockTest {

    @Autowired
    KitCodes codes;

    @Autowired
    KitKeeping keeping;

    @Autowired
    ListService lists;

    @Autowired
    PeopleService people;

    private UUID kit;
    private UUID cuts;
    private UUID elsewhere;
    private String code;

    @BeforeEach
    void aKitWithACode() {
        UUID household = mine.householdId();
        kit = stock.addPlace(household, "Clubhouse kit", Place.Kind.KIT, Optional.empty(), Optional.empty());
        cuts = stock.addPlace(household, "Cuts", Place.Kind.MODULE, Optional.of(kit), Optional.empty());
        elsewhere = stock.addPlace(household, "Car kit", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(cuts, "plaster-fabric", 3, "2028-01");
        put(cuts, "plaster-fabric", 9, "2029-01");
        put(elsewhere, "shears", 1, "");
        keeping.describe(
                household, kit, "Clubhouse kit", new Place.Facts("by the oven", "Ottilie", "", Optional.empty()));
        code = codes.make(household, kit);
    }

    private ResultActions take(UUID id, UUID place, String supply, int pieces) throws Exception {
        return web.perform(post("/t/" + code)
                .header("Accept", "text/plain")
                .param("id", id.toString())
                .param("what", place + ":" + supply)
                .param("pieces", String.valueOf(pieces))
                .param("who", "Sef"));
    }

    private int there() {
        return stock.of(mine.householdId()).inKit(kit).stream()
                .mapToInt(h -> h.pieces())
                .sum();
    }

    @Test
    void thePageShowsWhatLiesWhereAndNobodysData() throws Exception {
        web.perform(get("/t/" + code))
                .andExpect(status().isOk())
                .andExpect(says("Clubhouse kit", "Cuts", "I took 1", "what to do first"))
                .andExpect(doesNotSay("Ottilie", "Car kit", "Sign out", mine.getUsername()));
    }

    /** Whoever stands before it finds it by its compartments, in the order in which they are opened. */
    @Test
    void thingsStandByTheCompartmentTheyLieIn() throws Exception {
        put(kit, "gauze-large", 4, "2030-01");
        put(kit, "tourniquet-windlass", 1, "");
        send(mine, "/kits/" + kit + "/pack/shape", "shape", "pouch");
        send(mine, "/kits/" + kit + "/pack/arrange");
        assertThat(Jsoup.parse(web.perform(get("/t/" + code))
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .select(".part h3")
                        .eachText())
                .containsExactly("Loops on the back", "Under the flap", "Cuts, in Under the flap");
    }

    @Test
    void whatIsSaidTwiceCountsOnceAndTheEarliestDateGoesFirst() throws Exception {
        UUID said = UUID.randomUUID();
        take(said, cuts, "plaster-fabric", 4)
                .andExpect(status().isOk())
                .andExpect(content().string("Written down."));
        take(said, cuts, "plaster-fabric", 4).andExpect(status().isOk());
        assertThat(there()).isEqualTo(8);
        assertThat(stock.of(mine.householdId()).inKit(kit)).hasSize(1);
        // Whoever keeps the kit reads who took what, and the ledger knows no name.
        open(mine, "/kits/" + kit + "/code").andExpect(says("Sef"));
        UUID list = lists.save(mine.householdId(), "Clubhouse list", Map.of("plaster-fabric", 12));
        stock.plan(mine.householdId(), kit, Optional.of(list));
        open(mine, "/kits/" + kit).andExpect(says("last taken on", "at the kit"));
        open(mine, "/stock/movements").andExpect(says("at the kit")).andExpect(doesNotSay("Sef"));
    }

    @Test
    void onlyWhatLiesInThisKitCanBeTaken() throws Exception {
        take(UUID.randomUUID(), elsewhere, "shears", 1).andExpect(status().isUnprocessableContent());
        take(UUID.randomUUID(), cuts, "plaster-fabric", 13)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(Matchers.containsString("12")));
        take(UUID.randomUUID(), cuts, "plaster-fabric", 0).andExpect(status().isUnprocessableContent());
        web.perform(post("/t/" + code)
                        .param("id", UUID.randomUUID().toString())
                        .param("what", "x")
                        .param("pieces", "1"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Nothing was written down"));
        assertThat(there()).isEqualTo(12);
    }

    @Test
    void aRevokedOrReplacedCodeOpensNothing() throws Exception {
        String old = code;
        code = codes.make(mine.householdId(), kit);
        web.perform(get("/t/" + old)).andExpect(status().isNotFound());
        send(others, "/kits/" + kit + "/code/revoke").andExpect(status().isNotFound());
        web.perform(get("/t/" + code)).andExpect(status().isOk());
        send(mine, "/kits/" + kit + "/code/revoke");
        take(UUID.randomUUID(), cuts, "plaster-fabric", 1).andExpect(status().isNotFound());
        assertThat(there()).isEqualTo(12);
    }

    @Test
    void withoutALookBeyondThisMachineItSaysSoAndMakesNone() throws Exception {
        codes.revoke(mine.householdId(), kit);
        open(mine, "/kits/" + kit + "/code").andExpect(says("No phone can reach Hodeon yet"));
        send(mine, "/kits/" + kit + "/code");
        assertThat(codes.madeAt(mine.householdId(), kit)).isEmpty();
    }

    @Test
    void listeningIsToldByTheAddress() {
        assertThat(new Listening("127.0.0.1").beyondThisMachine()).isFalse();
        assertThat(new Listening("::1").beyondThisMachine()).isFalse();
        assertThat(new Listening("0.0.0.0").beyondThisMachine()).isTrue();
        assertThat(new Listening("").beyondThisMachine()).isTrue();
        assertThat(new Listening("0.0.0.0").host("boat.local")).isEqualTo("boat.local");
    }

    @Test
    void tooManyAreRefusedForAWhileAndMayBeSentLater() throws Exception {
        for (int i = 0; i < 40; i++) {
            take(UUID.randomUUID(), cuts, "plaster-fabric", 99).andExpect(status().isUnprocessableContent());
        }
        take(UUID.randomUUID(), cuts, "plaster-fabric", 1).andExpect(status().isTooManyRequests());
        assertThat(there()).isEqualTo(12);
    }

    @Test
    void whoIsErasedIsNoLongerNamedHere() throws Exception {
        send(mine, "/people/new", "name", "Sef", "years", "40", "kilograms", "77");
        take(UUID.randomUUID(), cuts, "plaster-fabric", 1).andExpect(status().isOk());
        people.erase(
                mine.householdId(),
                people.named(mine.householdId(), "Sef").orElseThrow().id());
        open(mine, "/kits/" + kit + "/code").andExpect(says("1 plaster")).andExpect(doesNotSay("Sef"));
    }

    @Test
    void aQuotaHoldsUntilItsTimeIsOver() {
        AtomicLong now = new AtomicLong();
        Quota quota = new Quota(2, Duration.ofMinutes(10), now::get);
        assertThat(quota.takes("a")).isTrue();
        assertThat(quota.takes("a")).isTrue();
        assertThat(quota.takes("a")).isFalse();
        assertThat(quota.takes("b")).isTrue();
        now.addAndGet(Duration.ofMinutes(11).toNanos());
        assertThat(quota.takes("a")).isTrue();
    }
}
