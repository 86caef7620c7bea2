package hodeon.app.need;

import hodeon.app.brief.Progress;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Wording;
import java.util.List;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The odds on the progress strip. */
@Component
@Order(1)
class OddsStep implements Progress.Later {

    private final Forecasts forecasts;

    OddsStep(Forecasts forecasts) {
        this.forecasts = forecasts;
    }

    @Override
    public List<Progress.Step> steps(UUID householdId, StoredTrip stored) {
        int problems = forecasts.of(stored).problems().size();
        return List.of(new Progress.Step(
                "Odds", "/trips/" + stored.id() + "/odds", Wording.says("oddsStep.problems", problems), false));
    }
}
