package hodeon.app.people;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads the form about a person; everything that is wrong is told at once. */
final class PersonReader {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_REASON = 200;
    private static final int MOST_REACTIONS = 20;
    private static final int LONGEST_NOTES = 2000;
    private static final BigDecimal LEAST_KILOGRAMS = new BigDecimal("0.5");
    private static final BigDecimal MOST_KILOGRAMS = new BigDecimal(300);
    /** Three minutes: rescue medicine may be directed again within the hour. */
    private static final BigDecimal LEAST_HOURS = new BigDecimal("0.05");

    private static final int MOST_HOURS = 24 * 7;
    private static final BigDecimal LEAST_MILLIGRAMS = new BigDecimal("0.001");
    private static final BigDecimal MOST_MILLIGRAMS = BigDecimal.valueOf(100_000);
    private static final int MOST_DECIMALS = 3;

    private final ProfileForm form;
    private final Formulary formulary;
    private final LocalDate today;
    private final Faults faults = new Faults();
    private final FieldReader read = new FieldReader(faults);

    PersonReader(ProfileForm form, Formulary formulary, LocalDate today) {
        this.form = form;
        this.formulary = formulary;
        this.today = today;
    }

    List<Fault> faults() {
        return faults.all();
    }

    Optional<Profile> read() {
        boolean dog = form.isDog();
        String name = read.line("name", form.name(), Wording.says("personReader.aName"), LONGEST_NAME);
        Optional<LocalDate> born = day("born", form.born(), Wording.says("personReader.theBirthDate"));
        Age age = born.isEmpty() && form.born().isEmpty()
                ? age("years", form.years(), Wording.says("personReader.theAgeWhereTheBirthDateIs"), !dog)
                        .orElse(Age.ofYears(0))
                : Age.ofYears(0);
        Optional<BigDecimal> kilograms = form.kilograms().isEmpty()
                ? Optional.empty()
                : read.kilograms(
                        "kilograms",
                        form.kilograms(),
                        Wording.says("personReader.theBodyMass"),
                        LEAST_KILOGRAMS,
                        MOST_KILOGRAMS);
        Optional<LocalDate> weighedOn =
                day("weighedOn", form.weighedOn(), Wording.says("personReader.theDayOfTheMass"));
        if (kilograms.isPresent() && weighedOn.isEmpty() && form.weighedOn().isEmpty()) {
            weighedOn = Optional.of(today);
        }
        Profile profile = new Profile(
                dog,
                name,
                born.orElse(null),
                age.years(),
                born.isPresent() ? null : today,
                age.months() % 12 == 0 ? null : age.months() % 12,
                kilograms.orElse(null),
                weighedOn.orElse(null),
                read.chosen("training", form.training(), Wording.says("personReader.theTraining"), Training.class)
                        .orElse(Training.UNTRAINED),
                read.choices("allergies", form.allergies(), Wording.says("personReader.anAllergy"), Allergy.class),
                reactsTo(),
                read.choices("conditions", form.conditions(), Wording.says("personReader.aCondition"), Condition.class),
                rescue(),
                regular(),
                directions(),
                contacts(),
                read.text("notes", form.notes(), "notes", LONGEST_NOTES));
        return faults.none() ? Optional.of(profile) : Optional.empty();
    }

    private Optional<BigDecimal> milligrams(String field, String typed, String what, boolean needed) {
        return typed.isEmpty() && !needed
                ? Optional.empty()
                : read.number(field, typed, what, LEAST_MILLIGRAMS, MOST_MILLIGRAMS, MOST_DECIMALS, "mg");
    }

    private Optional<Age> age(String field, String typed, String what, boolean needed) {
        return typed.isEmpty() && !needed ? Optional.empty() : read.age(field, typed, what);
    }

    private Optional<LocalDate> day(String field, String typed, String what) {
        return typed.isEmpty() ? Optional.empty() : read.past(field, typed, what, earliest(), today);
    }

    private LocalDate earliest() {
        return today.minusYears(Age.OLDEST_YEARS + 1);
    }

    /** Single medicines by any of their names; what nobody here knows is kept as it was typed, and asked about. */
    private Set<String> reactsTo() {
        Set<String> ids = new LinkedHashSet<>();
        for (String line : form.reactsTo()) {
            for (String name : line.split("[,;\n]")) {
                if (!name.isBlank()) {
                    ids.add(formulary.ingredientNamed(name).map(Ingredient::id).orElse(name.strip()));
                }
            }
        }
        if (ids.size() > MOST_REACTIONS || ids.stream().anyMatch(n -> n.length() > LONGEST_NAME)) {
            faults.add(
                    "reactsTo",
                    String.join(", ", ids),
                    Wording.says("personReader.atMostMedicinesOfAtMostCharacters", MOST_REACTIONS, LONGEST_NAME),
                    Wording.says("personReader.nameTheMedicinesOnlySeparatedBy"));
        }
        return ids;
    }

    private Map<RescueMedicine, String> rescue() {
        Map<RescueMedicine, String> where = new EnumMap<>(RescueMedicine.class);
        read.choices("rescue", form.rescue(), Wording.says("personReader.aRescueMedicine"), RescueMedicine.class)
                .forEach(r -> where.put(
                        r, read.text("where[" + r.name() + "]", form.rides(r.name()), "where it rides", LONGEST_NAME)));
        return where;
    }

