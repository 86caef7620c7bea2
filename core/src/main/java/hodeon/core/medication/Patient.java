package hodeon.core.medication;

import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * What a dose needs to know of somebody on a day.
 *
 * @param months completed months of age, 0 to {@value #OLDEST_MONTHS}
 * @param weighed body mass, if known
 * @param takes ids of the ingredients they take regularly
 */
public record Patient(
        String name,
        int months,
        Optional<Weighed> weighed,
        Set<Allergy> allergies,
        Set<Condition> conditions,
        Set<String> takes) {

    static final int OLDEST_MONTHS = 12 * 110 + 11;
    /** Children outgrow a mass in this many months. */
    private static final int MASS_KEEPS_MONTHS = 6;

    private static final int GROWN = 12 * 18;

    /** A body mass, 0.5 to 300 kg, on the day somebody stood on a scale. */
    public record Weighed(BigDecimal kilograms, LocalDate on) {

        public Weighed {
            if (kilograms.compareTo(new BigDecimal("0.5")) < 0 || kilograms.compareTo(new BigDecimal(300)) > 0) {
                throw new IllegalArgumentException("A body mass of " + kilograms + " kg is outside 0.5 to 300 kg.");
            }
        }
    }

    public Patient {
        allergies = Set.copyOf(allergies);
        conditions = Set.copyOf(conditions);
        takes = Set.copyOf(takes);
        if (months < 0 || months > OLDEST_MONTHS) {
            throw new IllegalArgumentException(months + " months of age is outside 0 to " + OLDEST_MONTHS + ".");
        }
    }

    public boolean child() {
        return months < GROWN;
    }

    /** Whether the mass is too old to reckon with: of a child, older than {@value #MASS_KEEPS_MONTHS} months. */
    public boolean massIsStale(LocalDate today) {
        return child()
                && weighed.filter(w -> w.on().plusMonths(MASS_KEEPS_MONTHS).isBefore(today))
                        .isPresent();
    }
}
