package hodeon.app.medicine;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.brief.Passage;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class BorderPapersTest {

    private static final List<Supply> ON_MAT = Stream.of("paracetamol", "auto-injector", "sun-cream", "gauze-large")
            .map(id -> CatalogueReader.shipped(Drivers.vocabulary()).supply(id).orElseThrow())
            .toList();

    @Test
    void aBorderAsksForPackagingAndPrescriptions() {
        BorderPapers papers = BorderPapers.of(Set.of(Passage.BORDER), ON_MAT, List.of());
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
        Supply needle = CatalogueReader.shipped(Drivers.vocabulary())
                .supply("sterile-needle")
                .orElseThrow();
        BorderPapers papers = BorderPapers.of(Set.of(Passage.CABIN), ON_MAT, List.of(needle));
        assertThat(papers.asks()).anySatisfy(a -> {
            assertThat(a.demand()).contains("at most 100 ml");
            assertThat(a.supplies()).contains("Sun cream, 50 ml");
        });
        assertThat(papers.buyThere()).containsExactly(needle.name());
        assertThat(BorderPapers.of(Set.of(), ON_MAT, List.of()).asks()).isEmpty();
    }
}
