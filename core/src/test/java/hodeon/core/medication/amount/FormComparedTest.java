package hodeon.core.medication.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.FormularyReader;
import hodeon.core.medication.formulary.Tradition;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Forms of one medicine side by side, for who decides what to carry. */
class FormComparedTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);

    private static List<FormCompared> forms(String capability) {
        Formulary formulary = FormularyReader.shipped();
        return FormCompared.serving(capability, formulary, Tradition.BRITISH, Samples.CATALOGUE, TODAY);
    }

    private static FormCompared form(String capability, String product) {
        return forms(capability).stream()
                .filter(f -> f.product().id().equals(product))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theWorkedExample() {
        FormCompared paracetamol = form("relieve-pain", "paracetamol-500");
        assertThat(paracetamol.units()).isEqualByComparingTo("2");
        assertThat(paracetamol.grams()).isCloseTo(1.6, within(1e-9));
        assertThat(paracetamol.course().orElseThrow()).isEqualByComparingTo(BigDecimal.valueOf(24));
    }

    @Test
    void everyFormIsThereForTheCapabilityAndHasADose() {
        List<FormCompared> all = forms("relieve-pain");
        assertThat(all).hasSizeGreaterThan(1).allSatisfy(f -> {
            assertThat(f.supply().serves()).containsKey("relieve-pain");
            assertThat(f.units()).isPositive();
            assertThat(f.millilitres()).isPositive();
            assertThat(f.price()).isPositive();
        });
        assertThat(forms("sing-a-song")).isEmpty();
    }
}
