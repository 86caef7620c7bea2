package hodeon.app.mat.page;

import hodeon.app.brief.Progress;
import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.shell.Shown;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Opens a trip's mat for a page that looks at it in some way, and tells the page where it is. */
@Component
public class OpenedMat {

    private final MatService mats;
    private final Progress progress;

    OpenedMat(MatService mats, Progress progress) {
        this.mats = mats;
        this.progress = progress;
    }

    /** What every way of looking at a mat shows. */
    record Shows(Progress.Strip strip, String here, long version) {}

    /** @param here the name of the way of looking, as {@code kit/ways.html} has it */
    public Mat open(Member member, UUID trip, String here, Model model) {
        Mat mat = mats.mat(member.householdId(), trip);
        Shown.part(new Shows(progress.of(member.householdId(), mat.trip(), "Mat"), here, mat.version()), model);
        return mat;
    }
}
