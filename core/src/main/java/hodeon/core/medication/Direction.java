package hodeon.core.medication;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a clinician directed for one person, as it was written down. It is about one ingredient: what mixes several is directed
 * only where each of them is.
 *
 * @param ingredient its id
 * @param form what it was directed as; empty for whatever is swallowed, injected or breathed in
 * @param perKilogram dose for each kilogram, or empty where a fixed dose was directed
 * @param mostAtOnce the dose itself if none is given by mass, else its cap
 * @param apart at least this long between two doses
 * @param mostInADay most in 24 hours
 * @param perKilogramADay most in 24 hours for each kilogram, if that was directed too
 * @param from age from which it holds, inclusive, if it was said
 * @param to age from which it no longer holds, exclusive, if it was said
 * @param beyondLabel whether it was said to hold outside the label's ages and masses too
 * @param beyondCeilings why it may pass what nobody passes otherwise; empty where it may not
 * @param by who directed it, such as “Dr at the harbour practice”
 * @param on the day it was directed
 */
public record Direction(
        String ingredient,
        Optional<MedicineForm> form,
        Optional<Dose> perKilogram,
        Dose mostAtOnce,
        Duration apart,
        Dose mostInADay,
        Optional<Dose> perKilogramADay,
        Optional<Age> from,
        Optional<Age> to,
        boolean beyondLabel,
        String beyondCeilings,
        String by,
        LocalDate on) {

    /** A child's direction is looked at again after so many months, a grown-up's after twice as many; assumptions. */
    private static final int CHILDS_KEEPS_MONTHS = PlanningAssumption.CHILDS_DIRECTION_KEEPS.whole();

    private static final int KEEPS_MONTHS = PlanningAssumption.DIRECTION_KEEPS.whole();

    public Direction {
        if (mostAtOnce.micrograms() == 0 || mostInADay.compareTo(mostAtOnce) < 0) {
            throw new IllegalArgumentException(
                    "A direction's most in 24 h, " + mostInADay + ", is at least its single dose, " + mostAtOnce + ".");
        }
        if (apart.isNegative()) {
            throw new IllegalArgumentException("The time between two doses is not negative.");
        }
    }

    /** One dose for a body of so many kilograms, rounded down to the microgram and capped. */
    Dose dose(BigDecimal kilograms) {
        return least(perKilogram.stream().map(each -> Product.times(each, kilograms, RoundingMode.FLOOR)), mostAtOnce);
    }

    /** Most in 24 hours, where a mass is needed and not known by what was said without it. */
    public Dose day(Optional<BigDecimal> kilograms) {
        return least(
                perKilogramADay.stream()
                        .flatMap(each -> kilograms.stream().map(kg -> Product.times(each, kg, RoundingMode.FLOOR))),
                mostInADay);
    }

    private static Dose least(Stream<Dose> byMass, Dose cap) {
        return byMass.filter(d -> d.compareTo(cap) < 0).findFirst().orElse(cap);
    }

    boolean goesByMass() {
        return perKilogram.isPresent() || perKilogramADay.isPresent();
    }

    /** What works on the spot is directed only by name. */
    public boolean covers(Product product) {
        return form.map(f -> f == product.form()).orElse(!product.form().onTheSpot());
    }

    public boolean holdsAt(Age age) {
        return from.filter(age::under).isEmpty()
                && to.filter(t -> !age.under(t)).isEmpty();
    }

    /** Whether it is so old that one asks whether it still holds. */
    boolean stale(Patient patient) {
        return on.plusMonths(patient.child() ? CHILDS_KEEPS_MONTHS : KEEPS_MONTHS)
                .isBefore(patient.asOf());
    }

    /** “by Dr at the harbour practice on 2026-05-01”. */
    public String who() {
        return "by " + by + " on " + on;
    }
}
