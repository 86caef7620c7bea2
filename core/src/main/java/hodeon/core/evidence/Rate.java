package hodeon.core.evidence;

/**
 * How often something happens, per 1,000 person-days, and how much experience that figure is worth.
 *
 * @param perThousandPersonDays events per 1,000 person-days, 0 or more
 * @param priorPersonDays how many person-days of experience stand behind it, more than 0
 * @param basis where it comes from
 */
public record Rate(double perThousandPersonDays, double priorPersonDays, Basis basis) {

    /** A hundred events for each person and day: beyond it nothing is a rate any more. */
    private static final double MOST = 100_000;

    public Rate {
        if (!(perThousandPersonDays >= 0 && perThousandPersonDays <= MOST)) {
            throw new IllegalArgumentException(
                    "A rate of " + perThousandPersonDays + " per 1,000 person-days is outside 0 to 100,000.");
        }
        if (!(priorPersonDays > 0)) {
            throw new IllegalArgumentException("A strength of " + priorPersonDays + " person-days is not above 0.");
        }
    }

    /** The rate after so many events were logged in so many adjusted person-days, more than 0; at most 100,000. */
    public Rate learned(int events, double personDays) {
        double strength = priorPersonDays + personDays;
        return new Rate(
                Math.min(MOST, (shape() + events) / strength * 1000),
                strength,
                new Basis.OwnLog(basis, perThousandPersonDays, events, personDays));
    }

    /** The rate as somebody sets it for one trip. */
    public Rate forTrip(double perThousand) {
        return new Rate(perThousand, priorPersonDays, new Basis.OfTrip(basis, perThousandPersonDays));
    }

    /** Shape α = λ S of the gamma distribution that says how sure the rate is. */
    public double shape() {
        return perThousandPersonDays / 1000 * priorPersonDays;
    }
}
