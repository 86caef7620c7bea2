package hodeon.core.medication;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.aged;
import static hodeon.core.medication.People.conditions;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.need.Drivers;
import hodeon.core.party.Age;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SuitabilityTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    private static Suitability of(Patient... party) {
        return Suitability.of(CATALOGUE, SHIPPED, new DoseSheet(SHIPPED, Tradition.BRITISH), List.of(party));
    }

    @ParameterizedTest
    @CsvSource({
        "aspirin, 15, 60, ''",
        "aspirin, 40, 70, blood-thinner",
        "ibuprofen, 40, 70, stomach-ulcer",
        "ibuprofen, 40, 70, kidney",
        "ibuprofen, 40, 70, pregnancy-second",
        "ibuprofen, 40, 70, nsaid-asthma",
        "bismuth, 12, 40, ''",
        "loperamide, 9, 29, ''",
        "cold-relief, 40, 70, high-blood-pressure",
        "hydrocortisone-cream, 9, 29, ''",
        "paracetamol, 9, 29, ''",
        "child-ibuprofen, 2 m, 6, ''",
    })
    void whatTheSheetRefusesIsNotForThem(String supply, String age, String kg, String has) {
        assertThat(of(aged(age, kg).having(conditions(has))).contraindicated(supply))
                .containsKey("Beck");
    }

    @ParameterizedTest
    @CsvSource({
        "paracetamol, 40, 70, pregnancy",
        "paracetamol, 10, 32, ''",
        "ibuprofen, 40, 70, asthma",
        "child-ibuprofen, 4, 17, asthma",
        "child-paracetamol, 4 m, 6, ''",
        "oral-rehydration, 40, 70, kidney",
        "antihistamine-plain, 6, 20, ''",
    })
    void whatIsOnlyAskedAboutIsNotRefused(String supply, String age, String kg, String has) {
        assertThat(of(aged(age, kg).having(conditions(has))).contraindicated(supply))
                .isEmpty();
    }

    /** One source: what labels and cautions say stands in no second list. */
    @Test
    void theCatalogueSaysNothingOfItsOwnAboutMedicineThatIsKnown() {
        assertThat(CATALOGUE.supplies())
                .filteredOn(s -> SHIPPED.inSupply(s.id()).isPresent())
                .hasSizeGreaterThan(15)
                .allSatisfy(s -> assertThat(s.notFor()).as(s.id()).isEmpty());
    }

    @Test
    void whatNoLabelSpeaksOfIsToldAndIsNoReasonAgainst() {
        Suitability american = Suitability.of(
                CATALOGUE, SHIPPED, new DoseSheet(SHIPPED, Tradition.NORTH_AMERICAN), List.of(aged("40", "70")));
        assertThat(american.refused().get("mouth-gel").get("Beck").kind()).isEqualTo(WhyNot.Kind.NO_LABEL);
        assertThat(american.contraindicated("mouth-gel")).isEmpty();
    }

    /** Two tablets are a grown-up's dose and one that of somebody of eleven or fourteen; a dose is nobody's property of a box. */
    @Test
    void aDoseIsAsManyTabletsAsTheLabelGivesThePerson() {
        Suitability party = of(called("Ebba", "40"), called("Noor", "11"), called("Sef", "14"));
        assertThat(party.piecesPerDose().get("paracetamol"))
                .containsExactlyInAnyOrderEntriesOf(Map.of("Ebba", 2, "Noor", 1, "Sef", 1));
        assertThat(party.meanPiecesPerDose().get("paracetamol")).isCloseTo(4 / 3.0, within(1e-9));
        assertThat(party.piecesPerDose()).doesNotContainKey("loperamide");
        assertThat(CATALOGUE.supply("paracetamol").orElseThrow().uses(16)).isEqualTo(8);
        assertThat(CATALOGUE
                        .withPiecesPerUse(party.meanPiecesPerDose())
                        .supply("paracetamol")
                        .orElseThrow()
                        .piecesFor(3))
                .isEqualTo(4);
    }

    private static Patient called(String name, String age) {
        return Patient.of(name, Age.parse(age).orElseThrow(), People.TODAY);
    }
}
