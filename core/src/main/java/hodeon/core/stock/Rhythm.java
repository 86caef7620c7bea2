package hodeon.core.stock;

import hodeon.core.catalogue.Form;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import java.time.LocalDate;
import java.time.Period;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** How often what is looked at, from the craft: before a trip, charge monthly, look quarterly, all of it yearly. */
public enum Rhythm {
    BEFORE_TRIP("Before the outing", "everything: count, dates, seals", Period.ZERO),
    MONTHLY_CHARGE("Charge", "whatever runs on a battery", Period.ofMonths(PlanningAssumption.CHARGED_EVERY.whole())),
    QUARTERLY_LOOK(
            "Look",
            "what dries out, crumbles or leaks: adhesives, gloves, tubes and bottles",
            Period.ofMonths(PlanningAssumption.LOOKED_AT_EVERY.whole())),
    YEARLY_ALL("Everything", "all of it, one by one", Period.ofMonths(PlanningAssumption.ALL_EVERY.whole()));

    private static final int HOLDS_DAYS = PlanningAssumption.LOOK_HOLDS.whole();

    private static final Set<Form> PERISHING = EnumSet.of(
            Form.GLOVES,
            Form.PLASTER,
            Form.STRIPS,
            Form.TAPE,
            Form.TUBE,
            Form.BOTTLE,
            Form.SPRAY,
            Form.POD,
            Form.PACKET,
            Form.RING,
            Form.MASK);

    private final String label;
    private final String what;
    private final Period period;

    Rhythm(String label, String what, Period period) {
        this.label = label;
        this.what = what;
        this.period = period;
    }

    public String label() {
        return label;
    }

    public String what() {
        return what;
    }

    public boolean covers(Supply supply) {
        return switch (this) {
            case BEFORE_TRIP, YEARLY_ALL -> true;
            case MONTHLY_CHARGE -> supply.keeping().battery();
            case QUARTERLY_LOOK -> PERISHING.contains(supply.form()) && supply.group() != Group.TOOLS;
        };
    }

    /**
     * The day it is due again; a kit that was never looked at is due at once. Before a trip there is no rhythm: it is due
     * for the trip, if the last look at everything is older than four weeks before its start.
     *
     * @param since the day the kit was put together
     */
    public LocalDate due(Optional<LocalDate> last, LocalDate since) {
        if (this == BEFORE_TRIP) {
            throw new IllegalStateException("The check before an outing is due for an outing, not by the calendar.");
        }
        return last.orElse(since).plus(period);
    }

    /** Whether a look at everything still holds for a trip that starts on a day. */
    public static boolean holdsFor(Optional<LocalDate> lastOfEverything, LocalDate start) {
        return lastOfEverything
                .map(day -> !day.isBefore(start.minusDays(HOLDS_DAYS)))
                .orElse(false);
    }

    /**
     * Whether a look at everything is due for a trip that starts on a day: the last one no longer holds, and one today would.
     */
    public static boolean dueFor(Optional<LocalDate> lastOfEverything, LocalDate start, LocalDate today) {
        return !start.minusDays(HOLDS_DAYS).isAfter(today) && !holdsFor(lastOfEverything, start);
    }
}
