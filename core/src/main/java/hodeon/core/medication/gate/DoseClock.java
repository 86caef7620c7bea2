package hodeon.core.medication.gate;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * What one person has had of one thing, and when the next of it may be. The thing is an ingredient over all products, in
 * milligrams, or one product, in units of its form. Times are moments, so travelling through time zones and changing clocks
 * make no difference; a dose counts for 24 hours after it, and no longer at the very end of them.
 *
 * <p>Worked example: at most 4,000 mg in 24 h, 4 h apart, 4 times. Taken: 1,000 mg at 06:00, 500 mg in a cold sachet at
 * 11:00, 1,000 mg at 16:00, 1,000 mg at 22:00. At 23:00 3,500 mg count and 500 mg have room. A dose of 1,000 mg would
 * fit 4 h after the last (02:00) by its interval, but 4 doses count until 06:00: the next is at 06:00, when also room for
 * 1,500 mg is there.
 */
public final class DoseClock {

    static final Duration DAY = Duration.ofHours(24);

    /**
     * A dose as this clock counts it.
     *
     * @param amount in mg, or in units of the product
     * @param clear no other dose may lie nearer than this, whatever the limit says of others
     */
    public record Counted(Instant at, BigDecimal amount, Duration clear) {}

    /**
     * What holds for one person.
     *
     * @param inADay most in 24 hours, if any is said
     * @param apart at least this long between two doses
     * @param times most doses in 24 hours, if said
     */
    public record Limit(Optional<BigDecimal> inADay, Duration apart, OptionalInt times) {

        public static final Limit NONE = new Limit(Optional.empty(), Duration.ZERO, OptionalInt.empty());

        /** What keeps to both, taking the stricter of each. */
        public Limit and(Limit other) {
            return new Limit(
                    Stream.concat(inADay.stream(), other.inADay.stream()).min(Comparator.naturalOrder()),
                    apart.compareTo(other.apart) > 0 ? apart : other.apart,
                    times.isEmpty()
                            ? other.times
                            : OptionalInt.of(Math.min(times.getAsInt(), other.times.orElse(times.getAsInt()))));
        }
    }

    /** Why a dose would be too early or too much; {@code at} is the other dose it meets. */
    public sealed interface Breach {

        Instant at();

        /** Nearer than {@code apart} to the dose at {@code at}. */
        record TooNear(Instant at, Duration apart) implements Breach {}

        /** More than {@code times} doses in the 24 hours to the dose at {@code at}. */
        record TooMany(Instant at, int times) implements Breach {}

        /** {@code sum} in the 24 hours to the dose at {@code at}, where {@code most} may be. */
        record TooMuch(Instant at, BigDecimal sum, BigDecimal most) implements Breach {}
    }

    private final Limit limit;
    private final List<Counted> taken;

    /** @param taken in any order; nothing of an amount of 0 counts */
    public DoseClock(Limit limit, List<Counted> taken) {
        this.limit = limit;
        this.taken = taken.stream()
                .filter(t -> t.amount().signum() > 0)
                .sorted(Comparator.comparing(Counted::at))
                .toList();
    }

    public Limit limit() {
        return limit;
    }

    /** Every dose it was given, the earliest first. */
    public List<Counted> known() {
        return taken;
    }

    /** Doses that count at a moment, the earliest first. */
    public List<Counted> counting(Instant at) {
        return counting(taken, at);
    }

    private static List<Counted> counting(List<Counted> doses, Instant at) {
        return doses.stream()
                .filter(t -> !t.at().isAfter(at) && t.at().plus(DAY).isAfter(at))
                .toList();
    }

    /** How much counts at a moment. */
    public BigDecimal inLastDay(Instant at) {
        return sum(counting(at));
    }

    /** How much more the 24 hours before a moment have room for; empty where no most is said. */
    public Optional<BigDecimal> room(Instant at) {
        return limit.inADay().map(most -> most.subtract(inLastDay(at)).max(BigDecimal.ZERO));
    }

    /** The first moment from {@code now} on at which a dose may be taken; empty if it is more than a whole day's most. */
    public Optional<Instant> next(BigDecimal amount, Duration clear, Instant now) {
        return candidates(clear, now)
                .sorted()
                .filter(t -> breaches(new Counted(t, amount, clear)).isEmpty())
                .findFirst();
    }

    /** Moments from {@code now} on at which something that was in the way no longer is. */
    Stream<Instant> candidates(Duration clear, Instant now) {
        return Stream.concat(
                        Stream.of(now),
                        taken.stream().flatMap(t -> Stream.of(t.at().plus(apart(t.clear(), clear)), t.at().plus(DAY))))
                .filter(t -> !t.isBefore(now));
    }

    /**
     * Everything that speaks against one more dose, seen also from doses written down for later moments: at most one of each
     * kind, the nearest.
     */
    public List<Breach> breaches(Counted asked) {
        List<Breach> found = new ArrayList<>();
        taken.stream()
                .filter(t -> distance(t.at(), asked.at()).compareTo(apart(t.clear(), asked.clear())) < 0)
                .min(Comparator.comparing(t -> distance(t.at(), asked.at())))
                .ifPresent(t -> found.add(new Breach.TooNear(t.at(), apart(t.clear(), asked.clear()))));
        List<Counted> all = Stream.concat(taken.stream(), Stream.of(asked)).toList();
        Optional<Breach> many = Optional.empty();
        Optional<Breach> much = Optional.empty();
        // A window is fullest at the moment of a dose.
        for (Counted end :
                all.stream().sorted(Comparator.comparing(Counted::at)).toList()) {
            if (end.at().isBefore(asked.at()) || !end.at().isBefore(asked.at().plus(DAY))) {
                continue;
            }
            List<Counted> counted = counting(all, end.at());
            if (many.isEmpty()
                    && limit.times().isPresent()
                    && counted.size() > limit.times().getAsInt()) {
                many = Optional.of(new Breach.TooMany(end.at(), limit.times().getAsInt()));
            }
            BigDecimal sum = sum(counted);
            if (much.isEmpty()
                    && limit.inADay().filter(most -> sum.compareTo(most) > 0).isPresent()) {
                much = Optional.of(
                        new Breach.TooMuch(end.at(), sum, limit.inADay().get()));
            }
        }
        many.ifPresent(found::add);
        much.ifPresent(found::add);
        return found;
    }

    private Duration apart(Duration one, Duration other) {
        return Stream.of(limit.apart(), one, other)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static Duration distance(Instant one, Instant other) {
        return Duration.between(one, other).abs();
    }

    private static BigDecimal sum(List<Counted> doses) {
        return doses.stream().map(Counted::amount).reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
