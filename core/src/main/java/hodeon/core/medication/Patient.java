package hodeon.core.medication;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a dose needs to know of somebody on a day.
 *
 * @param dog whether it is a dog, who gets none of what is written here
 * @param born birth date, if known
 * @param age completed months of age on {@code asOf}
 * @param asOf the day the age holds
 * @param weighed body mass, if known
 * @param allergies what they react to
 * @param reactsTo ids of single ingredients they react to besides
 * @param conditions as known; see {@link #heeds} for what follows from them
 * @param regular what they take every day
 * @param alsoTakes ids or names of what they take regularly besides, of which no product is known
 * @param directions a clinician's, for this person
 */
public record Patient(
        String name,
        boolean dog,
        Optional<LocalDate> born,
        Age age,
        LocalDate asOf,
        Optional<Weighed> weighed,
        Set<Allergy> allergies,
        Set<String> reactsTo,
        Set<Condition> conditions,
        List<RegularIntake> regular,
        Set<String> alsoTakes,
        List<Direction> directions) {

    /** Children outgrow a mass in this many months; an assumption. */
    private static final int MASS_KEEPS_MONTHS = PlanningAssumption.CHILDS_MASS_KEEPS.whole();

    private static final Age GROWN = Age.ofYears(18);

    /**
     * A body mass, 0.5 to 300 kg.
     *
     * @param on the day somebody stood on a scale; empty where nobody wrote it down
     */
    public record Weighed(BigDecimal kilograms, Optional<LocalDate> on) {

        public static final BigDecimal LEAST = new BigDecimal("0.5");
        public static final BigDecimal MOST = new BigDecimal(300);

        public Weighed {
            if (kilograms.compareTo(LEAST) < 0 || kilograms.compareTo(MOST) > 0) {
                throw new IllegalArgumentException(
                        "A body mass of " + kilograms + " kg is outside " + LEAST + " to " + MOST + " kg.");
            }
        }

        /** Whether it is known to have been taken after another one. */
        public boolean laterThan(Weighed other) {
            return on.isPresent() && other.on.map(on.get()::isAfter).orElse(true);
        }
    }

    public Patient {
        allergies = Set.copyOf(allergies);
        reactsTo = Set.copyOf(reactsTo);
        conditions = Set.copyOf(conditions);
        regular = List.copyOf(regular);
        alsoTakes = Set.copyOf(alsoTakes);
        directions = List.copyOf(directions);
    }

    /** Somebody of whom nothing else is known. */
    public static Patient of(String name, Age age, LocalDate asOf) {
        return new Patient(
                name,
                false,
                Optional.empty(),
                age,
                asOf,
                Optional.empty(),
                Set.of(),
                Set.of(),
                Set.of(),
                List.of(),
                Set.of(),
                List.of());
    }

    /** Somebody of a party, of whom nothing more is known than the brief says. */
    public static Patient of(Person person, LocalDate asOf) {
        return of(person.name(), person.age(), asOf)
                .weighing(new Weighed(person.bodyMass().exactGrams().movePointLeft(3), person.weighedOn()))
                .reactingTo(person.allergies(), Set.of())
                .having(person.conditions());
    }

    public Patient asDog() {
        return new Patient(
                name, true, born, age, asOf, weighed, allergies, reactsTo, conditions, regular, alsoTakes, directions);
    }

    public Patient bornOn(LocalDate day) {
        return new Patient(
                name,
                dog,
                Optional.of(day),
                age,
                asOf,
                weighed,
                allergies,
                reactsTo,
                conditions,
                regular,
                alsoTakes,
                directions);
    }

    public Patient weighing(BigDecimal kilograms, LocalDate on) {
        return weighing(new Weighed(kilograms, Optional.of(on)));
    }

    public Patient weighing(Weighed mass) {
        return new Patient(
                name,
                dog,
                born,
                age,
                asOf,
                Optional.of(mass),
                allergies,
                reactsTo,
                conditions,
                regular,
                alsoTakes,
                directions);
    }

    /** @param medicines ids of single ingredients */
    public Patient reactingTo(Set<Allergy> kinds, Set<String> medicines) {
        return new Patient(
                name, dog, born, age, asOf, weighed, kinds, medicines, conditions, regular, alsoTakes, directions);
    }

    public Patient having(Set<Condition> known) {
        return new Patient(
                name, dog, born, age, asOf, weighed, allergies, reactsTo, known, regular, alsoTakes, directions);
    }

    /** @param besides ids or names of what no product is known of */
    public Patient taking(List<RegularIntake> everyDay, Set<String> besides) {
        return new Patient(
                name, dog, born, age, asOf, weighed, allergies, reactsTo, conditions, everyDay, besides, directions);
    }

    public Patient directed(List<Direction> by) {
        return new Patient(
                name, dog, born, age, asOf, weighed, allergies, reactsTo, conditions, regular, alsoTakes, by);
    }

    /** The same person on another day, as old as they are then. */
    public Patient at(LocalDate day) {
        Age then = born.map(b -> Age.between(b, day))
                .orElseGet(() -> age.plusMonths(
                        day.isBefore(asOf)
                                ? -Age.between(day, asOf).months()
                                : Age.between(asOf, day).months()));
        return new Patient(
                name, dog, born, then, day, weighed, allergies, reactsTo, conditions, regular, alsoTakes, directions);
    }

    public boolean child() {
        return age.under(GROWN);
    }

    /** Conditions with what follows from them. */
    public Set<Condition> heeds() {
        return Condition.toHeed(conditions);
    }

    /** Ids of the ingredients of everything they take regularly. */
    public Set<String> takes() {
        return Stream.concat(
                        regular.stream().flatMap(r -> r.product().strengths().keySet().stream()), alsoTakes.stream())
                .collect(Collectors.toSet());
    }

    /** Whether a child's mass is older than {@link PlanningAssumption#CHILDS_MASS_KEEPS} says, or nobody says how old it is. */
    public boolean massIsStale() {
        return child()
                && weighed.filter(w -> w.on().filter(
                                        on -> !on.plusMonths(MASS_KEEPS_MONTHS).isBefore(asOf))
                                .isEmpty())
                        .isPresent();
    }
}
