package hodeon.app.journal;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.field;
import static hodeon.app.PageText.noField;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.household.Member;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.place.Place;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

class TrailPageTest extends StockTest {

    @Autowired
    UseLog log;

    @Autowired
    ListService lists;

    private static final LocalDate TODAY = LocalDate.now(ZoneId.systemDefault());
    private static final LocalDate YESTERDAY = TODAY.minusDays(1);

    private String trip;
    private UUID id;

    @BeforeEach
    void aTripWithItsKit() throws Exception {
        // Under way since the day before yesterday: nothing is noted for a day that has not come.
        trip = trip(mine, brief("Skerry ring", TODAY.minusDays(2), TODAY));
        id = UUID.fromString(trip.replace("/trips/", ""));
        UUID kit = lists.save(
                mine.householdId(), id, "Deck pouch", Map.of("hydrocolloid-pad", 5, "povidone-bottle", 2, "shears", 1));
        UUID pouch =
                stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.of(kit));
        put(pouch, "hydrocolloid-pad", 2, "2027-09");
        put(pouch, "hydrocolloid-pad", 3, "2029-09");
        put(pouch, "povidone-bottle", 2, "2029-09");
        put(pouch, "shears", 1, "");
    }

    private ResultActions note(Member member, String json) throws Exception {
        return web.perform(post(trip + "/trail")
                .with(user(member))
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.replace("YESTERDAY", YESTERDAY.toString())));
    }

    private static String blister(UUID entry) {
        return """
                {"id":"%s","at":"YESTERDAYT10:20","problem":"blister","who":"Ottilie Brandt",
                 "used":{"hydrocolloid-pad":3},"place":"second skerry","note":"left heel"}""".formatted(entry);
    }

    @Test
    void thePageOffersWhatTheKitHoldsForEachProblem() throws Exception {
        open(mine, trip + "/trail")
                .andExpect(content().string(containsString("data-problem=\"blister\"")))
                .andExpect(content().string(containsString("hydrocolloid-pad=1")))
                .andExpect(content().string(containsString("data-about=\"tick\"")))
                .andExpect(says("Ottilie Brandt"));
        open(mine, trip + "/trail/token").andExpect(says("X-CSRF-TOKEN"));
    }

    @Test
    void aNoteIsKeptOnceHoweverOftenItIsSent() throws Exception {
        UUID entry = UUID.randomUUID();
        note(mine, blister(entry)).andExpect(status().isCreated());
        note(mine, blister(entry)).andExpect(status().isOk());
        assertThat(log.of(mine.householdId(), id)).singleElement().satisfies(k -> {
            assertThat(k.detail().used()).isEqualTo(Map.of("hydrocolloid-pad", 3));
            assertThat(k.detail().place()).isEqualTo("second skerry");
        });
        open(mine, trip + "/log")
                .andExpect(says("Hydrocolloid blister pad: 3 pads"))
                .andExpect(content().string(containsString(YESTERDAY + " 10:20")));
    }

    @Test
    void thePageSaysWhatToDoBeforeAnythingIsWrittenDown() throws Exception {
        open(mine, trip + "/trail")
                .andExpect(content()
                        .string(allOf(
                                containsString("data-aid=\"blister\""),
                                containsString("data-aid=\"not-breathing\""),
                                containsString("Hydrocolloid blister pad: 5 pads"),
                                containsString("Deck pouch"),
                                containsString("data-casualty=\"ADULT\""))));
    }

    /** Each press is a time; it stands in the log and on the form for those who take over. */
    @Test
    void theTimesOfAllPressesAreKeptInTheirOrder() throws Exception {
        String pressed = """
                {"id":"%s","at":"YESTERDAYT10:20","zone":"Europe/Oslo","problem":"severe-limb-bleeding","moments":[
                 {"at":"YESTERDAYT10:20:31","what":"Press NOW"},{"at":"YESTERDAYT10:22:05","what":"Tourniquet on since"}]}""";
        note(mine, pressed.formatted(UUID.randomUUID())).andExpect(status().isCreated());
        assertThat(log.of(mine.householdId(), id).getFirst().detail().moments())
                .containsExactly(
                        new UseLog.Moment(YESTERDAY.atTime(10, 20, 31), "Press NOW"),
                        new UseLog.Moment(YESTERDAY.atTime(10, 22, 5), "Tourniquet on since"));
        open(mine, trip + "/log")
                .andExpect(says("done: 10:20:31 Press NOW, 10:22:05 Tourniquet on since (Europe/Oslo)"));
        open(mine, trip + "/cards?card=incident").andExpect(says("10:22:05 Tourniquet on since (Europe/Oslo)"));
        note(mine, pressed.formatted(UUID.randomUUID()).replace("YESTERDAYT10:22:05", "soon"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Write it like 2027-06-12T10:20:31"));
    }

    private static String headache(UUID entry, String at, String more) {
        return """
                {"id":"%s","at":"%sT%s","zone":"Europe/Oslo","problem":"headache","who":"Ottilie Brandt",
                 "used":{"paracetamol":2,"hydrocolloid-pad":1}%s}""".formatted(entry, YESTERDAY, at, more);
    }

    /** What the log says was swallowed counts on the clock; one too many goes only with a reason. */
    @Test
    void medicineThatIsLoggedCountsOnTheDoseClock() throws Exception {
        note(mine, headache(UUID.randomUUID(), "08:00", ""))
                .andExpect(status().isCreated())
                .andExpect(says("not written down among your people"));
        String person =
                String.valueOf(send(mine, "/people/new", "name", "Ottilie Brandt", "years", "41", "kilograms", "68")
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl());
        UUID entry = UUID.randomUUID();
        note(mine, headache(entry, "10:00", ""))
                .andExpect(status().isCreated())
                .andExpect(
                        says("2 tablets of Paracetamol 500 mg tablets is on the dose clock of Ottilie Brandt, given "));
        note(mine, headache(entry, "10:00", "")).andExpect(status().isOk());
        UUID early = UUID.randomUUID();
        note(mine, headache(early, "12:00", ""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("\"stopped\":true"))
                .andExpect(says("Paracetamol: less than 4 h after the dose of "));
        assertThat(log.of(mine.householdId(), id)).hasSize(2);
        note(mine, headache(early, "12:00", ",\"over\":\"the practice, by radio\""))
                .andExpect(status().isCreated());
        assertThat(log.of(mine.householdId(), id)).hasSize(3);
        open(mine, person + "/clock")
                .andExpect(content().string(containsString(YESTERDAY + " 10:00")))
                .andExpect(says("the practice, by radio (although: Paracetamol: less than"));
        // A note that should not be there takes its dose along.
        send(mine, trip + "/log/" + entry + "/remove");
        assertThat(log.of(mine.householdId(), id)).hasSize(2);
        open(mine, person + "/clock").andExpect(says("struck out by removing its note from the log"));
    }

    private String somebody(String name, String... more) throws Exception {
        String[] form = {"name", name, "years", "41", "kilograms", "68"};
        for (int i = 0; i < more.length; i += 2) {
            form = with(form, more[i], more[i + 1]);
        }
        return String.valueOf(
                send(mine, "/people/new", form).andReturn().getResponse().getRedirectedUrl());
    }

    /** On a long trip: a note of twenty days ago is weighed against that day, and none goes for a time to come. */
    @Test
    void aLateNoteIsJudgedAtItsOwnMomentAndNoneLiesAhead() throws Exception {
        trip = trip(mine, brief("Skerry ring", TODAY.minusDays(25), TODAY.plusDays(3)));
        id = UUID.fromString(trip.replace("/trips/", ""));
        somebody("Ottilie Brandt");
        String then = TODAY.minusDays(20) + "T08:00";
        int kept = 0;
        for (int i = 0; i < 4; i++) {
            int status = note(mine, tablets("Ottilie Brandt", then))
                    .andReturn()
                    .getResponse()
                    .getStatus();
            kept += status == 201 ? 1 : 0;
        }
        assertThat(kept).isEqualTo(1);
        note(mine, tablets("Ottilie Brandt", TODAY.plusDays(2) + "T08:00"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("has not come yet"));
    }

    private static String tablets(String who, String at) {
        return """
                {"id":"%s","at":"%s","zone":"Europe/Oslo","problem":"headache","who":"%s","used":{"paracetamol":2}}""".formatted(UUID.randomUUID(), at, who);
    }

    @Test
    void tabletsForADogAreLoggedWithAReasonAndAreNoDose() throws Exception {
        String kelp = somebody("Kelp", "dog", "true");
        note(mine, tablets("Kelp", YESTERDAY + "T08:00"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("poisons dogs"));
        note(mine, tablets("Kelp", YESTERDAY + "T08:00").replace("}}", "},\"over\":\"it ate them\"}"))
                .andExpect(status().isCreated())
                .andExpect(says("is on no dose clock"));
        open(mine, kelp + "/clock").andExpect(doesNotSay("2 tablets of Paracetamol"));
    }

    @Test
    void whatMustBeToldLaterIsKept() throws Exception {
        note(mine, """
                {"id":"%s","at":"YESTERDAYT11:00","problem":"severe-limb-bleeding","who":"a stranger",
                 "tourniquetAt":"YESTERDAYT10:52"}""".formatted(UUID.randomUUID())).andExpect(status().isCreated());
        note(mine, """
                {"id":"%s","at":"YESTERDAYT12:00","problem":"tick","bodyPlace":"left knee","specimen":true}""".formatted(UUID.randomUUID())).andExpect(status().isCreated());
        note(mine, """
                {"id":"%s","at":"YESTERDAYT12:30","problem":"small-burn","burnPercent":"1"}""".formatted(UUID.randomUUID())).andExpect(status().isCreated());
        open(mine, trip + "/log")
                .andExpect(content().string(containsString("tourniquet on at " + YESTERDAY + " 10:52")))
                .andExpect(says("left knee; specimen kept"))
                .andExpect(says("about 1 % of the body burnt"));
    }

    @Test
    void whatCannotBeTakenSaysWhyAndOthersAreTurnedAway() throws Exception {
        note(mine, """
                {"id":"x","at":"2027-01-01T10:00","problem":"nothing","used":{"hydrocolloid-pad":-1},"burnPercent":"900"}""")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("a note has an id".replace("a note", "A note"))))
                .andExpect(content().string(containsString(TODAY.minusDays(2) + " to " + TODAY)))
                .andExpect(says("from 0 to 100 %"));
        note(mine, "{\"id\":").andExpect(status().is4xxClientError());
        note(others, blister(UUID.randomUUID())).andExpect(status().isGone());
        open(others, trip + "/trail").andExpect(status().isNotFound());
        open(others, trip + "/debrief").andExpect(status().isNotFound());
        assertThat(log.of(mine.householdId(), id)).isEmpty();
    }

    private Map<String, Integer> there() {
        Map<String, Integer> there = new TreeMap<>();
        stock.of(mine.householdId())
                .held()
                .forEach(h -> there.merge(
                        h.lot().supply()
                                + h.lot().printed().map(p -> " " + p).orElse("")
                                + h.lot().opened().map(d -> " open " + d).orElse(""),
                        h.pieces(),
                        Integer::sum));
        return there;
    }

    @Test
    void theDebriefTakesOutWhatWasUsedAndDatesWhatWasOpened() throws Exception {
        note(mine, blister(UUID.randomUUID()));
        open(mine, trip + "/debrief").andExpect(field("used[hydrocolloid-pad]", "3"));
        send(mine, trip + "/debrief", "used[hydrocolloid-pad]", "6", "left[shears]", "0")
                .andExpect(status().isUnprocessableContent())
                .andExpect(field("used[hydrocolloid-pad]", "6"))
                .andExpect(field("left[shears]", "0"));
        send(
                        mine,
                        trip + "/debrief",
                        "used[hydrocolloid-pad]",
                        "3",
                        "left[povidone-bottle]",
                        "2",
                        "opened[povidone-bottle]",
                        "yes",
                        "learn",
                        "yes")
                .andExpect(flash().attributeExists("said"));
        assertThat(there())
                .isEqualTo(Map.of(
                        "hydrocolloid-pad 2029-09",
                        2,
                        "povidone-bottle 2029-09",
                        1,
                        "povidone-bottle 2029-09 open " + TODAY,
                        1,
                        "shears",
                        1));
        assertThat(log.learnsFrom(mine.householdId(), id)).isTrue();
        open(mine, trip + "/debrief")
                .andExpect(says("3 already taken out"))
                .andExpect(noField("used[hydrocolloid-pad]", "3"));
    }

    /** Before the outing has begun nothing was used on it: whoever means another one is asked, and nothing they typed is lost. */
    @Test
    void aDebriefBeforeTheOutingHasBegunAsksFirst() throws Exception {
        String later = trip(mine, brief("Skerry ring", TODAY.plusDays(20), TODAY.plusDays(22)));
        UUID kit = lists.save(
                mine.householdId(), UUID.fromString(later.replace("/trips/", "")), "Roll", Map.of("shears", 1));
        UUID roll = stock.addPlace(mine.householdId(), "Roll", Place.Kind.KIT, Optional.empty(), Optional.of(kit));
        put(roll, "gauze-large", 4, "2029-09");
        send(mine, later + "/debrief", "used[gauze-large]", "3")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("begins on " + TODAY.plusDays(20))))
                .andExpect(field("used[gauze-large]", "3"));
        assertThat(there()).containsEntry("gauze-large 2029-09", 4);
        send(mine, later + "/debrief", "used[gauze-large]", "3", "sure", "yes")
                .andExpect(flash().attributeExists("said"));
        assertThat(there()).containsEntry("gauze-large 2029-09", 1);
    }

    /** Not kept, it is never answered as kept: the same number in another trip or household is another note. */
    @Test
    void aNumberThatExistsElsewhereIsNotAnsweredAsKept() throws Exception {
        UUID number = UUID.randomUUID();
        note(mine, blister(number)).andExpect(status().isCreated());
        note(mine, blister(number)).andExpect(status().isOk());
        String another = trip(mine, brief("Another", TODAY.minusDays(2), TODAY.plusDays(2)));
        String before = trip;
        trip = another;
        note(mine, blister(number)).andExpect(status().isConflict()).andExpect(says("another number"));
        trip = before;
        assertThat(log.of(mine.householdId(), UUID.fromString(another.replace("/trips/", ""))))
                .isEmpty();
    }
}
