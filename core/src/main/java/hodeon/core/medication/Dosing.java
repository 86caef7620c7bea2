package hodeon.core.medication;

import java.math.BigDecimal;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * How much of a product, in units of its form, and how often.
 *
 * <p>Worked example: 18 ml at once, at least 6 h apart, 166.5 ml in 24 h. Four doses fit into 24 h (at 0, 6, 12 and 18 h), so no
 * more than 4 × 18 = 72 ml is ever said, whatever was written down. Loperamide, 2 capsules first and then 1, at most 6: after
 * the first there is room for four more.
 *
 * @param least least at once
 * @param most most at once
 * @param first most at once of the first dose in 24 hours, where it may be more than the later ones
 * @param apart at least this long between two doses
 * @param times most doses in 24 hours, if said; no more than fit
 * @param inADay most in 24 hours, if said; no more than the doses that fit hold
 * @param days most days before asking, if said
 */
public record Dosing(
        BigDecimal least,
        BigDecimal most,
        Optional<BigDecimal> first,
        Duration apart,
        OptionalInt times,
        Optional<BigDecimal> inADay,
        OptionalInt days) {

    private static final Duration DAY = Duration.ofHours(24);

    public Dosing {
        least = least.min(most);
        first = first.filter(f -> f.compareTo(most) > 0);
        OptionalInt fit = dosesThatFit(apart, times);
        if (times.isPresent()) {
            times = fit;
        }
        if (fit.isPresent() && (times.isPresent() || inADay.isPresent())) {
            BigDecimal held = first.orElse(most).add(most.multiply(BigDecimal.valueOf(fit.getAsInt() - 1L)));
            inADay = Optional.of(inADay.map(held::min).orElse(held));
        }
    }

    /** Doses within 24 hours; empty where neither an interval nor a number of times is said. */
    private static OptionalInt dosesThatFit(Duration apart, OptionalInt times) {
        if (apart.isZero()) {
            return times;
        }
        int fit = (int) Math.max(1, Math.ceilDiv(DAY.toMinutes(), apart.toMinutes()));
        return OptionalInt.of(times.isPresent() ? Math.min(fit, times.getAsInt()) : fit);
    }

    /** The most at once of any dose, the first included. */
    public BigDecimal mostEver() {
        return first.orElse(most);
    }

    /** The most at once after some were taken, or not. */
    public BigDecimal mostNow(boolean isFirst) {
        return isFirst ? mostEver() : most;
    }

    Dosing atMost(BigDecimal once) {
        return new Dosing(least, most.min(once), first.map(once::min), apart, times, inADay, days);
    }

    Dosing atMostInADay(BigDecimal day) {
        return new Dosing(
                least,
                most,
                first,
                apart,
                times,
                Optional.of(inADay.map(day::min).orElse(day)),
                days);
    }
}
