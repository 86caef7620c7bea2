package hodeon.core.brief;

import hodeon.core.evidence.PlanningAssumption;

/**
 * How long a trip is, in the steps at which a kit changes: a day, a few nights, about a week or longer. A kit that stays is used by
 * people who sleep at home: a day.
 */
public enum Length {
    DAY,
    NIGHTS,
    WEEK;

    private static final int LONGEST_NIGHTS_DAYS = PlanningAssumption.LONGEST_NIGHTS.whole();

    public static Length of(Trip trip) {
        return trip.days() == 1 || trip.standing().isPresent()
                ? DAY
                : trip.days() <= LONGEST_NIGHTS_DAYS ? NIGHTS : WEEK;
    }
}
