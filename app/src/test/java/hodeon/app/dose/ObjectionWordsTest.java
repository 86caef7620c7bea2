package hodeon.app.dose;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.Caution;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.formulary.DrugClass;
import hodeon.core.medication.formulary.FormularyReader;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.Objection;
import hodeon.core.medication.gate.Objection.Subject;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ObjectionWordsTest {

    private static final Instant AT = Instant.parse("2026-06-01T12:00:00Z");
    private static final Product TABLET =
            FormularyReader.shipped().product("paracetamol-500").orElseThrow();
    private static final Subject INGREDIENT = new Subject.OfIngredient("paracetamol");
    private static final Subject PRODUCT = new Subject.OfProduct(TABLET);

    private static String said(Objection objection) {
        return new ObjectionWords(ZoneId.of("Europe/Oslo")).say(objection);
    }

    @Test
    void clocksAreSaidOfAnIngredientInMilligramsAndOfAProductInItsUnits() {
        assertThat(said(new Objection.TooSoon(INGREDIENT, Duration.ofHours(4), AT, false)))
                .isEqualTo("Paracetamol: less than 4 h after the dose of Mon 14:00, Europe/Oslo.");
        assertThat(said(new Objection.TooSoon(INGREDIENT, Duration.ofMinutes(90), AT, true)))
                .isEqualTo("Paracetamol: less than 90 min before the dose of Mon 14:00, Europe/Oslo.");
        assertThat(said(new Objection.TooMuchInADay(
                        INGREDIENT, new BigDecimal("4500.0"), new BigDecimal("4000"), Optional.of(AT))))
                .isEqualTo(
                        "Paracetamol: 4500 mg in the 24 h to the dose of Mon 14:00, Europe/Oslo is more than 4000 mg.");
        assertThat(said(new Objection.TooMuchInADay(PRODUCT, BigDecimal.TEN, new BigDecimal("8"), Optional.empty())))
                .isEqualTo(TABLET.name() + ": 10 tablets in 24 h is more than 8 tablets.");
        assertThat(said(new Objection.TooManyInADay(PRODUCT, 4, Optional.empty())))
                .isEqualTo(TABLET.name() + ": more than 4 doses in 24 h.");
        assertThat(said(new Objection.TooManyInADay(INGREDIENT, 1, Optional.empty())))
                .isEqualTo("Paracetamol: more than 1 dose in 24 h.");
    }

    @Test
    void theRestIsSaidWithWhatItIsAbout() {
        assertThat(said(new Objection.TooMuchAtOnce(TABLET, BigDecimal.TWO))).isEqualTo("More than 2 tablets at once.");
        assertThat(said(new Objection.KeepApart("Iron tablet", AT, Duration.ofHours(2), "It binds the other.")))
                .isEqualTo("Less than 2 h from Iron tablet (Mon 14:00, Europe/Oslo). It binds the other.");
        Caution caution = Caution.ask(
                Caution.Kind.TWO_OF_A_KIND,
                new Because.Also(new Because.Takes("ibuprofen")),
                new Warning.TwoOfOneKind(DrugClass.ANTI_INFLAMMATORY),
                "class duplicate");
        assertThat(said(new Objection.TwoOfAKind(caution)))
                .isEqualTo("Also takes ibuprofen. Two of one kind (anti-inflammatory): one adds to the other’s harm.");
        assertThat(said(new Objection.Unreadable(AT)))
                .isEqualTo("What was noted at 2026-06-01 12:00 (Z) cannot be read: count it as taken.");
        assertThat(said(new Objection.InTheFuture())).contains("has not come yet");
    }
}
