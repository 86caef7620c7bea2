package hodeon.app.medicine;

import hodeon.app.brief.Progress;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Wording;
import java.util.List;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Medicines on the progress strip: for how many people there is something to heed; the answer is on its own page. */
@Component
@Order(4)
class MedicinesStep implements Progress.Later {

    @Override
    public List<Progress.Step> steps(UUID householdId, StoredTrip trip) {
        long heed = trip.trip().party().people().stream()
                .filter(p -> !p.allergies().isEmpty() || !p.conditions().isEmpty())
                .count();
        return List.of(new Progress.Step(
                "Medicines",
                "/trips/" + trip.id() + "/medicines",
                heed == 0 ? Wording.says("medicinesStep.nothingSpecial") : Wording.says("medicinesStep.toHeed", heed),
                false));
    }
}
