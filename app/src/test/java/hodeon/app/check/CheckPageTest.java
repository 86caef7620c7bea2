package hodeon.app.check;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.place.Place;
import hodeon.core.stock.Rhythm;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class CheckPageTest extends StockTest {

    private static final Cause CAUSE = Cause.of("ottilie", "");

    @Autowired
    CheckService checks;

    @Autowired
    ListService lists;

    private UUID household;
    private UUID box;

    @BeforeEach
    void aBoxWithAModule() {
        household = mine.householdId();
        box = stock.addPlace(household, "Lead boat dry box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        UUID module = stock.addPlace(household, "Wounds", Place.Kind.MODULE, Optional.of(box), Optional.empty());
        put(box, "head-light", 1, "");
        put(box, "ibuprofen", 20, "2028-01");
        put(module, "antiseptic-wipe", 12, "2027-11");
        put(module, "povidone-bottle", 2, "2029-11");
    }

    private String begin(String rhythm) throws Exception {
        return String.valueOf(send(mine, "/stock/checks", "place", box.toString(), "rhythm", rhythm)
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
    }

    private TreeMap<String, Integer> there() {
        TreeMap<String, Integer> there = new TreeMap<>();
        stock.of(household)
                .held()
                .forEach(h -> there.merge(
                        h.lot().supply() + (h.lot().opened().isPresent() ? " open" : ""), h.pieces(), Integer::sum));
        return there;
    }

    @Test
    void aRoundWalksEveryPlaceAndWritesWhatItFoundWhenItEnds() throws Exception {
        String round = begin("YEARLY_ALL");
        open(mine, round).andExpect(says("4 of 4 lines to go")).andExpect(says("Wounds"));
        send(mine, round + "/lines/0", "answer", "COUNT", "found", "eighteen")
                .andExpect(flash().attributeExists("faults"));
        UUID id = UUID.fromString(round.substring(round.lastIndexOf('/') + 1));
        for (CheckService.Line line : checks.round(household, id).lines()) {
            String supply = stock.of(household).held().stream()
                    .filter(h -> h.lot().id().equals(line.lot().orElseThrow()))
                    .findFirst()
                    .orElseThrow()
                    .lot()
                    .supply();
            String answer =
                    switch (supply) {
                        case "ibuprofen" -> "COUNT";
                        case "antiseptic-wipe" -> "BAD";
                        case "povidone-bottle" -> "OPENED";
                        default -> "RIGHT";
                    };
            send(mine, round + "/lines/" + line.position(), "answer", answer, "found", "18");
        }
        assertThat(there()).containsEntry("ibuprofen", 20);
        send(mine, round + "/finish");
        assertThat(there().toString())
                .isEqualTo("{head-light=1, ibuprofen=18, povidone-bottle=1, povidone-bottle open=1}");
        open(mine, round).andExpect(says("3 of 4 lines were not"));
        open(mine, "/stock/checks").andExpect(says("last on")).andExpect(says("finished"));
        send(mine, round + "/lines/0", "answer", "BAD").andExpect(status().isNotFound());
        open(others, round).andExpect(status().isNotFound());
    }

    @Test
    void aRhythmLooksOnlyAtWhatItIsFor() throws Exception {
        open(mine, begin("MONTHLY_CHARGE")).andExpect(says("1 of 1 lines to go"));
        open(mine, begin("QUARTERLY_LOOK")).andExpect(says("2 of 2 lines to go"));
    }

    @Test
    void whatNobodySaidAnythingAboutIsRightInOneAct() throws Exception {
        UUID round = checks.start(mine.householdId(), box, Rhythm.YEARLY_ALL, "sef");
        int lines = checks.round(mine.householdId(), round).lines().size();
        checks.answer(mine.householdId(), round, 0, Answer.BAD, 0, "", OptionalInt.empty());
        send(mine, "/stock/checks/" + round + "/rest");
        List<Answer> answers = checks.round(mine.householdId(), round).lines().stream()
                .map(l -> l.answer().orElseThrow())
                .toList();
        assertThat(answers).hasSize(lines).startsWith(Answer.BAD);
        assertThat(answers.subList(1, lines)).containsOnly(Answer.RIGHT);
        send(others, "/stock/checks/" + round + "/rest").andExpect(status().isNotFound());
    }

    @Test
    void whoeverCountsAfterSomebodyElseLooksAgain() throws Exception {
        String first = begin("YEARLY_ALL");
        String second = begin("YEARLY_ALL");
        for (int line = 0; line < 4; line++) {
            send(mine, first + "/lines/" + line, "answer", "COUNT", "found", "1");
            send(mine, second + "/lines/" + line, "answer", "COUNT", "found", "2");
        }
        send(mine, first + "/finish");
        assertThat(there().toString()).isEqualTo("{antiseptic-wipe=1, head-light=1, ibuprofen=1, povidone-bottle=1}");
        send(mine, second + "/finish").andExpect(flash().attributeExists("faults"));
        open(mine, second)
                .andExpect(says("Somebody changed this while you counted: 1 "))
                .andExpect(says("3 of 4 lines to go"));
        assertThat(there().toString()).isEqualTo("{antiseptic-wipe=1, head-light=1, ibuprofen=1, povidone-bottle=1}");
    }

    /** Counted and not there: its name stays on the round, on the place and in the next round until it is back or let go. */
    @Test
    void whatIsNotFoundKeepsItsNameAndIsMissing() throws Exception {
        String round = begin("MONTHLY_CHARGE");
        send(mine, round + "/lines/0", "answer", "COUNT", "found", "0");
        send(mine, round + "/finish");
        open(mine, round).andExpect(says("Head light", "found 0 lights"));
        String kit = "/kits/" + box;
        open(mine, kit).andExpect(says("Head light missing since " + LocalDate.now() + ", noticed by "));
        String next = begin("MONTHLY_CHARGE");
        send(mine, next + "/lines/0", "answer", "COUNT", "found", "1");
        send(mine, next + "/finish");
        assertThat(there()).containsEntry("head-light", 1);
        open(mine, kit).andExpect(doesNotSay("missing since"));
        String third = begin("MONTHLY_CHARGE");
        send(mine, third + "/lines/0", "answer", "COUNT", "found", "0");
        send(mine, third + "/finish");
        open(mine, kit).andExpect(says("missing since"));
        UUID car = stock.addPlace(household, "Car kit", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(car, "head-light", 1, "");
        String ofTheCar =
                String.valueOf(send(mine, "/stock/checks", "place", car.toString(), "rhythm", "MONTHLY_CHARGE")
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl());
        open(mine, ofTheCar).andExpect(says("1 of 1 line"));
        String place = "/stock/places/" + box;
        send(others, place + "/let-go", "place", box.toString(), "supply", "head-light")
                .andExpect(status().isNotFound());
        send(mine, place + "/let-go", "place", box.toString(), "supply", "head-light");
        open(mine, kit).andExpect(doesNotSay("missing since"));
    }

    @Test
    void theListAsksForWhatWasNeverThereAndFoundThingsComeIn() throws Exception {
        UUID list = lists.save(household, "Box list", Map.of("head-light", 1, "shears", 1, "fine-tweezers", 2));
        stock.plan(household, box, Optional.of(list));
        String round = begin("YEARLY_ALL");
        open(mine, round).andExpect(says("6 of 6 lines to go")).andExpect(says("on the list, never seen here"));
        UUID id = UUID.fromString(round.substring(round.lastIndexOf('/') + 1));
        for (CheckService.Line line : checks.round(household, id).lines()) {
            boolean tweezers = line.supply().equals("fine-tweezers");
            send(
                    mine,
                    round + "/lines/" + line.position(),
                    "answer",
                    tweezers ? "COUNT" : "RIGHT",
                    "found",
                    tweezers ? "2" : "0");
        }
        send(mine, round + "/finish");
        assertThat(there()).containsEntry("fine-tweezers", 2).doesNotContainKey("shears");
        // What is durable and missing is to be bought.
        open(mine, "/restock").andExpect(says("shears"));
    }

    @Test
    void whatIsLentIsKnownWithWhom() throws Exception {
        String round = begin("MONTHLY_CHARGE");
        send(mine, round + "/lines/0", "answer", "LENT", "lentTo", "grandmother, with its charger");
        send(mine, round + "/finish");
        assertThat(there()).doesNotContainKey("head-light");
        open(mine, "/kits/" + box).andExpect(says("lent to grandmother, with its charger since"));
        open(mine, round).andExpect(says("lent to grandmother"));
    }

    @Test
    void whoIsErasedIsNoLongerNamedAsHavingSomething() throws Exception {
        String quill =
                String.valueOf(send(mine, "/people/new", "name", "Quill Fennimore", "years", "30", "kilograms", "60")
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl());
        String round = begin("MONTHLY_CHARGE");
        send(mine, round + "/lines/0", "answer", "LENT", "lentTo", "Quill Fennimore, with its charger");
        send(mine, round + "/finish");
        send(mine, quill + "/erase", "name", "Quill Fennimore");
        open(mine, "/kits/" + box).andExpect(says("lent to somebody, with its charger since"));
        open(mine, round).andExpect(doesNotSay("Quill"));
    }

    @Test
    void devicesAreAskedForTheirChargeWithWhatTheyUseUp() throws Exception {
        put(box, "glucose-meter", 1, "");
        put(box, "glucose-strip", 9, "2028-01");
        put(box, "spare-cells", 2, "2030-01");
        // No device here runs on these.
        put(box, "spare-cells-aa", 1, "2030-01");
        String round = begin("MONTHLY_CHARGE");
        open(mine, round).andExpect(says("4 of 4 lines to go", "3 AAA cells, %"));
        send(mine, round + "/lines/0", "answer", "RIGHT", "charge", "much")
                .andExpect(flash().attributeExists("faults"));
        for (int line = 0; line < 4; line++) {
            send(mine, round + "/lines/" + line, "answer", "RIGHT", "charge", "80 %");
        }
        send(mine, round + "/finish");
        open(mine, "/kits/" + box)
                .andExpect(says("3 AAA cells, at 80 % on", "Spare AAA cells, set of three: 2", ": 9"))
                .andExpect(says("Spare button cell: 0"));
    }

    @Test
    void whatIsSharpOrControlledIsCountedAtEveryRound() throws Exception {
        put(box, "sterile-needle", 4, "2029-01");
        String round = begin("MONTHLY_CHARGE");
        open(mine, round).andExpect(says("2 of 2 lines to go", "sharp or controlled: count each"));
        send(mine, round + "/rest");
        open(mine, round).andExpect(says("1 of 2 lines to go"));
        UUID id = UUID.fromString(round.substring(round.lastIndexOf('/') + 1));
        int open = checks.round(household, id).lines().stream()
                .filter(l -> l.answer().isEmpty())
                .findFirst()
                .orElseThrow()
                .position();
        send(mine, round + "/lines/" + open, "answer", "COUNT", "found", "3");
        send(mine, round + "/finish");
        assertThat(there()).containsEntry("sterile-needle", 3);
    }

    @Test
    void oneRoundGoesThroughAllHouses() throws Exception {
        UUID house = stock.addPlace(household, "Lake house", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(house, "shears", 1, "");
        open(mine, "/stock/checks").andExpect(says("One round through every kit"));
        String first = String.valueOf(send(
                        mine,
                        "/stock/checks/tour",
                        "place",
                        house.toString(),
                        "place",
                        box.toString(),
                        "rhythm",
                        "YEARLY_ALL")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        send(mine, first + "/rest");
        send(mine, first + "/finish");
        open(mine, first).andExpect(says("Go on with Lead boat dry box"));
        send(others, "/stock/checks/tour", "place", box.toString(), "rhythm", "YEARLY_ALL")
                .andExpect(status().isNotFound());
    }

    @Test
    void aModuleIsCheckedAlone() throws Exception {
        UUID module = stock.of(household).modules(box).getFirst().id();
        UUID round = checks.start(household, module, Rhythm.YEARLY_ALL, "sef");
        assertThat(checks.round(household, round).lines()).hasSize(2);
    }
}
