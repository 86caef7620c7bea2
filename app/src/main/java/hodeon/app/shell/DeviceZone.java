package hodeon.app.shell;

import java.time.ZoneId;
import java.util.Optional;

/**
 * The time zone of the device that asks, as its script told it; the household's while it has not said any. Ask for it as a
 * parameter of a page's method.
 */
public record DeviceZone(ZoneId id) {

    /** A zone by its name; empty if no such zone is known. */
    public static Optional<ZoneId> named(String name) {
        return ZoneId.getAvailableZoneIds().contains(name) || name.equals("Z")
                ? Optional.of(ZoneId.of(name))
                : Optional.empty();
    }
}
