package hodeon.core;

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
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Patient;
import hodeon.core.medication.Suitability;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.FormularyReader;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.need.Drivers;
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

/** The invented sample trip, for tests. */
public final class Samples {

    public static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    private static final Formulary FORMULARY = FormularyReader.shipped();

    private Samples() {}

    public static Person adult(String name, Training training) {
        return person(name, 40, 70, training, Set.of(), Set.of(), Set.of());
    }

    public static Person person(
            String name,
            int years,
            int kilograms,
            Training training,
            Set<Allergy> allergies,
            Set<Condition> conditions,
            Set<RescueMedicine> rescue) {
        return Person.of(
                name, Age.ofYears(years), Mass.ofGrams(kilograms * 1000L), training, allergies, conditions, rescue);
    }

    /** Which medicine is not for whom of a trip's party, by British labels. */
    public static Suitability suitability(Trip trip) {
        List<Patient> party = trip.party().people().stream()
                .map(p -> Patient.of(p, trip.start()))
                .toList();
        return Suitability.of(CATALOGUE, FORMULARY, new DoseSheet(FORMULARY, Tradition.BRITISH), party);
    }

    public static Party tidewrack() {
        return new Party(List.of(
                adult("Ottilie Brandt", Training.ADVANCED),
                adult("Sef Marchetti-Vos", Training.WILDERNESS),
                person(
                        "Priya Anand-Holt",
                        34,
                        61,
                        Training.BASIC,
                        Set.of(Allergy.STING),
                        Set.of(Condition.SEVERE_ALLERGY),
                        Set.of(RescueMedicine.AUTO_INJECTOR)),
                person("Jonas Weil", 63, 82, Training.UNTRAINED, Set.of(), Set.of(Condition.BLOOD_THINNER), Set.of()),
                person("Lumi Halla", 41, 66, Training.BASIC, Set.of(), Set.of(Condition.BLISTER_PRONE), Set.of()),
                person("Wren Halla", 13, 46, Training.UNTRAINED, Set.of(), Set.of(), Set.of()),
                person(
                        "Beck Halla",
                        9,
                        29,
                        Training.UNTRAINED,
                        Set.of(),
                        Set.of(Condition.ASTHMA),
                        Set.of(RescueMedicine.RELIEVER_INHALER)),
                person(
                        "Noor Castellan",
                        29,
                        58,
                        Training.UNTRAINED,
                        Set.of(Allergy.LATEX),
                        Set.of(Condition.CONTACT_LENSES),
                        Set.of())));
    }

    public static Trip skerryRing() {
        return trip(tidewrack(), 6, Stance.HOLD_UNTIL_HELP, 2300);
    }

    public static Trip trip(Party party, int days, Stance stance, int limitGrams) {
        LocalDate start = LocalDate.of(2027, 6, 12);
        return new Trip(
                "Skerry ring",
                start,
                start.plusDays(days - 1L),
                Season.SUMMER,
                List.of(
                        new Leg(Activity.PADDLING, Environment.COAST, 2 * days - 1),
                        new Leg(Activity.CAMP, Environment.COAST, 1)),
                party,
                9,
                Set.of(),
                Set.of(),
                Company.NONE,
                stance,
                Limits.ofMass(Mass.ofGrams(limitGrams)));
    }

    /** A summer outing of so many trained adults with one leg and nothing special about it. */
    public static Trip outing(
            Activity activity,
            Environment environment,
            int people,
            int days,
            int hours,
            Stance stance,
            int limitGrams) {
        LocalDate start = LocalDate.of(2027, 6, 12);
        return new Trip(
                "Somewhere",
                start,
                start.plusDays(days - 1L),
                Season.SUMMER,
                List.of(new Leg(activity, environment, 2 * days)),
                new Party(IntStream.rangeClosed(1, people)
                        .mapToObj(i -> adult("Person " + i, Training.WILDERNESS))
                        .toList()),
                hours,
                Set.of(),
                Set.of(),
                Company.NONE,
                stance,
                Limits.ofMass(Mass.ofGrams(limitGrams)));
    }
}
