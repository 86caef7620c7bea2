package hodeon.app.kits;

import hodeon.app.brief.Progress;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.shell.Figures;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The mat and the kit on the progress strip. */
@Component
@Order(2)
class MatStep implements Progress.Later {

    private final MatService mats;
    private final ListService lists;

    MatStep(MatService mats, ListService lists) {
        this.mats = mats;
        this.lists = lists;
    }

    @Override
    public List<Progress.Step> steps(UUID householdId, StoredTrip trip) {
        String path = "/trips/" + trip.id();
        Optional<Mat> touched = mats.isTouched(trip.id()) ? Optional.of(mats.mat(householdId, trip)) : Optional.empty();
        Optional<StoredList> kit = lists.ofTrip(householdId, trip.id());
        boolean stale = touched.map(Mat::stale).orElse(false);
        String mat = touched.map(m -> stale ? "brief changed since" : m.pieces().size() + " kinds, by hand")
                .orElse("as recommended");
        boolean differs = kit.isPresent()
                && !kit.get()
                        .pieces()
                        .equals(touched.orElseGet(() -> mats.mat(householdId, trip))
                                .pieces());
        String saved = kit.map(k -> differs ? "differs from the mat" : Figures.grams(k.mass()) + " planned")
                .orElse("not saved yet");
        return List.of(
                new Progress.Step("Mat", path + "/mat", mat, stale),
                new Progress.Step("Kit", path + "/kit", saved, differs));
    }
}
