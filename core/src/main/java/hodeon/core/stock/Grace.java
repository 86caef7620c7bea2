package hodeon.core.stock;

import hodeon.core.catalogue.Form;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * How long simple things may be carried past their date: off by default, and never for medicine, sterile dressings or
 * rescue items.
 *
 * @param days 0 for none, to 730
 */
public record Grace(int days) {

    public static final Grace NONE = new Grace(0);
    public static final int MOST_DAYS = 730;

    private static final Set<Group> SIMPLE =
            EnumSet.of(Group.HOLD, Group.SPLINT, Group.WARMTH, Group.TOOLS, Group.RECORD);

    public Grace {
        if (days < 0 || days > MOST_DAYS) {
            throw new IllegalArgumentException("A grace of " + days + " days is outside 0 to " + MOST_DAYS + ".");
        }
    }

    public static boolean allowedFor(Supply supply) {
        return supply.prescribed().isEmpty()
                && (SIMPLE.contains(supply.group()) || supply.form() == Form.GLOVES || supply.form() == Form.PLASTER);
    }

    /** What was withdrawn or opened gets no grace. */
    public Optional<GoodUntil> extended(Optional<GoodUntil> good, Supply supply) {
        return good.map(g -> switch (g.reason()) {
            case PRINTED, TYPICAL -> allowedFor(supply) ? new GoodUntil(plus(g.day()), g.reason()) : g;
            case OPENED, DECANTED, WITHDRAWN -> g;
        });
    }

    private LocalDate plus(LocalDate day) {
        return day.plusDays(days);
    }
}
