package hodeon.app.kits;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Whether a trip's kit is ready, and if not, why not. */
@Service
public class Readiness {

    private final MatService mats;
    private final ListService lists;

    Readiness(MatService mats, ListService lists) {
        this.mats = mats;
        this.lists = lists;
    }

    /** Something that stands between a trip and its kit, and the page where it is put right. */
    public record Obstacle(String what, String act, String address) {}

    /** Empty when the kit is ready. */
    public List<Obstacle> obstacles(UUID householdId, StoredTrip trip) {
        List<Obstacle> obstacles = new ArrayList<>();
        String path = "/trips/" + trip.id();
        Optional<StoredList> kit = lists.ofTrip(householdId, trip.id());
        // Asking what would be best starts a search: only where there is a kit to hold against it.
        Optional<Mat> touched = mats.touched(householdId, trip);
        if (touched.filter(Mat::stale).isPresent()) {
            obstacles.add(new Obstacle(
                    Wording.says("readiness.theBriefHasChangedSinceItsMat"),
                    Wording.says("readiness.lookAtTheMat"),
                    path + "/mat"));
        }
        if (kit.isEmpty()) {
            obstacles.add(new Obstacle(
                    Wording.says("readiness.noKitIsSavedYet"), Wording.says("readiness.balanceIt"), path + "/mat"));
            return obstacles;
        }
        double over = kit.get().mass().grams() - trip.trip().limits().mass().grams();
        if (over > 0) {
            obstacles.add(new Obstacle(
                    Wording.says("readiness.itsKitIsOverTheLimit", Figures.grams(over)),
                    Wording.says("readiness.pruneIt"),
                    path + "/mat/prune"));
        }
        Mat mat = touched.orElseGet(() -> mats.mat(householdId, trip));
        if (!kit.get().pieces().equals(mat.pieces())) {
            obstacles.add(new Obstacle(
                    Wording.says("readiness.itsKitDiffersFromTheMat"),
                    Wording.says("readiness.saveItAnew"),
                    path + "/kit"));
        }
        return obstacles;
    }
}
