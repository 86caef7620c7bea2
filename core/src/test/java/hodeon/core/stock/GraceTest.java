package hodeon.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What may be carried past its date, and what is looked at in which rhythm. */
class GraceTest {

    private static final Catalogue SHIPPED = CatalogueReader.shipped(Drivers.vocabulary());
    private static final LocalDate DAY = LocalDate.of(2027, 6, 30);

    private static Supply supply(String id) {
        return SHIPPED.supply(id).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "gloves-nitrile, true",
        "plaster-fabric, true",
        "tape-cloth, true",
        "triangular-bandage, true",
        "mouldable-splint, true",
        "shears, true",
        "foil-blanket, true",
        "paracetamol, false",
        "non-stick-pad, false",
        "closure-strips, false",
        "tourniquet-windlass, false",
        "haemostatic-gauze, false",
        "burn-gel-sachet, false",
        "saline-pod, false",
        "auto-injector, false",
        "reliever-inhaler, false",
        "eye-wash, false",
    })
    void onlySimpleThingsMayBeCarriedPastTheirDate(String id, boolean simple) {
        assertThat(Grace.allowedFor(supply(id))).isEqualTo(simple);
        Optional<GoodUntil> good = Optional.of(new GoodUntil(DAY, GoodUntil.Reason.PRINTED));
        assertThat(new Grace(90).extended(good, supply(id)).orElseThrow().day())
                .isEqualTo(simple ? DAY.plusDays(90) : DAY);
        assertThat(Grace.NONE.extended(good, supply(id))).isEqualTo(good);
    }

    @ParameterizedTest
    @EnumSource(
            value = GoodUntil.Reason.class,
            names = {"OPENED", "DECANTED", "WITHDRAWN"})
    void whatWasOpenedOrWithdrawnGetsNoGrace(GoodUntil.Reason reason) {
        Optional<GoodUntil> good = Optional.of(new GoodUntil(DAY, reason));
        assertThat(new Grace(90).extended(good, supply("gloves-nitrile"))).isEqualTo(good);
    }

    @Test
    void whatNeverExpiresNeedsNone() {
        assertThat(new Grace(90).extended(Optional.empty(), supply("shears"))).isEmpty();
        assertThatThrownBy(() -> new Grace(-1)).hasMessageContaining("outside 0 to 730");
        assertThatThrownBy(() -> new Grace(731)).hasMessageContaining("outside 0 to 730");
    }

    @ParameterizedTest
    @CsvSource({
        "head-light, true, false",
        "oximeter, true, false",
        "thermometer, true, false",
        "beacon, true, false",
        "phone-power, true, false",
        "whistle, false, false",
        "gloves-nitrile, false, true",
        "plaster-fabric, false, true",
        "povidone-bottle, false, true",
        "ointment-tube, false, true",
        "tape-cloth, false, true",
        "shears, false, false",
        "foil-blanket, false, false",
        "folding-knife, false, false",
    })
    void eachRhythmLooksAtWhatItIsFor(String id, boolean charged, boolean looked) {
        assertThat(Rhythm.MONTHLY_CHARGE.covers(supply(id))).isEqualTo(charged);
        assertThat(Rhythm.QUARTERLY_LOOK.covers(supply(id))).isEqualTo(looked);
        assertThat(Rhythm.YEARLY_ALL.covers(supply(id))).isTrue();
        assertThat(Rhythm.BEFORE_TRIP.covers(supply(id))).isTrue();
    }

    @Test
    void theCheckBeforeATripHasNoCalendar() {
        assertThatThrownBy(() -> Rhythm.BEFORE_TRIP.due(Optional.empty(), DAY))
                .isInstanceOf(IllegalStateException.class);
    }
}
