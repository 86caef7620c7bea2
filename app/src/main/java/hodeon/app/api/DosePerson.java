package hodeon.app.api;

import hodeon.core.catalogue.Tag;
import hodeon.core.medication.Direction;
import hodeon.core.medication.Patient;
import hodeon.core.medication.RegularIntake;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads the person that a dose is asked about; nobody is kept. */
final class DosePerson {

    private final JsonFields fields;
    private final Formulary formulary;
    private final LocalDate today;

    /** @param today the day of the moment that is asked about */
    DosePerson(JsonFields fields, Formulary formulary, LocalDate today) {
        this.fields = fields;
        this.formulary = formulary;
        this.today = today;
    }

    Patient read() {
        Optional<LocalDate> born = day("born");
        Age age = born.map(b -> Age.between(b, today)).orElseGet(this::age);
        Set<String> besides = new HashSet<>();
        List<RegularIntake> regular = new ArrayList<>();
        for (JsonFields row : fields.objects("regular")) {
            regular(row, regular, besides);
        }
        Patient patient = Patient.of(fields.text("name"), age, today)
                .reactingTo(
                        constants("allergies", Allergy.class),
                        fields.texts("reactsTo").stream().map(this::ingredient).collect(Collectors.toSet()))
                .having(constants("conditions", Condition.class))
                .taking(regular, besides)
                .directed(fields.objects("directions").stream()
                        .flatMap(d -> direction(d).stream())
                        .toList());
        Optional<BigDecimal> kilograms = fields.decimal("kilograms");
        if (kilograms.isPresent()) {
            patient = patient.weighing(new Patient.Weighed(kilograms.get(), day("weighedOn")));
        }
        if (born.isPresent()) {
            patient = patient.bornOn(born.get());
        }
        return fields.yes("dog", false) ? patient.asDog() : patient;
    }

    private Age age() {
        if (fields.has("ageMonths")) {
            return Age.ofMonths(fields.whole("ageMonths", 0));
        }
        if (fields.has("ageYears")) {
            return Age.ofYears(fields.whole("ageYears", 0));
        }
        if (!fields.told("born") && !fields.told("ageMonths") && !fields.told("ageYears")) {
            fields.fault("born", "or ageMonths or ageYears says how old they are", "Send one of them");
        }
        return Age.ofMonths(0);
    }

    private Optional<LocalDate> day(String field) {
        return fields.has(field)
                ? Optional.of(fields.read(
                        field, today, DosePerson::date, "is a day like 2017-03-09, not after the moment", "Correct it"))
                : Optional.empty();
    }

    private static Optional<LocalDate> date(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** By a product, with how much and when; or only by what it holds. */
    private void regular(JsonFields row, List<RegularIntake> regular, Set<String> besides) {
        if (!row.has("product")) {
            if (!row.has("ingredient")) {
                row.fault("product", "or ingredient says what is taken", "Send one of them");
            }
            besides.add(ingredient(row.text("ingredient")));
            return;
        }
        String id = row.text("product");
        Optional<Product> product = formulary.product(id);
        if (product.isEmpty()) {
            row.fault("product", "is the id of a product under Medicines", "Send it, or send the ingredient alone");
            return;
        }
        regular.add(new RegularIntake(
                product.get(),
                row.decimal("units").orElse(BigDecimal.ONE),
                row.texts("times").stream().flatMap(t -> time(row, t).stream()).toList()));
    }

    private static Optional<LocalTime> time(JsonFields row, String text) {
        try {
            return Optional.of(LocalTime.parse(text));
        } catch (DateTimeException e) {
            row.fault("times", "are times of day like 08:00", "Correct “" + text + "”");
            return Optional.empty();
        }
    }

    private Optional<Direction> direction(JsonFields row) {
        String ingredient = ingredient(row.text("ingredient"));
        Dose once = milligrams(row, "mostMgAtOnce").orElse(Dose.ofMilligrams(1));
        Dose day = milligrams(row, "mostMgInADay").orElse(once);
        if (day.compareTo(once) < 0) {
            row.fault("mostMgInADay", "is at least the most at once", "Look at the direction again");
        }
        Optional<MedicineForm> form = row.has("form")
                ? Optional.of(row.read(
                        "form",
                        MedicineForm.TABLET,
                        t -> constant(t, MedicineForm.class),
                        "is a form of medicine",
                        "Correct it"))
                : Optional.empty();
        LocalDate on =
                row.read("on", today, DosePerson::date, "is the day it was directed", "Write it like 2026-05-01");
        if (!row.faults().none()) {
            return Optional.empty();
        }
        return Optional.of(new Direction(
                ingredient,
                form,
                milligrams(row, "mgPerKilogram"),
                once,
                Duration.ofHours(row.whole("hoursApart", 1)),
                day,
                milligrams(row, "mostMgPerKilogramADay"),
                months(row, "fromMonths"),
                months(row, "toMonths"),
                row.yes("beyondLabel", false),
                row.optionalText("beyondCeilings").orElse(""),
                row.text("by"),
                on));
    }

    private static Optional<Dose> milligrams(JsonFields row, String field) {
        return row.decimal(field).map(Dose::ofMilligrams);
    }

    private static Optional<Age> months(JsonFields row, String field) {
        return row.has(field) ? Optional.of(Age.ofMonths(row.whole(field, 0))) : Optional.empty();
    }

    /** By any of its names; what nobody here knows stays as it was sent, and is asked about. */
    private String ingredient(String name) {
        return formulary.ingredientNamed(name).map(Ingredient::id).orElse(name);
    }

    private <E extends Enum<E>> Set<E> constants(String field, Class<E> type) {
        Set<E> chosen = EnumSet.noneOf(type);
        for (String word : fields.texts(field)) {
            constant(word, type)
                    .ifPresentOrElse(
                            chosen::add,
                            () -> fields.fault(
                                    field,
                                    "are of "
                                            + EnumSet.allOf(type).stream()
                                                    .map(Tag::idOf)
                                                    .collect(Collectors.joining(", ")),
                                    "Correct “" + word + "”"));
        }
        return chosen;
    }

    static <E extends Enum<E>> Optional<E> constant(String word, Class<E> type) {
        return EnumSet.allOf(type).stream()
                .filter(c -> Tag.idOf(c).equals(word))
                .findFirst();
    }
}
