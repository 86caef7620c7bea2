package hodeon.app.contents;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import hodeon.core.notice.Faults;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContentsTextTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "12 x waterproof plaster | plaster-waterproof | 12",
                "12 waterproof plasters | plaster-waterproof | 12",
                "Fabric plasters, 6 | plaster-fabric | 6",
                "nitrile gloves: 3 | gloves-nitrile | 3",
                "windlas tourniquet | tourniquet-windlass | 1",
                "2 × triangular bandages | triangular-bandage | 2",
                "Non-stick pad\t4 pcs | non-stick-pad | 4",
                "ibuprofen 200 mg, 10 | ibuprofen | 10",
                "Bleeding,\"Haemostatic gauze, z-folded\",2,packet,24,48,haemostatic-gauze | haemostatic-gauze | 2",
                "quantum flange 3 | | 3"
            })
    void namesAreMatchedAsPeopleWriteThem(String text, String supply, int pieces) {
        ContentsText.Line line =
                ContentsText.read(text, CATALOGUE, new Faults()).getFirst();
        assertThat(line.supply()).isEqualTo(supply == null ? "" : supply);
        assertThat(line.pieces()).isEqualTo(pieces);
    }

    @Test
    void tooManyLinesAreRefusedAndNothingIsRead() {
        Faults faults = new Faults();
        assertThat(ContentsText.read("plaster\n".repeat(501), CATALOGUE, faults))
                .isEmpty();
        assertThat(faults.all()).singleElement().satisfies(f -> assertThat(f.value())
                .isEqualTo("501 lines"));
    }
}
