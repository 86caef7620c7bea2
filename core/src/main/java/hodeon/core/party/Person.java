package hodeon.core.party;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.units.Mass;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Somebody who comes along.
 *
 * @param id the same in every trip, log, dose and paper, whatever they are called there
 * @param name as the party calls them, not blank
 * @param age completed months of age
 * @param bodyMass 1 to 300 kg
 * @param weighedOn the day the mass was taken, if known
 * @param training what they have learned
 * @param allergies what they react to
 * @param conditions what else matters about them
 * @param rescue rescue medicine prescribed to them
 */
public record Person(
        UUID id,
        String name,
        Age age,
        Mass bodyMass,
        Optional<LocalDate> weighedOn,
        Training training,
        Set<Allergy> allergies,
        Set<Condition> conditions,
        Set<RescueMedicine> rescue) {

    public static final Mass LEAST_BODY_MASS = Mass.ofGrams(1_000);
    public static final Mass MOST_BODY_MASS = Mass.ofGrams(300_000);
    /** The youngest counted as somebody who helps a casualty; an assumption. */
    public static final int YOUNGEST_HELPER_YEARS = PlanningAssumption.YOUNGEST_HELPER.whole();

    public Person {
        allergies = Set.copyOf(allergies);
        conditions = Set.copyOf(conditions);
        rescue = Set.copyOf(rescue);
        if (name.isBlank()) {
            throw new IllegalArgumentException("A person needs a name.");
        }
        if (bodyMass.compareTo(LEAST_BODY_MASS) < 0 || bodyMass.compareTo(MOST_BODY_MASS) > 0) {
            throw new IllegalArgumentException(
                    "A body mass of " + bodyMass.grams() / 1000 + " kg is outside 1 to 300 kg.");
        }
    }

    /** Somebody known by a name only, of whom nobody says when they were weighed. */
    public static Person of(
            String name,
            Age age,
            Mass bodyMass,
            Training training,
            Set<Allergy> allergies,
            Set<Condition> conditions,
            Set<RescueMedicine> rescue) {
        return new Person(idOf(name), name, age, bodyMass, Optional.empty(), training, allergies, conditions, rescue);
    }

    /** Stands for somebody known by a name only; capitals do not matter. */
    public static UUID idOf(String name) {
        return UUID.nameUUIDFromBytes(name.strip().toLowerCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8));
    }

    public boolean knownByNameOnly() {
        return id.equals(idOf(name));
    }

    /** The same person, told apart by an id. */
    public Person as(UUID known) {
        return new Person(known, name, age, bodyMass, weighedOn, training, allergies, conditions, rescue);
    }

    /** The same person by another name. */
    public Person named(String other) {
        return new Person(id, other, age, bodyMass, weighedOn, training, allergies, conditions, rescue);
    }

    /** The same person, whose mass was taken on a day. */
    public Person weighed(LocalDate on) {
        return new Person(id, name, age, bodyMass, Optional.of(on), training, allergies, conditions, rescue);
    }

    /** Completed years. */
    public int years() {
        return age.years();
    }

    public AgeBand ageBand() {
        return AgeBand.of(age.years());
    }

    public SizeClass size() {
        return SizeClass.of(this);
    }

    public boolean canHelp() {
        return years() >= YOUNGEST_HELPER_YEARS && training.compareTo(Training.BASIC) >= 0;
    }
}
