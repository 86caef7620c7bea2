package hodeon.app.shell.style;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;

/** This machine’s clock, in the time zone of whoever the moment is for: a household’s day begins where the household lives. */
public final class HouseClock extends Clock {

    @Override
    public ZoneId getZone() {
        return HouseStyle.here().zoneHere();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.system(zone);
    }

    @Override
    public Instant instant() {
        return Instant.now();
    }
}
