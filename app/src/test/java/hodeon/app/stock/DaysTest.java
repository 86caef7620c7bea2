package hodeon.app.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockRules;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import hodeon.core.stock.Lot;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How near a date is, in words and as a state. */
class DaysTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final UUID PLACE = UUID.randomUUID();

    @ParameterizedTest
    @CsvSource({
        "2026-11-24, yesterday",
        "2026-11-23, 2 days ago",
        "2025-11-25, 12 months ago",
        "2020-11-25, 6 years ago",
        "2026-11-25, today is the last day",
        "2026-11-26, tomorrow",
        "2026-12-25, in 30 days",
        "2027-11-25, in 12 months",
        "2031-11-25, in 5 years",
    })
    void daysAsThePagesSayThem(LocalDate day, String words) {
        assertThat(Days.away(day, TODAY)).isEqualTo(words);
    }

    private static Held held(LocalDate until) {
        Lot lot = new Lot(
                UUID.randomUUID(),
                "no-longer-known",
                "Big box",
                "L7",
                Optional.empty(),
                TODAY,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty());
        return new Held(lot, PLACE, 2, Optional.of(new GoodUntil(until, GoodUntil.Reason.PRINTED)));
    }

    @ParameterizedTest
    @CsvSource({"2026-11-24, OVER", "2026-11-25, SOON", "2027-02-22, SOON", "2027-02-23, FINE", "2031-01-01, FINE"})
    void theLastDayIsStillGood(LocalDate until, LotView.State state) {
        assertThat(LotView.state(held(until), TODAY)).isEqualTo(state);
    }

    @Test
    void aLotOfASupplyThatIsNoLongerInTheCatalogueIsStillShown() {
        Stock stock = Stock.of(
                Map.of(), Map.of(), List.of(held(TODAY)), StockRules.USUAL, hodeon.app.stock.pocket.Pockets.NONE);
        LotView view = LotView.of(held(TODAY), stock, TODAY);
        assertThat(view.name()).isEqualTo("no-longer-known");
        assertThat(view.counted()).isEqualTo("2 pieces");
        assertThat(view.detail()).isEqualTo("Big box, lot L7");
        assertThat(view.state().sign() + " " + view.state().word()).isEqualTo("◐ soon");
    }
}
