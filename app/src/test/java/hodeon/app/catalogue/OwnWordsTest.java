package hodeon.app.catalogue;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.WebTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Lists are read in one place, whatever they are pasted for; what a household chose once is understood from then on. */
class OwnWordsTest extends WebTest {

    @Autowired
    Understanding understanding;

    @Autowired
    StockService stock;

    @Autowired
    ListService lists;

    private UUID household;
    private UUID list;

    @BeforeEach
    void aShelfAndAList() {
        household = mine.householdId();
        stock.addPlace(household, "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        list = lists.save(household, "Box list", Map.of("shears", 1));
    }

    private ReadLine read(String line) {
        return understanding.read(household, line).getFirst();
    }

    @Test
    void whatMayBeSeveralThingsOffersThemAndAnyOtherIsFoundByItsName() throws Exception {
        send(mine, "/stock/enter/lines", "text", "12 plasters exp 06/2028\n2 wobble gizmos", "place", "Shore shelf")
                .andExpect(says("which of these is it?", "Fabric plaster", "not known: search for it"));
        send(
                mine,
                "/stock/enter/confirmed",
                "place",
                "Shore shelf",
                "text",
                "2 wobble gizmos",
                "supply",
                "",
                "other",
                "self-adhering wrap, 5 cm",
                "pieces",
                "2",
                "until",
                "",
                "lot",
                "");
        assertThat(stock.of(household).held()).singleElement().satisfies(h -> {
            assertThat(h.lot().supply()).isEqualTo("self-adhering-wrap");
            assertThat(h.pieces()).isEqualTo(2);
        });
    }

    @Test
    void whatWasChosenOnceIsUnderstoodInEveryListAndCanBeForgotten() throws Exception {
        assertThat(read("3 wobble gizmos").supply()).isEmpty();
        send(
                mine,
                "/lists/" + list + "/paste/confirmed",
                "version",
                String.valueOf(lists.find(household, list).version()),
                "line",
                "3 wobble gizmos",
                "supply",
                "self-adhering-wrap",
                "other",
                "",
                "pieces",
                "3");
        assertThat(lists.find(household, list).pieces()).containsEntry("self-adhering-wrap", 3);
        ReadLine again = read("wobble gizmo, 5, exp 2028-03");
        assertThat(again.supply()).isEqualTo("self-adhering-wrap");
        assertThat(again.pieces()).isEqualTo("5");
        assertThat(again.until()).isEqualTo("2028-03");
        assertThat(understanding
                        .read(others.householdId(), "wobble gizmo")
                        .getFirst()
                        .supply())
                .isEmpty();
        open(mine, "/supplies").andExpect(says("What you call things", "gizmo wobble"));
        open(others, "/supplies").andExpect(doesNotSay("wobble"));
        send(mine, "/supplies/words/forget", "words", "gizmo wobble");
        assertThat(read("3 wobble gizmos").supply()).isEmpty();
    }

    @Test
    void whatIsUnderstoodAnywayIsNotRemembered() {
        understanding.learn(household, Map.of("12 waterproof plasters", "plaster-waterproof"));
        assertThat(understanding.own(household)).isEmpty();
        understanding.learn(household, Map.of("gloves", "gloves-latex"));
        understanding.learn(household, Map.of("gloves", "gloves-nitrile"));
        assertThat(understanding.own(household))
                .containsExactly(new Understanding.Called("glove", "Nitrile gloves, pale"));
    }

    /** Once meant, a prescription is asked for again: somebody else may mean another thing by it. */
    @ParameterizedTest
    @ValueSource(
            strings = {"strong-pain-relief", "antibiotic-course", "insulin-pen", "auto-injector", "altitude-tablet"})
    void aWordForAPrescriptionIsNotRemembered(String prescribed) {
        understanding.learn(household, Map.of("painkillers", prescribed));
        assertThat(understanding.own(household)).isEmpty();
        assertThat(read("painkillers").supply()).isEmpty();
    }

    @Test
    void aListThatThisProductWroteIsReadBack() {
        StoredList written = lists.find(household, list);
        String csv = "group,supply,pieces,unit,grams_each,grams,supply_id\n"
                + "Bleeding,\"Haemostatic gauze, z-folded\",2,packet,24,48,haemostatic-gauze\n";
        assertThat(written.kinds()).isEqualTo(1);
        assertThat(understanding.read(household, csv)).singleElement().satisfies(l -> {
            assertThat(l.supply()).isEqualTo("haemostatic-gauze");
            assertThat(l.pieces()).isEqualTo("2");
            assertThat(l.sure()).isTrue();
        });
    }

    @Test
    void soManyLinesAreTooManyForAListAndWaitBeforeTheStock() throws Exception {
        String many = "shears\n".repeat(Understanding.MOST_LINES + 5);
        assertThat(understanding.read(household, many)).hasSize(Understanding.MOST_LINES);
        send(mine, "/lists/" + list + "/paste", "text", many).andExpect(says("505 lines", "at most 500"));
        List<ReadLine> none = understanding.read(household, "\n  \n");
        assertThat(none).isEmpty();
    }
}
