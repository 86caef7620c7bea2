package hodeon.core.trip;

/** How long a trip is, in the steps at which a kit changes. */
public enum Length {
    DAY("a day"),
    NIGHTS("a few nights"),
    WEEK("about a week or longer");

    private static final int LONGEST_NIGHTS_DAYS = 4;

    private final String label;

    Length(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    public static Length of(Trip trip) {
        return trip.days() == 1 ? DAY : trip.days() <= LONGEST_NIGHTS_DAYS ? NIGHTS : WEEK;
    }
}
