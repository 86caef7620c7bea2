package hodeon.app.brief;

import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

@Embeddable
class LegRow {

    @Enumerated(EnumType.STRING)
    Activity activity = Activity.HILL_WALKING;

    @Enumerated(EnumType.STRING)
    Environment environment = Environment.TEMPERATE;

    int halfDays;

    protected LegRow() {}

    LegRow(Leg leg) {
        this.activity = leg.activity();
        this.environment = leg.environment();
        this.halfDays = leg.halfDays();
    }

    Leg leg() {
        return new Leg(activity, environment, halfDays);
    }
}
