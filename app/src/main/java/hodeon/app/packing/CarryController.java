package hodeon.app.packing;

import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.page.OpenedMat;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.tradeoff.CurveView;
import hodeon.core.packing.Carry;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who carries what. */
@Controller
@RequestMapping("/trips/{id}/mat")
class CarryController {

    private static final int MOST_CARRIERS = 8;

    private final KitCalculator calculator;
    private final OpenedMat opened;

    CarryController(KitCalculator calculator, OpenedMat opened) {
        this.calculator = calculator;
        this.opened = opened;
    }

    record CarrierView(String name, String grams, List<String> pieces) {}

    /**
     * The page.
     *
     * @param groups as typed, and {@code groupsFault} whether that is not understood
     * @param tooFew what not every group that may go alone can have
     */
    record CarryPage(String groups, boolean groupsFault, List<CarrierView> carriers, List<String> tooFew) {}

    @GetMapping("/carry")
    String carry(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "1 1") String groups,
            Model model) {
        Mat mat = opened.open(member, id, "Carry", model);
        Optional<List<List<Integer>>> carriers = carriers(groups);
        List<CarrierView> views = new ArrayList<>();
        List<String> tooFew = List.of();
        if (carriers.isPresent()) {
            Carry carry = calculator.carry(mat.of(), mat.along(), mat.pieces(), carriers.get());
            tooFew = carry.tooFew();
            for (int g = 0; g < carriers.get().size(); g++) {
                for (int c : carriers.get().get(g)) {
                    Map<String, Integer> pieces = carry.carriers().get(c);
                    views.add(new CarrierView(
                            "Carrier " + (c + 1) + ", group " + (char) ('A' + g),
                            Figures.grams(KitCalculator.mass(mat.known(), pieces)),
                            CurveView.words(pieces, mat.known().catalogue())));
                }
            }
        }
        return Shown.page("packing/carry", new CarryPage(groups, carriers.isEmpty(), views, tooFew), model);
    }

    /** “2 1” is two carriers that stay together and one who may go alone; empty if it is not understood. */
    private static Optional<List<List<Integer>>> carriers(String typed) {
        List<List<Integer>> groups = new ArrayList<>();
        int next = 0;
        for (String word : typed.strip().split("[ ,]+")) {
            if (!word.matches("[1-9]")) {
                return Optional.empty();
            }
            List<Integer> group = new ArrayList<>();
            for (int i = 0; i < Integer.parseInt(word); i++) {
                group.add(next++);
            }
            groups.add(group);
        }
        return next <= MOST_CARRIERS ? Optional.of(groups) : Optional.empty();
    }
}
