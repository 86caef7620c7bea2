package hodeon.core.catalogue.words;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.need.Drivers;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class WordsFileTest {

    private static final List<Supply> SUPPLIES =
            CatalogueReader.shipped(Drivers.vocabulary()).supplies();
    private static final String TEXT = SectionFile.shipped(Vocabulary.class, "words.txt");

    @Test
    void everySectionIsOfSuppliesThereAre() {
        Set<String> ids = SUPPLIES.stream().map(Supply::id).collect(Collectors.toSet());
        List<String> named = TEXT.lines()
                .filter(l -> l.startsWith("[") && !l.equals("[*]"))
                .flatMap(l -> Arrays.stream(l.substring(1, l.length() - 1).split(" \\| ")))
                .toList();
        assertThat(ids).containsAll(named);
    }

    @Test
    void aWrongLineIsAFaultWithItsPlace() {
        List<CatalogueFault> faults = new ArrayList<>();
        Vocabulary.of(SUPPLIES, "[shears]\nalso = snips\ncalled = cutters\n", faults);
        assertThat(faults).singleElement().satisfies(f -> assertThat(f.toString())
                .contains("words.txt:3", "called", "also"));
    }

    /** A phrase of a prescribed medicine that says only what it is against would guess a prescription. */
    @Test
    void prescribedMedicineIsNotCalledByWhatItIsAgainst() {
        Set<String> against = Set.of("pain", "painkiller", "allergy", "asthma", "headache", "infection", "nausea");
        Set<String> prescribed = SUPPLIES.stream()
                .filter(s -> s.prescribed().isPresent())
                .map(Supply::id)
                .collect(Collectors.toSet());
        assertThat(prescribed).isNotEmpty();
        assertThat(Vocabulary.shipped(SUPPLIES).phrases())
                .filteredOn(p -> prescribed.contains(p.supply()) && p.force() == Vocabulary.Force.MEANS)
                .noneMatch(p -> against.containsAll(p.words()));
    }
}
