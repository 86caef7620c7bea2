package hodeon.app.people;

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

    static final int MOST_ROWS = 20;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_REASON = 200;
    private static final int MOST_REACTIONS = 20;
    private static final int LONGEST_NOTES = 2000;
    private static final BigDecimal LEAST_KILOGRAMS = new BigDecimal("0.5");
    private static final BigDecimal MOST_KILOGRAMS = new BigDecimal(300);
    /** Three minutes: rescue medicine may be directed again within the hour. */
    private static final BigDecimal LEAST_HOURS = new BigDecimal("0.05");

    private static final int MOST_HOURS = 24 * 7;

    private final Typed form;
    private final Formulary formulary;
    private final LocalDate today;
    private final Faults faults = new Faults();
    private final ProfileFields typed;

    PersonReader(Typed form, Formulary formulary, LocalDate today) {
        this.form = form;
        this.formulary = formulary;
        this.today = today;
        this.typed = new ProfileFields(form, today, faults);
    }

    List<Fault> faults() {
        return faults.all();
    }

    Optional<Profile> read() {
        boolean dog = form.has("dog", "true");
        String name = typed.text("name", "a name", 1, LONGEST_NAME);
        Optional<LocalDate> born = typed.day("born", false);
        Age age = born.isEmpty() && form.one("born").isEmpty()
                ? typed.age("years", "the age, where the birth date is not known,", !dog)
                        .orElse(Age.ofYears(0))
                : Age.ofYears(0);
        Optional<BigDecimal> kilograms =
                typed.number("kilograms", "the body mass in kg", LEAST_KILOGRAMS, MOST_KILOGRAMS, false);
        Optional<LocalDate> weighedOn = typed.day("weighedOn", false);
        if (kilograms.isPresent()
                && weighedOn.isEmpty()
                && form.one("weighedOn").isEmpty()) {
            weighedOn = Optional.of(today);
        }
        Profile read = new Profile(
                dog,
                name,
                born.orElse(null),
                age.years(),
                born.isPresent() ? null : today,
                age.months() % 12 == 0 ? null : age.months() % 12,
                kilograms.orElse(null),
                weighedOn.orElse(null),
                typed.constant("training", Training.class).orElse(Training.UNTRAINED),
                typed.constants("allergies", Allergy.class),
                reactsTo(),
                typed.constants("conditions", Condition.class),
                rescue(),
                regular(),
                directions(),
                contacts(),
                typed.text("notes", "notes", 0, LONGEST_NOTES));
        return faults.none() ? Optional.of(read) : Optional.empty();
    }

    /** Single medicines by any of their names; what nobody here knows is kept as it was typed, and asked about. */
    private Set<String> reactsTo() {
        Set<String> ids = new LinkedHashSet<>();
        for (String line : form.all("reactsTo")) {
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
                    "at most " + MOST_REACTIONS + " medicines of at most " + LONGEST_NAME + " characters each",
                    "Name the medicines only, separated by commas");
        }
        return ids;
    }

    private Map<RescueMedicine, String> rescue() {
        Map<RescueMedicine, String> where = new EnumMap<>(RescueMedicine.class);
        typed.constants("rescue", RescueMedicine.class)
                .forEach(r -> where.put(r, typed.text("where-" + r.name(), "where it rides", 0, LONGEST_NAME)));
        return where;
    }

    private List<Profile.Regular> regular() {
        List<Profile.Regular> rows = new ArrayList<>();
        for (int i : form.rows("regular", "product", MOST_ROWS)) {
            String at = "regular[" + i + "].";
            String product = form.one(at + "product");
            if (formulary.product(product).isEmpty()) {
                faults.add(
                        at + "product",
                        product,
                        "a regular medicine is one of the list",
                        "Enter your own under Medicines first");
            }
            Optional<BigDecimal> units = typed.number(
                    at + "units", "how much is taken at once", new BigDecimal("0.01"), BigDecimal.valueOf(1000), true);
            List<LocalTime> times = new ArrayList<>();
            for (String word : form.one(at + "times").split("[ ,;]+")) {
                try {
                    times.add(LocalTime.parse(word.length() == 4 ? "0" + word : word));
                } catch (DateTimeException e) {
                    faults.add(
                            at + "times",
                            form.one(at + "times"),
                            "times of day are written like 08:00 20:00",
                            "Write each as hours and minutes");
                    break;
                }
            }
            rows.add(new Profile.Regular(
                    product, units.orElse(BigDecimal.ONE), times, typed.text(at + "note", "a note", 0, LONGEST_NAME)));
        }
        return rows;
    }

    private List<Profile.Directed> directions() {
        List<Profile.Directed> rows = new ArrayList<>();
        for (int i : form.rows("direction", "ingredient", MOST_ROWS)) {
            String at = "direction[" + i + "].";
            String ingredient = form.one(at + "ingredient");
            if (formulary.ingredient(ingredient).isEmpty()) {
                faults.add(at + "ingredient", ingredient, "a direction is for an ingredient of the list", "Choose one");
            }
            Optional<BigDecimal> each = typed.milligrams(at + "perKilogram", "mg for each kg", false);
            Optional<BigDecimal> eachDay = typed.milligrams(at + "perKilogramADay", "mg for each kg in 24 h", false);
            Optional<Age> from = typed.age(at + "from", "the age from which it holds", false);
            Optional<Age> to = typed.age(at + "to", "the age up to which it holds", false);
            if (from.isPresent() && to.isPresent() && !from.get().under(to.get())) {
                faults.add(
                        at + "to",
                        form.one(at + "to"),
                        "the age up to which it holds lies above the one from which it does",
                        "Look at the direction again");
            }
            Optional<BigDecimal> once = typed.milligrams(at + "most", "the most at once in mg", true);
            Optional<BigDecimal> day = typed.milligrams(at + "day", "the most in 24 h in mg", true);
            Optional<BigDecimal> hours = typed.number(
                    at + "hours", "the hours between two doses", LEAST_HOURS, BigDecimal.valueOf(MOST_HOURS), true);
            if (once.isPresent() && day.isPresent() && day.get().compareTo(once.get()) < 0) {
                faults.add(
                        at + "day",
                        form.one(at + "day"),
                        "the most in 24 h is at least the most at once",
                        "Look at the direction again");
            }
            rows.add(new Profile.Directed(
                    ingredient,
                    typed.constant(at + "form", MedicineForm.class).orElse(null),
                    each.orElse(null),
                    once.orElse(BigDecimal.ONE),
                    hours.orElse(BigDecimal.ONE),
                    day.orElse(BigDecimal.ONE),
                    eachDay.orElse(null),
                    from.map(Age::months).orElse(null),
                    to.map(Age::months).orElse(null),
                    form.has(at + "beyond", "true"),
                    Optional.of(typed.text(at + "ceilings", "why it may pass a ceiling", 0, LONGEST_REASON))
                            .filter(t -> !t.isEmpty())
                            .orElse(null),
                    typed.text(at + "by", "who directed it", 1, LONGEST_NAME),
                    typed.day(at + "on", true).orElse(today)));
        }
        return rows;
    }

    private List<Profile.Contact> contacts() {
        List<Profile.Contact> rows = new ArrayList<>();
        for (int i : form.rows("contact", "name", MOST_ROWS)) {
            String at = "contact[" + i + "].";
            rows.add(new Profile.Contact(
                    typed.text(at + "name", "a contact's name", 1, LONGEST_NAME),
                    typed.text(at + "relation", "who they are", 0, LONGEST_NAME),
                    typed.text(at + "phone", "a telephone number", 1, LONGEST_NAME)));
        }
        return rows;
    }
}
