package hodeon.app.readiness;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.stock.LotView;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class TimelineTest extends StockTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 1, 1);

    private UUID pouch;
    private UUID shelf;

    @BeforeEach
    void somethingToLookAt() {
        pouch = stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        shelf = stock.addPlace(mine.householdId(), "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        put(pouch, "paracetamol", 3, "2027-03-31");
        put(pouch, "antiseptic-wipe", 3, "2026-12-31");
        put(pouch, "shears", 3, "");
        put(shelf, "paracetamol", 3, "2027-07-02");
        put(shelf, "gauze-large", 3, "2031-01-31");
    }

    private Timeline timeline(Optional<UUID> only, Timeline.By by, int months) {
        Stock all = stock.of(mine.householdId());
        return Timeline.of(
                all,
                only,
                by,
                months,
                List.of(new Timeline.Trip("Seal count", LocalDate.of(2027, 3, 20), LocalDate.of(2027, 3, 25), pouch)),
                List.of(new Timeline.Check(pouch, LocalDate.of(2027, 2, 1), "Look")),
                TODAY);
    }

    @Test
    void aLotThatDoesNotOutlastItsKitsTripAndTheMarginFailsIt() {
        Timeline timeline = timeline(Optional.empty(), Timeline.By.KIT, 12);
        assertThat(timeline.fails())
                .extracting(Timeline.Fail::what)
                .containsExactlyInAnyOrder(
                        "Paracetamol 500 mg, Deck pouch, good until 2027-03-31",
                        "Non-alcohol antiseptic wipe, Deck pouch, good until 2026-12-31");
        Timeline.Row row = timeline.rows().getFirst();
        assertThat(row.name()).isEqualTo("Deck pouch");
        assertThat(row.over()).isEqualTo("1 over");
        assertThat(row.checks()).hasSize(1);
        assertThat(row.marks()).singleElement().satisfies(m -> assertThat(m.state())
                .isEqualTo(LotView.State.OVER));
    }

    /** A bag in a tray in the kit that goes along goes along too. */
    @Test
    void whatLiesDeepInAKitFailsItsTripAsWell() {
        UUID tray = stock.addPlace(mine.householdId(), "Tray", Place.Kind.MODULE, Optional.of(pouch), Optional.empty());
        UUID bag = stock.addPlace(mine.householdId(), "Bag", Place.Kind.MODULE, Optional.of(tray), Optional.empty());
        put(bag, "gauze-large", 3, "2027-03-31");
        assertThat(timeline(Optional.empty(), Timeline.By.KIT, 12).fails())
                .extracting(Timeline.Fail::what)
                .contains("Gauze pad, 10 cm, Bag, good until 2027-03-31");
    }

    @Test
    void marksStandWhereTheirDaysAre() {
        Timeline year = timeline(Optional.empty(), Timeline.By.KIT, 12);
        double half = (Timeline.LEFT + Timeline.RIGHT) / 2.0;
        Timeline.Row shore = year.rows().get(1);
        assertThat(Double.parseDouble(shore.marks().getFirst().x())).isBetween(half - 3, half + 3);
        assertThat(shore.later()).isEqualTo("1 later");
        assertThat(year.ticks()).hasSize(12);
        assertThat(timeline(Optional.empty(), Timeline.By.KIT, 60).ticks()).hasSize(5);
        assertThat(timeline(Optional.empty(), Timeline.By.KIT, 60).rows().get(1).marks())
                .hasSize(2);
        assertThat(timeline(Optional.empty(), Timeline.By.KIT, 1).rows().get(1).later())
                .isEqualTo("2 later");
    }

    @Test
    void byProductAndByLot() {
        assertThat(timeline(Optional.empty(), Timeline.By.PRODUCT, 12).rows())
                .extracting(Timeline.Row::name)
                .containsExactly("Non-alcohol antiseptic wipe", "Paracetamol 500 mg", "Gauze pad, 10 cm");
        assertThat(timeline(Optional.of(pouch), Timeline.By.KIT, 12).rows()).hasSize(2);
        assertThat(timeline(Optional.empty(), Timeline.By.KIT, 12).table()).hasSize(4);
    }

    @Test
    void thePageShowsItAndOthersSeeNothing() throws Exception {
        open(mine, "/stock/timeline?months=60&by=PRODUCT").andExpect(says("Gauze pad, 10 cm"));
        open(mine, "/stock/timeline?place=" + pouch).andExpect(status().isOk());
        open(others, "/stock/timeline").andExpect(doesNotSay("Deck pouch"));
        open(others, "/stock/timeline?place=" + pouch).andExpect(status().isNotFound());
    }
}
