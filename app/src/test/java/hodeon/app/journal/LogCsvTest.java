package hodeon.app.journal;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.brief.Activity;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.party.Age;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogCsvTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());
    private static final LocalDate FIRST = LocalDate.of(2027, 2, 28);
    private static final Trip TRIP = new Trip(
            "Spring shakedown",
            FIRST,
            FIRST.plusDays(2),
            Season.SPRING,
            List.of(new Leg(Activity.PADDLING, Environment.COAST, 6)),
            new Party(List.of(Person.of(
                    "Lumi Halla",
                    Age.ofYears(41),
                    Mass.ofGrams(66_000),
                    Training.BASIC,
                    Set.of(),
                    Set.of(),
                    Set.of()))),
            3,
            Set.of(),
            Set.of(),
            Company.NONE,
            Stance.HOLD_UNTIL_HELP,
            Limits.ofMass(Mass.ofGrams(800)));

    private static List<UseLog.Line> read(String text, Faults faults) {
        return LogCsv.read(text, CATALOGUE, TRIP, faults);
    }

    @Test
    void namesIdsQuotesAndMissingColumnsAreUnderstood() {
        Faults faults = new Faults();
        List<UseLog.Line> lines = read("""
                date,problem,times,note
                2027-02-28,Hot spot,2,"Lumi, ""both"" thumbs"
                2027-03-01,blister

                2027-03-02, GRAZE , 3 ,
                """, faults);
        assertThat(faults.all()).isEmpty();
        assertThat(lines)
                .containsExactly(
                        new UseLog.Line(FIRST, "hot-spot", 2, "Lumi, \"both\" thumbs"),
                        new UseLog.Line(FIRST.plusDays(1), "blister", 1, ""),
                        new UseLog.Line(FIRST.plusDays(2), "graze", 3, ""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "2027-02-29,blister | line 1: date",
                "2027-03-03,blister | line 1: date",
                "yesterday,blister | line 1: date",
                "2027-03-01,wings | line 1: problem",
                "2027-03-01,blister,0 | line 1: times",
                "2027-03-01,blister,1001 | line 1: times",
                "2027-03-01,blister,-1 | line 1: times",
                "2027-03-01,\"blister | text"
            })
    void aBadLineIsNamedAndNothingIsRead(String line, String field) {
        Faults faults = new Faults();
        assertThat(read(line, faults)).isEmpty();
        assertThat(faults.all()).extracting(Fault::field).containsExactly(field);
    }

    @Test
    void oneBadLineInTheMiddleKeepsAllOut() {
        Faults faults = new Faults();
        String good = "2027-03-01,blister\n";
        assertThat(read(good.repeat(700) + "2027-03-01,blister,many\n" + good.repeat(700), faults))
                .isEmpty();
        assertThat(faults.all()).singleElement().satisfies(f -> {
            assertThat(f.field()).isEqualTo("line 701: times");
            assertThat(f.sentence()).contains("“many” was given");
        });
    }

    @Test
    void anEndlessLogIsRefused() {
        Faults faults = new Faults();
        assertThat(read("2027-03-01,blister\n".repeat(2_100), faults)).isEmpty();
        assertThat(faults.all()).singleElement().satisfies(f -> assertThat(f.limit())
                .contains("2000"));
    }
}
