package hodeon.core.brief;

/**
 * A stretch of a trip, or a part of a usual week, with one activity in one environment.
 *
 * @param halfDays length in half days, 1 to 800
 */
public record Leg(Activity activity, Environment environment, int halfDays) {

    public Leg {
        if (halfDays < 1 || halfDays > 2 * Standing.MOST_DAYS) {
            throw new IllegalArgumentException(
                    "A leg of " + halfDays / 2.0 + " days is outside 0.5 to " + Standing.MOST_DAYS + " days.");
        }
    }

    public double days() {
        return halfDays / 2.0;
    }
}
