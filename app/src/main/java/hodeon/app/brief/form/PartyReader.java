package hodeon.app.brief.form;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Faults;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Reads the party of a brief, a row at a time.
 *
 * @param today the day on which a mass without a date was taken
 */
record PartyReader(LocalDate today, Faults faults, FieldReader read) {

    private static final BigDecimal LEAST_KILOGRAMS = BigDecimal.ONE;
    private static final BigDecimal MOST_KILOGRAMS = BigDecimal.valueOf(300);

    List<People> read(List<PersonForm> rows) {
        List<People> people = new ArrayList<>();
        if (rows.isEmpty()) {
            faults.add(
                    "people",
                    Wording.says("partyReader.0People"),
                    Wording.says("partyReader.aPartyHas1ToPeople", Party.MOST_PEOPLE),
                    Wording.says("partyReader.addAPerson"));
        }
        int sum = 0;
        Set<String> names = new HashSet<>();
        for (int i = 0; i < rows.size(); i++) {
            PersonForm row = rows.get(i);
            String at = "people[" + i + "].";
            String of = " " + Wording.says("partyReader.ofPerson", i + 1);
            int before = faults.all().size();
            String name = read.line(
                    at + "name", row.getName(), Wording.says("partyReader.theName", of), BriefConverter.LONGEST_NAME);
            if (!name.isEmpty() && !names.add(name)) {
                faults.add(
                        at + "name",
                        name,
                        Wording.says("partyReader.somebodyOfThatNameIsAlreadyIn"),
                        Wording.says("partyReader.tellThemApartSoThatNotesReach"));
            }
            int alike = read.whole(
                    at + "alike", row.getAlike(), 1, Party.MOST_PEOPLE, Wording.says("partyReader.theNumberAlike", of));
            sum += alike;
            Age age = read.age(at + "years", row.getYears(), Wording.says("partyReader.theAge", of))
                    .orElse(Age.ofYears(0));
            BigDecimal kilograms = read.kilograms(
                            at + "kilograms",
                            row.getKilograms(),
                            Wording.says("partyReader.theBodyMass", of),
                            LEAST_KILOGRAMS,
                            MOST_KILOGRAMS)
                    .orElse(LEAST_KILOGRAMS);
            Optional<LocalDate> weighedOn = weighedOn(at + "weighedOn", row.getWeighedOn(), of);
            Training training = read.choice(
                    at + "training", row.getTraining(), Wording.says("partyReader.theTraining", of), Training.class);
            Set<Allergy> allergies = read.choices(
                    at + "allergies", row.getAllergies(), Wording.says("partyReader.anAllergy", of), Allergy.class);
            Set<Condition> conditions = read.choices(
                    at + "conditions",
                    row.getConditions(),
                    Wording.says("partyReader.aCondition", of),
                    Condition.class);
            Set<RescueMedicine> rescue = read.choices(
                    at + "rescue",
                    row.getRescue(),
                    Wording.says("partyReader.aRescueMedicine", of),
                    RescueMedicine.class);
            if (faults.all().size() == before) {
                Mass mass = Mass.ofGrams(kilograms.movePointRight(3));
                people.add(new People(
                        new Person(id(row, name), name, age, mass, weighedOn, training, allergies, conditions, rescue),
                        alike));
            }
        }
        if (sum > Party.MOST_PEOPLE) {
            faults.add(
                    "people",
                    Wording.says("partyReader.people", sum),
                    Wording.says("partyReader.aPartyHasAtMostPeople", Party.MOST_PEOPLE),
                    Wording.says("partyReader.splitThePartyIntoSeveralOutings"));
        }
        return people;
    }

    /** What is no id says nothing: the name does. Whose id it may be, the household's service says. */
    private static UUID id(PersonForm row, String name) {
        try {
            return UUID.fromString(row.getId().strip());
        } catch (IllegalArgumentException none) {
            return Person.idOf(name);
        }
    }

    /** Nothing typed is weighed today. */
    private Optional<LocalDate> weighedOn(String field, String typed, String of) {
        if (typed.isBlank()) {
            return Optional.of(today);
        }
        Optional<LocalDate> day = read.date(field, typed, Wording.says("partyReader.theDayOfTheMass", of));
        if (day.filter(d -> d.isAfter(today)).isPresent()) {
            faults.add(
                    field,
                    typed,
                    Wording.says("partyReader.theDayOfTheMassLiesIn", of),
                    Wording.says("partyReader.correctItOrLeaveItEmpty"));
        }
        return day;
    }
}
