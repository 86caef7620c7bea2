package hodeon.app.evidence;

import hodeon.core.evidence.PlanningAssumption;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The register of planning assumptions, for whoever doubts a kit or a dose. */
@Controller
class AssumptionsController {

    record Line(String what, String figure, String because) {}

    record Part(String title, List<Line> lines) {}

    @GetMapping("/assumptions")
    String page(Model model) {
        model.addAttribute(
                "parts",
                Arrays.stream(PlanningAssumption.Subject.values())
                        .map(subject -> new Part(
                                subject.label(),
                                Arrays.stream(PlanningAssumption.values())
                                        .filter(a -> a.subject() == subject)
                                        .map(a -> new Line(a.what(), a.figure() + " " + a.unit(), a.because()))
                                        .toList()))
                        .toList());
        return "evidence/assumptions";
    }
}
