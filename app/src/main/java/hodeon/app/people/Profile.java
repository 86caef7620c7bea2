package hodeon.app.people;

import hodeon.core.medication.Direction;
import hodeon.core.medication.Formulary;
import hodeon.core.medication.Patient;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Dose;
import hodeon.core.units.Mass;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Period;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is written about somebody, sealed as a whole. A dog has a name, a mass and notes only.
 *
 * @param born birth date, or null where only an age is known
 * @param years completed years on {@code yearsOn}; that day is null where the birth date is known
 * @param rescue prescribed rescue medicine, and where it rides
 */
public record Profile(
        boolean dog,
        String name,
        @Nullable LocalDate born,
        int years,
        @Nullable LocalDate yearsOn,
        @Nullable BigDecimal kilograms,
        @Nullable LocalDate weighedOn,
        Training training,
        Set<Allergy> allergies,
        Set<Condition> conditions,
        Map<RescueMedicine, String> rescue,
        List<Regular> regular,
        List<Directed> directions,
        List<Contact> contacts,
        String notes) {

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

    /** A clinician's direction, in mg; {@code perKilogram} is null where a fixed dose was directed. */
    public record Directed(
            String ingredient,
            @Nullable BigDecimal perKilogram,
            BigDecimal mostAtOnce,
            int hoursApart,
            BigDecimal mostInADay,
            boolean beyondLabel,
            String by,
            LocalDate on) {

        Direction direction() {
            return new Direction(
                    ingredient,
                    Optional.ofNullable(perKilogram).map(Dose::ofMilligrams),
                    Dose.ofMilligrams(mostAtOnce),
                    Duration.ofHours(hoursApart),
                    Dose.ofMilligrams(mostInADay),
                    beyondLabel,
                    by,
                    on);
        }
    }

    /** Whom to call. */
    public record Contact(String name, String relation, String phone) {}

    /** Completed months of age on a day. */
    public int months(LocalDate today) {
        if (born != null) {
            return (int) Math.max(0, Period.between(born, today).toTotalMonths());
        }
        long since = yearsOn == null ? 0 : Period.between(yearsOn, today).toTotalMonths();
        return (int) (12L * years + Math.max(0, since));
    }

    public String age(LocalDate today) {
        int months = months(today);
        return months < 24 ? months + " months" : months / 12 + " years";
    }

    public List<Direction> directed() {
        return directions.stream().map(Directed::direction).toList();
    }

    /** Ids of the ingredients of what they take every day. */
    public Set<String> taking(Formulary formulary) {
        return regular.stream()
                .flatMap(r -> formulary.product(r.product()).stream())
                .flatMap(p -> p.strengths().keySet().stream())
                .collect(Collectors.toSet());
    }

    /** @param takes ids of the ingredients in what they take regularly */
    public Patient patient(LocalDate today, Set<String> takes) {
        return new Patient(
                name,
                months(today),
                kilograms == null || weighedOn == null
                        ? Optional.empty()
                        : Optional.of(new Patient.Weighed(kilograms, weighedOn)),
                allergies,
                conditions,
                takes);
    }

    /** As somebody of a trip's party; empty for a dog, and while the mass is not known. */
    public Optional<Person> person(LocalDate today) {
        return dog || kilograms == null || kilograms.compareTo(BigDecimal.ONE) < 0
                ? Optional.empty()
                : Optional.of(new Person(
                        name,
                        months(today) / 12,
                        Mass.ofGrams(kilograms.movePointRight(3)),
                        training,
                        allergies,
                        conditions,
                        rescue.keySet()));
    }
}
