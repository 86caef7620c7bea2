package hodeon.app.journal;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What somebody counted after a trip, as typed; maps are by supply.
 *
 * @param used so many were used
 * @param left or so many are left
 * @param opened there where a package was opened
 * @param learn there where the log is complete
 * @param sure there where the trip has not begun and it is meant all the same
 */
record DebriefForm(
        Map<String, String> used,
        Map<String, String> left,
        Map<String, String> opened,
        @Nullable String learn,
        @Nullable String sure) {

    static final DebriefForm EMPTY = new DebriefForm(Map.of(), Map.of(), Map.of(), null, null);

    DebriefForm {
        used = used == null ? Map.of() : used;
        left = left == null ? Map.of() : left;
        opened = opened == null ? Map.of() : opened;
    }
}
