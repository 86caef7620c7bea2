package hodeon.app.paper;

import hodeon.app.brief.Progress;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Wording;
import java.util.List;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The cards on the progress strip. */
@Component
@Order(5)
class CardsStep implements Progress.Later {

    @Override
    public List<Progress.Step> steps(UUID householdId, StoredTrip trip) {
        return List.of(
                new Progress.Step("Cards", "/trips/" + trip.id() + "/cards", Wording.says("cardsStep.toPrint"), false));
    }
}
