package hodeon.app.stock.enter;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PastedStockTest {

    private static List<PastedStock> read(String text) {
        return PastedStock.read(
                text, CatalogueReader.shipped(Drivers.vocabulary()).supplies());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12 x waterproof plaster                     | plaster-waterproof | 12 |            |",
                "12× waterproof plaster                      | plaster-waterproof | 12 |            |",
                "waterproof plasters, 12                     | plaster-waterproof | 12 |            |",
                "waterproof plaster: 12                      | plaster-waterproof | 12 |            |",
                "waterproof plaster                          | plaster-waterproof | 1  |            |",
                "12 waterproof plaster 2028-03 lot AB7       | plaster-waterproof | 12 | 2028-03    | AB7",
                "waterproof plaster 12 until 02/2028 Lot: B2 | plaster-waterproof | 12 | 02/2028    | B2",
                "8 paracetamol 500 mg exp. 2027-06-30        | paracetamol        | 8  | 2027-06-30 |",
                "4 gauze pad 10 cm, lot #G-14, 2029-1        | gauze-large        | 4  | 2029-1     | G-14",
                "1 shears                                    | shears             | 1  |            |",
            })
    void linesAsPeopleWriteThem(String text, String supply, String pieces, String until, String lot) {
        assertThat(read(text)).singleElement().satisfies(line -> {
            assertThat(line.supply()).isEqualTo(supply);
            assertThat(line.pieces()).isEqualTo(pieces);
            assertThat(line.until()).isEqualTo(until == null ? "" : until);
            assertThat(line.lot()).isEqualTo(lot == null ? "" : lot);
            assertThat(line.text()).isEqualTo(text);
        });
    }

    @Test
    void whatNothingIsLikeStaysALineWithoutASupply() {
        assertThat(read("flux capacitor\n\n   \n3 shears"))
                .extracting(PastedStock::supply)
                .containsExactly("", "shears");
        assertThat(read("flux capacitor").getFirst().sure()).isFalse();
    }

    @Test
    void onlySoManyLinesAreLookedOverAtOnce() {
        assertThat(read("shears\n".repeat(PastedStock.MOST_LINES + 5))).hasSize(PastedStock.MOST_LINES);
    }
}