    private List<Profile.Regular> regular() {
        List<Profile.Regular> rows = new ArrayList<>();
        for (int i = 0; i < form.regularRows().size(); i++) {
            ProfileForm.RegularRow row = form.regularRows().get(i);
            String at = "regular[" + i + "].";
            String product = row.product();
            if (formulary.product(product).isEmpty()) {
                faults.add(
                        at + "product",
                        product,
                        Wording.says("personReader.aRegularMedicineIsOneOfThe"),
                        Wording.says("personReader.enterYourOwnUnderMedicinesFirst"));
            }
            Optional<BigDecimal> units = read.number(
                    at + "units",
                    row.units(),
                    Wording.says("personReader.howMuchIsTakenAtOnce"),
                    new BigDecimal("0.01"),
                    BigDecimal.valueOf(1000),
                    MOST_DECIMALS,
                    "");
            List<LocalTime> times = new ArrayList<>();
            for (String word : row.times().split("[ ,;]+")) {
                try {
                    times.add(LocalTime.parse(word.length() == 4 ? "0" + word : word));
                } catch (DateTimeException e) {
                    faults.add(
                            at + "times",
                            row.times(),
                            Wording.says("personReader.timesOfDayAreWrittenLike08"),
                            Wording.says("personReader.writeEachAsHoursAndMinutes"));
                    break;
                }
            }
            rows.add(new Profile.Regular(
                    product,
                    units.orElse(BigDecimal.ONE),
                    times,
                    read.text(at + "note", row.note(), Wording.says("personReader.aNote"), LONGEST_NAME)));
        }
        return rows;
    }

    private List<Profile.Directed> directions() {
        List<Profile.Directed> rows = new ArrayList<>();
        for (int i = 0; i < form.directionRows().size(); i++) {
            ProfileForm.DirectionRow row = form.directionRows().get(i);
            String at = "direction[" + i + "].";
            String ingredient = row.ingredient();
            if (formulary.ingredient(ingredient).isEmpty()) {
                faults.add(
                        at + "ingredient",
                        ingredient,
                        Wording.says("personReader.aDirectionIsForAnIngredientOf"),
                        Wording.says("dispensing.chooseOne"));
            }
            Optional<BigDecimal> each =
                    milligrams(at + "perKilogram", row.perKilogram(), Wording.says("personReader.mgForEachKg"), false);
            Optional<BigDecimal> eachDay = milligrams(
                    at + "perKilogramADay",
                    row.perKilogramADay(),
                    Wording.says("personReader.mgForEachKgIn24H"),
                    false);
            Optional<Age> from =
                    age(at + "from", row.from(), Wording.says("personReader.theAgeFromWhichItHolds"), false);
            Optional<Age> to = age(at + "to", row.to(), Wording.says("personReader.theAgeUpToWhichItHolds"), false);
            if (from.isPresent() && to.isPresent() && !from.get().under(to.get())) {
                faults.add(
                        at + "to",
                        row.to(),
                        Wording.says("personReader.theAgeUpToWhichItHolds2"),
                        Wording.says("personReader.lookAtTheDirectionAgain"));
            }
            Optional<BigDecimal> once =
                    milligrams(at + "most", row.most(), Wording.says("personReader.theMostAtOnceInMg"), true);
            Optional<BigDecimal> day =
                    milligrams(at + "day", row.day(), Wording.says("personReader.theMostIn24HInMg"), true);
            Optional<BigDecimal> hours = read.number(
                    at + "hours",
                    row.hours(),
                    Wording.says("personReader.theHoursBetweenTwoDoses"),
                    LEAST_HOURS,
                    BigDecimal.valueOf(MOST_HOURS),
                    MOST_DECIMALS,
                    "h");
            if (once.isPresent() && day.isPresent() && day.get().compareTo(once.get()) < 0) {
                faults.add(
                        at + "day",
                        row.day(),
                        Wording.says("personReader.theMostIn24HIsAt"),
                        Wording.says("personReader.lookAtTheDirectionAgain"));
            }
            rows.add(new Profile.Directed(
                    ingredient,
                    read.chosen(at + "form", row.form(), Wording.says("ownMedicineReader.theForm"), MedicineForm.class)
                            .orElse(null),
                    each.orElse(null),
                    once.orElse(BigDecimal.ONE),
                    hours.orElse(BigDecimal.ONE),
                    day.orElse(BigDecimal.ONE),
                    eachDay.orElse(null),
                    from.map(Age::months).orElse(null),
                    to.map(Age::months).orElse(null),
                    row.beyond().equals("true"),
                    Optional.of(read.text(
                                    at + "ceilings",
                                    row.ceilings(),
                                    Wording.says("personReader.whyItMayPassACeiling"),
                                    LONGEST_REASON))
                            .filter(t -> !t.isEmpty())
                            .orElse(null),
                    read.line(at + "by", row.by(), Wording.says("personReader.whoDirectedIt"), LONGEST_NAME),
                    read.past(at + "on", row.on(), Wording.says("personReader.theDayItWasDirected"), earliest(), today)
                            .orElse(today)));
        }
        return rows;
    }

    private List<Profile.Contact> contacts() {
        List<Profile.Contact> rows = new ArrayList<>();
        for (int i = 0; i < form.contactRows().size(); i++) {
            ProfileForm.ContactRow row = form.contactRows().get(i);
            String at = "contact[" + i + "].";
            rows.add(new Profile.Contact(
                    read.line(at + "name", row.name(), Wording.says("personReader.aContactsName"), LONGEST_NAME),
                    read.text(at + "relation", row.relation(), Wording.says("personReader.whoTheyAre"), LONGEST_NAME),
                    read.line(at + "phone", row.phone(), Wording.says("personReader.aTelephoneNumber"), LONGEST_NAME)));
        }
        return rows;
    }
}
