package hodeon.app.people;

import hodeon.core.medication.Direction;
import hodeon.core.medication.Patient;
import hodeon.core.medication.RegularIntake;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Dose;
import hodeon.core.units.Mass;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is written about somebody, sealed as a whole. A dog has a name, a mass and notes only.
 *
 * @param born birth date, or null where only an age is known
 * @param years completed years on {@code yearsOn}; that day is null where the birth date is known
 * @param months beyond the completed years, or null for none
 * @param reactsTo ids of single ingredients; older files say nothing of them
 * @param rescue prescribed rescue medicine, and where it rides
 */
public record Profile(
        boolean dog,
        String name,
        @Nullable LocalDate born,
        int years,
        @Nullable LocalDate yearsOn,
        @Nullable Integer months,
        @Nullable BigDecimal kilograms,
        @Nullable LocalDate weighedOn,
        Training training,
        Set<Allergy> allergies,
        Set<String> reactsTo,
        Set<Condition> conditions,
        Map<RescueMedicine, String> rescue,
        List<Regular> regular,
        List<Directed> directions,
        List<Contact> contacts,
        String notes) {

    public Profile {
        reactsTo = Set.copyOf(Objects.requireNonNullElse(reactsTo, Set.of()));
    }

    /**
     * Something taken every day.
     *
     * @param product id in the household's formulary
     * @param units at each time, in units of its form
     */
    public record Regular(String product, BigDecimal units, List<LocalTime> times, String note) {

        public BigDecimal unitsADay() {
            return units.multiply(BigDecimal.valueOf(times.size()));
        }
    }

    /**
     * A clinician's direction, in mg; what is null was not said.
     *
     * @param form of the product, or null for whatever is swallowed, injected or breathed in
     * @param perKilogram null where a fixed dose was directed
     * @param fromMonths age from which it holds, inclusive
     * @param toMonths age from which it no longer holds, exclusive
     * @param beyondCeilings why it may pass a hard ceiling
     */
    public record Directed(
            String ingredient,
            @Nullable MedicineForm form,
            @Nullable BigDecimal perKilogram,
            BigDecimal mostAtOnce,
            BigDecimal hoursApart,
            BigDecimal mostInADay,
            @Nullable BigDecimal perKilogramADay,
            @Nullable Integer fromMonths,
            @Nullable Integer toMonths,
            boolean beyondLabel,
            @Nullable String beyondCeilings,
            String by,
            LocalDate on) {

        Direction direction() {
            return new Direction(
                    ingredient,
                    Optional.ofNullable(form),
                    Optional.ofNullable(perKilogram).map(Dose::ofMilligrams),
                    Dose.ofMilligrams(mostAtOnce),
                    Duration.ofMinutes(hoursApart
                            .multiply(BigDecimal.valueOf(60))
                            .setScale(0, RoundingMode.CEILING)
                            .longValueExact()),
                    Dose.ofMilligrams(mostInADay),
                    Optional.ofNullable(perKilogramADay).map(Dose::ofMilligrams),
                    Optional.ofNullable(fromMonths).map(Age::ofMonths),
                    Optional.ofNullable(toMonths).map(Age::ofMonths),
                    beyondLabel,
                    Objects.requireNonNullElse(beyondCeilings, ""),
                    by,
                    on);
        }
    }

    /** Whom to call. */
    public record Contact(String name, String relation, String phone) {}

    /** Age on a day. */
    public Age age(LocalDate today) {
        if (born != null) {
            return Age.between(born, today);
        }
        Age then = new Age(Math.min(Age.OLDEST_MONTHS, 12 * years + Objects.requireNonNullElse(months, 0)));
        return yearsOn == null
                ? then
                : then.plusMonths(Age.between(yearsOn, today).months());
    }

    public List<Direction> directed() {
        return directions.stream().map(Directed::direction).toList();
    }

    /** As somebody who may need medicine; what they take and nobody knows any more is named by its id. */
    public Patient patient(LocalDate today, Formulary formulary) {
        List<RegularIntake> known = regular.stream()
                .flatMap(r ->
                        formulary.product(r.product()).stream().map(p -> new RegularIntake(p, r.units(), r.times())))
                .toList();
        Set<String> unknown = regular.stream()
                .map(Regular::product)
                .filter(id -> formulary.product(id).isEmpty())
                .collect(Collectors.toSet());
        Patient patient = Patient.of(name, age(today), today)
                .reactingTo(allergies, reactsTo)
                .having(conditions)
                .taking(known, unknown)
                .directed(directed());
        if (born != null) {
            patient = patient.bornOn(born);
        }
        if (kilograms != null && weighedOn != null) {
            patient = patient.weighing(kilograms, weighedOn);
        }
        return dog ? patient.asDog() : patient;
    }

    /** Whether their mass is known and so old that it is taken anew. */
    public boolean massIsStale(LocalDate today) {
        return kilograms != null
                && weighedOn != null
                && Patient.of(name, age(today), today)
                        .weighing(kilograms, weighedOn)
                        .massIsStale();
    }

    /** As somebody of a trip's party; empty for a dog, and while the mass is not known. */
    public Optional<Person> person(UUID id, LocalDate today) {
        return dog || kilograms == null || kilograms.compareTo(BigDecimal.ONE) < 0
                ? Optional.empty()
                : Optional.of(new Person(
                        id,
                        name,
                        age(today),
                        Mass.ofGrams(kilograms.movePointRight(3)),
                        Optional.ofNullable(weighedOn),
                        training,
                        allergies,
                        conditions,
                        rescue.keySet()));
    }
}
