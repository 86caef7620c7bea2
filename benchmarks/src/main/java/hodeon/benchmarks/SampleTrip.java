package hodeon.benchmarks;

import hodeon.core.brief.Activity;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** The invented skerry ring: eight people, six days, 2,300 g. */
final class SampleTrip {

    private SampleTrip() {}

    /** The party so many times over, for so many days. */
    static Trip of(Stance stance, int parties, int days) {
        LocalDate start = LocalDate.of(2027, 6, 12);
        List<Leg> legs = List.of(
                new Leg(Activity.PADDLING, Environment.COAST, days), new Leg(Activity.CAMP, Environment.COAST, days));
        List<Person> people = List.of(
                person("Leader", 44, Training.ADVANCED, Set.of(), Set.of(), Set.of()),
                person("Sweep", 38, Training.WILDERNESS, Set.of(), Set.of(), Set.of()),
                person(
                        "Sting allergy",
                        34,
                        Training.BASIC,
                        Set.of(Allergy.STING),
                        Set.of(Condition.SEVERE_ALLERGY),
                        Set.of(RescueMedicine.AUTO_INJECTOR)),
                person("Blood thinner", 63, Training.UNTRAINED, Set.of(), Set.of(Condition.BLOOD_THINNER), Set.of()),
                person("Blisters easily", 41, Training.BASIC, Set.of(), Set.of(Condition.BLISTER_PRONE), Set.of()),
                person("Teen", 13, Training.UNTRAINED, Set.of(), Set.of(), Set.of()),
                person(
                        "Child",
                        9,
                        Training.UNTRAINED,
                        Set.of(),
                        Set.of(Condition.ASTHMA),
                        Set.of(RescueMedicine.RELIEVER_INHALER)),
                person(
                        "Lenses",
                        29,
                        Training.UNTRAINED,
                        Set.of(Allergy.LATEX),
                        Set.of(Condition.CONTACT_LENSES),
                        Set.of()));
        Party party = new Party(IntStream.range(0, parties)
                .boxed()
                .flatMap(i -> people.stream())
                .toList());
        return new Trip(
                "Skerry ring",
                start,
                start.plusDays(days - 1L),
                Season.SUMMER,
                legs,
                party,
                9,
                Set.of(),
                Set.of(),
                Company.NONE,
                stance,
                Limits.ofMass(Mass.ofGrams(2300)));
    }

    private static Person person(
            String name,
            int years,
            Training training,
            Set<Allergy> allergies,
            Set<Condition> conditions,
            Set<RescueMedicine> rescue) {
        return Person.of(name, Age.ofYears(years), Mass.ofGrams(65_000), training, allergies, conditions, rescue);
    }
}
