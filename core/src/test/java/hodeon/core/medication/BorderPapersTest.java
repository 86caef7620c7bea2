package hodeon.core.medication;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.brief.Passage;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class BorderPapersTest {

    private static final List<Supply> ALL =
            CatalogueReader.shipped(Drivers.vocabulary()).supplies();
    private static final Set<String> KIT = Set.of("paracetamol", "auto-injector", "sun-cream", "gauze-large");

    @Test
    void aBorderAsksForPackagingAndPrescriptions() {
        BorderPapers papers = BorderPapers.of(Set.of(Passage.BORDER), ALL, KIT);
        assertThat(papers.asks())
                .map(BorderPapers.Ask::demand)
                .containsExactly(
                        "in its original packaging with a copy of the prescription",
                        "in its original labelled packaging");
        assertThat(papers.asks().getFirst().supplies()).containsExactly("Adrenaline auto-injector (prescribed)");
        assertThat(papers.asks().get(1).supplies()).containsExactly("Paracetamol 500 mg");
    }

    @Test
    void aCabinAsksForSmallLiquidsAndWhatMayNotComeIsBoughtThere() {
        BorderPapers papers = BorderPapers.of(Set.of(Passage.CABIN), ALL, KIT);
        assertThat(papers.asks()).anySatisfy(a -> {
            assertThat(a.demand()).contains("at most 100 ml");
            assertThat(a.supplies()).contains("Sun cream, 50 ml");
        });
        assertThat(papers.buyThere()).contains("Needles, sterile, fine").doesNotContain("Sun cream, 50 ml");
        assertThat(BorderPapers.of(Set.of(), ALL, KIT).asks()).isEmpty();
    }
}
