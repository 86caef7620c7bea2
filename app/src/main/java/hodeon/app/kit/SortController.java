package hodeon.app.kit;

import hodeon.app.household.Member;
import hodeon.app.kit.ContentsText.Line;
import hodeon.app.shell.Figures;
import hodeon.app.trip.Progress;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.kit.Sorting;
import hodeon.core.notice.Faults;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What to make of contents somebody has: paste, confirm what each line is, see gaps, surplus and a second kit. */
@Controller
@RequestMapping("/trips/{id}/mat/sort")
class SortController {

    private static final double SECOND_KIT_GRAMS = 300;

    private final MatService mats;
    private final KitCalculator calculator;
    private final Progress progress;

    SortController(MatService mats, KitCalculator calculator, Progress progress) {
        this.mats = mats;
        this.calculator = calculator;
        this.progress = progress;
    }

    /** A supply to choose from. */
    record Choice(String id, String name) {}

    @GetMapping
    String ask(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(member, id, "", List.of(), model);
    }

    /** Matches the pasted lines, to be confirmed. */
    @PostMapping
    String match(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestParam String text, Model model) {
        Faults faults = new Faults();
        Mat mat = mats.mat(member.householdId(), id);
        List<Line> lines = ContentsText.read(text, mat.known().catalogue(), faults);
        model.addAttribute("faults", faults.all());
        return page(member, id, text, faults.none() ? lines : List.of(), model);
    }

    /** Sorts what was confirmed; lines without a supply are kept aside and told. */
    @PostMapping("/confirmed")
    String sort(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") List<String> line,
            @RequestParam(defaultValue = "") List<String> supply,
            @RequestParam(defaultValue = "") List<Integer> pieces,
            Model model) {
        Mat mat = mats.mat(member.householdId(), id);
        Catalogue catalogue = mat.known().catalogue();
        Map<String, Integer> have = new LinkedHashMap<>();
        List<String> unknown = new java.util.ArrayList<>();
        for (int i = 0; i < Math.min(line.size(), Math.min(supply.size(), pieces.size())); i++) {
            int count = Math.clamp(pieces.get(i), 0, ContentsText.MOST_PIECES);
            if (catalogue.supply(supply.get(i)).isPresent()) {
                have.merge(supply.get(i), count, Integer::sum);
            } else {
                unknown.add(line.get(i));
            }
        }
        Sorting sorting = calculator.sort(mat.of(), mat.along(), have, SECOND_KIT_GRAMS);
        model.addAttribute("sorted", true);
        model.addAttribute("take", CurveView.words(sorting.take(), catalogue));
        model.addAttribute("missing", CurveView.words(sorting.missing(), catalogue));
        model.addAttribute("surplus", CurveView.words(sorting.surplus(), catalogue));
        model.addAttribute("second", CurveView.words(sorting.second(), catalogue));
        model.addAttribute("takeGrams", Figures.grams(KitCalculator.mass(mat.known(), sorting.take())));
        model.addAttribute("missingGrams", Figures.grams(KitCalculator.mass(mat.known(), sorting.missing())));
        model.addAttribute("secondGrams", Figures.grams(KitCalculator.mass(mat.known(), sorting.second())));
        model.addAttribute("unknown", unknown);
        return page(member, id, "", List.of(), model);
    }

    private String page(Member member, UUID id, String text, List<Line> lines, Model model) {
        Mat mat = mats.mat(member.householdId(), id);
        model.addAttribute("strip", progress.of(member.householdId(), mat.trip(), "Mat"));
        model.addAttribute("here", "What I have");
        model.addAttribute("text", text);
        model.addAttribute("lines", lines);
        model.addAttribute(
                "choices",
                mat.known().catalogue().supplies().stream()
                        .sorted(java.util.Comparator.comparing(Supply::name))
                        .map(s -> new Choice(s.id(), s.name()))
                        .toList());
        return "kit/sort";
    }
}
