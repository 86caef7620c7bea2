package hodeon.core.brief;

/** How long a trip is, in the steps at which a kit changes: a day, a few nights, about a week or longer. */
public enum Length {
    DAY,
    NIGHTS,
    WEEK;

    private static final int LONGEST_NIGHTS_DAYS = 4;

    public static Length of(Trip trip) {
        return trip.days() == 1 ? DAY : trip.days() <= LONGEST_NIGHTS_DAYS ? NIGHTS : WEEK;
    }
}
