package hodeon.core.medication.formulary;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlausibilityTest {

    private static final Formulary SHIPPED = FormularyReader.shipped();

    private static List<String> questions(String form, String ingredient, String mg, String band) {
        Product product = new Product(
                "own",
                "Ours",
                MedicineForm.valueOf(form),
                Map.of(ingredient, Dose.ofMilligrams(new BigDecimal(mg))),
                BigDecimal.ONE,
                Age.ofMonths(0),
                false,
                Optional.empty(),
                BigDecimal.ONE,
                false);
        List<Band> bands = Stream.ofNullable(band).map(BandLine::parse).toList();
        return new Plausibility(SHIPPED).questions(product, Label.Measure.MILLIGRAMS, bands);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        TABLET  | paracetamol   | 500   | age 0m- dose 5000 every 0h              | apart
        TABLET  | paracetamol   | 0.5   | age 12y- dose 1000 every 6h             | one dose would be 2000 tablets
        TABLET  | levothyroxine | 50    |                                         | more than anybody takes at once
        SYRUP   | paracetamol   | 120   |                                         | Was “in 5 ml” left out
        SYRUP   | paracetamol   | 2.4   |                                         | a point slipped
        SYRUP   | ibuprofen     | 20    | age 12y- dose 2000 every 6h             | one dose would be 100 ml
        SYRUP   | ibuprofen     | 20    | age 12y- dose 2 every 6h                | less than can be measured
        TABLET  | ibuprofen     | 400   | age 12y- dose 400 every 0h              | as often as wanted
        TABLET  | ibuprofen     | 400   | age 12y- dose 400 every 1h              | lie at least 4 h apart
        TABLET  | paracetamol   | 500   | age 12y- dose 1500 every 6h             | otherwise never passed
        TABLET  | aspirin       | 300   | age 8y- dose 300 every 6h times 3       | do not speak for anybody so young
        """)
    void aSlipIsAskedAbout(String form, String ingredient, String mg, String band, String asks) {
        assertThat(questions(form, ingredient, mg, band))
                .anySatisfy(q -> assertThat(q).contains(asks));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        TABLET  | paracetamol   | 665   | age 12y- dose 1330 every 8h times 3 most 3990
        TABLET  | paracetamol   | 500   | age 12y- dose 1000 every 6h times 4 most 3000
        SYRUP   | paracetamol   | 50    | age 6y-12y dose 250-500 every 4h times 4 most 2000
        TABLET  | levothyroxine | 0.1   |
        TABLET  | ibuprofen     | 600   | age 18y- dose 600 every 8h times 3 most 1800
        CREAM   | diclofenac    | 23    | age 14y- dose 23 every 6h
        TABLET  | loperamide    | 2     | age 12y- dose 2 first 4 every 0h most 12
        """)
    void whatPacksReallySayIsNot(String form, String ingredient, String mg, String band) {
        assertThat(questions(form, ingredient, mg, band)).isEmpty();
    }

    /** Whatever ships would pass if somebody typed it. */
    @Test
    void nothingThatShipsWouldBeAskedAbout() {
        for (Product product : SHIPPED.products()) {
            for (Tradition tradition : Tradition.values()) {
                SHIPPED.label(product, tradition)
                        .filter(l -> !product.id().equals("rehydration-sachet"))
                        .ifPresent(l -> assertThat(
                                        new Plausibility(SHIPPED).questions(product, l.measure(), spoken(product, l)))
                                .as("%s %s", product.id(), tradition)
                                .isEmpty());
            }
        }
    }

    private static List<Band> spoken(Product product, Label label) {
        return label.bands().stream()
                .filter(b -> b.fromMonths() >= product.from().months())
                .toList();
    }
}
