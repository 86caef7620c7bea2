package hodeon.core.brief;

/**
 * A stretch of a trip with one activity in one environment.
 *
 * @param halfDays length in half days, 1 to 120
 */
public record Leg(Activity activity, Environment environment, int halfDays) {

    public Leg {
        if (halfDays < 1 || halfDays > 2 * Trip.MOST_DAYS) {
            throw new IllegalArgumentException(
                    "A leg of " + halfDays / 2.0 + " days is outside 0.5 to " + Trip.MOST_DAYS + " days.");
        }
    }

    public double days() {
        return halfDays / 2.0;
    }
}
