package hodeon.core.medication;

import hodeon.core.units.Dose;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * What one person has had of one ingredient over all products, and when the next dose may be. Times are moments, so
 * travelling through time zones and changing clocks make no difference; a dose counts for 24 hours after it, and no longer
 * at the very end of them.
 *
 * <p>Worked example: at most 4,000 mg in 24 h, 4 h apart, 4 times. Taken: 1,000 mg at 06:00, 500 mg in a cold sachet at
 * 11:00, 1,000 mg at 16:00, 1,000 mg at 22:00. At 23:00 3,500 mg count and 500 mg have room. A dose of 1,000 mg would
 * fit 4 h after the last (02:00) by its interval, but 4 doses count until 06:00: the next is at 06:00, when also room for
 * 1,500 mg is there.
 */
public final class DoseClock {

    private static final Duration DAY = Duration.ofHours(24);

    /** A dose that was taken, by ingredient id. */
    public record Taken(Instant at, String product, Map<String, Dose> amounts) {

        public Taken {
            amounts = Map.copyOf(amounts);
        }

        Dose of(String ingredient) {
            return amounts.getOrDefault(ingredient, Dose.ZERO);
        }
    }

    /**
     * What holds for one person and ingredient.
     *
     * @param inADay most in 24 hours, if any is said
     * @param apart at least this long between two doses
     * @param times most doses in 24 hours, if said
     */
    public record Limit(Optional<Dose> inADay, Duration apart, OptionalInt times) {

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

    private final String ingredient;
    private final Limit limit;
    private final List<Taken> taken;

    /** @param taken in any order; what holds none of the ingredient does not count */
    public DoseClock(String ingredient, Limit limit, List<Taken> taken) {
        this.ingredient = ingredient;
        this.limit = limit;
        this.taken = taken.stream()
                .filter(t -> t.of(ingredient).micrograms() > 0)
                .sorted(Comparator.comparing(Taken::at))
                .toList();
    }

    /** Doses that count at a moment, the earliest first. */
    public List<Taken> counting(Instant at) {
        return counting(taken, at);
    }

    private static List<Taken> counting(List<Taken> doses, Instant at) {
        return doses.stream()
                .filter(t -> !t.at().isAfter(at) && t.at().plus(DAY).isAfter(at))
                .toList();
    }

    /** How much counts at a moment. */
    public Dose inLastDay(Instant at) {
        return sum(counting(at));
    }

    /** How much more the 24 hours before a moment have room for; empty where no most is said. */
    public Optional<Dose> room(Instant at) {
        return limit.inADay().map(most -> most.lessOrNone(inLastDay(at)));
    }

    /** The first moment from {@code now} on at which a dose may be taken; empty if it is more than a whole day's most. */
    public Optional<Instant> next(Dose dose, Instant now) {
        return Stream.concat(
                        Stream.of(now),
                        taken.stream().flatMap(t -> Stream.of(t.at().plus(limit.apart()), t.at().plus(DAY))))
                .filter(t -> !t.isBefore(now))
                .sorted()
                .filter(t -> breach(dose, t).isEmpty())
                .findFirst();
    }

    /** Why a dose at a moment would be too early or too much, seen also from doses written down for later moments. */
    public Optional<String> breach(Dose dose, Instant at) {
        Taken asked = new Taken(at, "", Map.of(ingredient, dose));
        Optional<Taken> near = taken.stream()
                .filter(t -> Duration.between(t.at(), at).abs().compareTo(limit.apart()) < 0)
                .findFirst();
        if (near.isPresent()) {
            return Optional.of("Less than " + hours(limit.apart()) + " from another dose.");
        }
        List<Taken> all = Stream.concat(taken.stream(), Stream.of(asked)).toList();
        // A window is fullest at the moment of a dose.
        for (Taken end : all) {
            if (!end.at().isBefore(at) && end.at().isBefore(at.plus(DAY))) {
                List<Taken> counted = counting(all, end.at());
                if (limit.times().isPresent() && counted.size() > limit.times().getAsInt()) {
                    return Optional.of("More than " + limit.times().getAsInt() + " doses in 24 h.");
                }
                if (limit.inADay()
                        .filter(most -> sum(counted).compareTo(most) > 0)
                        .isPresent()) {
                    return Optional.of(sum(counted) + " in 24 h is more than "
                            + limit.inADay().get() + ".");
                }
            }
        }
        return Optional.empty();
    }

    private Dose sum(List<Taken> doses) {
        return doses.stream().map(t -> t.of(ingredient)).reduce(Dose.ZERO, Dose::plus);
    }

    private static String hours(Duration apart) {
        return apart.toMinutes() % 60 == 0 ? apart.toHours() + " h" : apart.toMinutes() + " min";
    }
}
