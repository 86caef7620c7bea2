package hodeon.app.mat.page;

import hodeon.app.brief.Progress;
import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
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

    /** @param here the name of the way of looking, as {@code kit/ways.html} has it */
    public Mat open(Member member, UUID trip, String here, Model model) {
        Mat mat = mats.mat(member.householdId(), trip);
        model.addAttribute("strip", progress.of(member.householdId(), mat.trip(), "Mat"));
        model.addAttribute("here", here);
        model.addAttribute("version", mat.version());
        return mat;
    }
}
