package hodeon.core.catalogue.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Repeat;
import hodeon.core.evidence.Basis;
import hodeon.core.need.Drivers;
import org.junit.jupiter.api.Test;

class CatalogueReaderTest {

    private static final String CAPABILITIES = "[cover]\nname = Cover\nunit = plaster\n";
    private static final String SUPPLIES = """
            [plaster]
            name = Plaster
            group = cover
            form = pad
            piece = plaster
            mass = 1.5
            volume = 2
            serves = cover made
            price = trifle
            pack = 20
            """;
    private static final String PROBLEMS = """
            [cut]
            name = Cut
            severity = 1
            rate = 9
            strength = weak
            basis = assumption
            step = cover | 1 0.5, 2 0.5 | redress 1 d heal 3 d | critical
            """;

    private static CatalogueReader.Reading read(String capabilities, String supplies, String problems) {
        return CatalogueReader.read(Drivers.vocabulary(), capabilities, supplies, problems);
    }

    @Test
    void theShippedFilesAreWholeAndLargeEnough() {
        assertThat(Samples.CATALOGUE.problems()).hasSizeGreaterThanOrEqualTo(60);
        assertThat(Samples.CATALOGUE.capabilities()).hasSizeGreaterThanOrEqualTo(50);
        assertThat(Samples.CATALOGUE.supplies()).hasSizeGreaterThanOrEqualTo(150);
    }

    @Test
    void aConditionOfPlaceAndAConditionOfPersonNeverStandInOneLine() {
        assertThat(Samples.CATALOGUE.problems())
                .allSatisfy(problem -> assertThat(problem.needs()).allSatisfy(line -> assertThat(
                                line.stream().map(Drivers::isPersonal).distinct())
                        .hasSize(1)));
    }

    @Test
    void readsWhatIsWritten() {
        CatalogueReader.Reading reading = read(CAPABILITIES, SUPPLIES, PROBLEMS);
        assertThat(reading.faults()).isEmpty();
        assertThat(reading.catalogue().supply("plaster").orElseThrow().mass().milligrams())
                .isEqualTo(1500);
        assertThat(reading.catalogue()
                        .problem("cut")
                        .orElseThrow()
                        .steps()
                        .getFirst()
                        .repeat())
                .isEqualTo(new Repeat.Redress(1, 3, 1));
    }

    @Test
    void everyFaultIsReportedAtOnceWithItsLine() {
        CatalogueReader.Reading reading = read(
                CAPABILITIES + "[lonely]\nname = Nobody asks\nunit = use\n",
                SUPPLIES.replace("mass = 1.5", "mass = heavy").replace("group = cover", "group = hats")
                        + "colour = blue\nnonsense\nnot-for = age:baby\n",
                PROBLEMS.replace("severity = 1", "severity = 9")
                        .replace("2 0.5", "2 0.7")
                        .replace("cut]", "cut]\nfactor = x"));
        assertThat(reading.faults())
                .extracting(CatalogueFault::toString)
                .anySatisfy(f -> assertThat(f).isEqualTo("supplies.txt:6: “heavy” is not a number that fits here."))
                .anySatisfy(f -> assertThat(f).startsWith("supplies.txt:3: “hats” is not one of [bleeding,"))
                .anySatisfy(f -> assertThat(f).startsWith("supplies.txt:11: “colour” is not a known key"))
                .anySatisfy(f -> assertThat(f).startsWith("supplies.txt:12: “nonsense” is neither"))
                .anySatisfy(f -> assertThat(f).startsWith("supplies.txt:13: “age:baby” is not a known tag"))
                .anySatisfy(f -> assertThat(f).startsWith("problems.txt:2: “x” is not “tag multiplier”."))
                .anySatisfy(f -> assertThat(f).isEqualTo("problems.txt:4: 9 is outside 1 to 5."))
                .anySatisfy(f -> assertThat(f).startsWith("problems.txt:8: The probabilities of"))
                .anySatisfy(f -> assertThat(f).isEqualTo("capabilities.txt:4: No supply serves [lonely]."))
                .anySatisfy(f -> assertThat(f).isEqualTo("capabilities.txt:4: No problem's step asks for [lonely]."));
    }

    @Test
    void unknownCapabilitiesAndRepeatedSectionsAreFaults() {
        assertThat(read(CAPABILITIES, SUPPLIES.replace("serves = cover", "serves = fly"), PROBLEMS)
                        .faults())
                .anySatisfy(f -> assertThat(f.message()).contains("names the capability “fly”"));
        assertThat(read(CAPABILITIES + CAPABILITIES, SUPPLIES, PROBLEMS).faults())
                .anySatisfy(f -> assertThat(f.message()).isEqualTo("[cover] already stands at line 1."));
    }

    /** 2 events among 8 people in 60 days: 480 person-days, so 4.17 in 1,000, and it weighs as much as those days. */
    @Test
    void aProblemOfOnesOwnCountsWhatSomebodySaw() {
        String text = """
                [own-spine]
                name = Spine
                severity = 2
                counted = 2 times to 8 people in 60 days
                step = cover | 1 | once | critical
                """;
        Catalogue known = read(CAPABILITIES, SUPPLIES, PROBLEMS).catalogue();
        Problem own = CatalogueReader.problems(Drivers.vocabulary(), known, text)
                .catalogue()
                .problems()
                .getFirst();
        assertThat(own.rate().perThousandPersonDays()).isCloseTo(4.1667, within(1e-4));
        assertThat(own.rate().priorPersonDays()).isEqualTo(480);
        assertThat(own.rate().basis()).isEqualTo(new Basis.Own());
        assertThat(CatalogueReader.problems(
                                Drivers.vocabulary(),
                                known,
                                text.replace("2 times", "0 times") + "step = fly | 1 | once | critical\n")
                        .faults())
                .extracting(CatalogueFault::toString)
                .containsExactlyInAnyOrder(
                        "your own problems:4: “0 times to 8 people in 60 days” holds a 0; each number is above 0.",
                        "your own problems:1: [own-spine] names the capability “fly”, which capabilities.txt lacks.");
    }
}
