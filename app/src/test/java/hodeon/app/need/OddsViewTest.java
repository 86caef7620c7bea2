package hodeon.app.need;

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
import hodeon.core.need.Forecast;
import hodeon.core.party.Age;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class OddsViewTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());
    private static final Trip TRIP = new Trip(
            "Skerry ring",
            LocalDate.of(2027, 6, 12),
            LocalDate.of(2027, 6, 15),
            Season.SUMMER,
            List.of(new Leg(Activity.PADDLING, Environment.COAST, 6), new Leg(Activity.CAMP, Environment.COAST, 2)),
            new Party(List.of(person("Ottilie Brandt", 44), person("Beck Halla", 9))),
            9,
            Set.of(),
            Set.of(),
            Company.NONE,
            Stance.HOLD_UNTIL_HELP,
            Limits.ofMass(Mass.ofGrams(900)));

    private static Person person(String name, int years) {
        return Person.of(name, Age.ofYears(years), Mass.ofGrams(60_000), Training.BASIC, Set.of(), Set.of(), Set.of());
    }

    private static List<OddsView.Row> rows(String... asked) {
        return view(asked).parts().stream().flatMap(p -> p.rows().stream()).toList();
    }

    private static OddsView view(String... asked) {
        Map<String, String> by = asked.length == 0 ? Map.of() : Map.of(asked[0], asked[1]);
        OddsLook look = OddsLook.of(
                new OddsLook.Asked(
                        by.get("order"),
                        by.get("grouped"),
                        by.get("leg"),
                        by.get("person"),
                        by.get("longer"),
                        by.get("more"),
                        by.get("stoveHome")),
                TRIP);
        return OddsView.of(Forecast.of(TRIP, CATALOGUE), Forecast.of(look.tried(TRIP), CATALOGUE), look);
    }

    @Test
    void orderAndGroupsAreAsAsked() {
        assertThat(rows("order", "severity")).extracting(r -> -r.severity()).isSorted();
        assertThat(rows("order", "chance"))
                .extracting(r -> -Double.parseDouble(r.barWidth()))
                .isSorted();
        // Chance times severity, by the numbers that stand there.
        Forecast forecast = Forecast.of(TRIP, CATALOGUE);
        assertThat(rows())
                .extracting(r -> -r.severity()
                        * forecast.problem(r.id()).orElseThrow().events().atLeastOne())
                .isSorted();
        OddsView grouped = view("grouped", "yes");
        assertThat(grouped.parts()).extracting(OddsView.Part::heading).first().isEqualTo("5, threatens life");
        for (OddsView.Part part : grouped.parts()) {
            assertThat(part.rows()).allMatch(r -> part.heading().startsWith(Integer.toString(r.severity())));
        }
        assertThat(rows("grouped", "yes")).hasSameSizeAs(rows());
    }

    @Test
    void aLegOrAPersonHasAPartOfTheOddsAndNeverMoreThanAll() {
        Map<String, Double> all = new HashMap<>();
        rows().forEach(r -> all.put(r.id(), Double.parseDouble(r.barWidth())));
        for (String[] part : new String[][] {{"leg", "1"}, {"leg", "2"}, {"person", "Beck Halla"}}) {
            assertThat(rows(part)).isNotEmpty().allSatisfy(r -> assertThat(Double.parseDouble(r.barWidth()))
                    .as(r.id() + " of " + part[1])
                    .isLessThanOrEqualTo(all.get(r.id())));
        }
        assertThat(rows("person", "Beck Halla")).extracting(OddsView.Row::id).contains("child-fever");
        assertThat(rows("person", "Ottilie Brandt"))
                .extracting(OddsView.Row::id)
                .doesNotContain("child-fever");
        assertThat(rows("leg", "9")).hasSameSizeAs(rows());
    }

    @Test
    void whatIsTriedOutSaysWhatItWasBefore() {
        assertThat(rows("longer", "yes"))
                .filteredOn(r -> r.id().equals("blister"))
                .singleElement()
                .satisfies(r -> assertThat(r.change()).startsWith("up from "));
        assertThat(rows("stoveHome", "yes"))
                .filteredOn(r -> !r.change().isEmpty())
                .extracting(OddsView.Row::id)
                .containsExactlyInAnyOrder("small-burn", "large-burn", "carbon-monoxide");
        assertThat(rows()).allMatch(r -> r.change().isEmpty());
    }
}
