package hodeon.app.packing.carrier;

import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.page.OpenedMat;
import hodeon.app.packing.carrier.Carriers.Carrier;
import hodeon.app.packing.carrier.Carriers.Shared;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who carries what on an outing: drawn, shared out evenly, and moved by hand. */
@Controller
@RequestMapping("/trips/{id}/mat/carry")
class CarryController {

    private static final double BAG = PlanningAssumption.TOGETHER_GRAMS.value();

    private final Carriers carriers;
    private final OpenedMat opened;

    CarryController(Carriers carriers, OpenedMat opened) {
        this.carriers = carriers;
        this.opened = opened;
    }

    /** Some pieces of a supply with one carrier. */
    record Piece(String id, String counted, int count) {}

    /** What belongs together, with one carrier. @param id constant of the group */
    record Module(String id, String name, String grams, List<Piece> pieces) {}

    /** @param over such as “120 g over”; empty if it is not */
    record Load(String key, String name, String place, String group, String grams, String over, List<Module> modules) {}

    /**
     * The page.
     *
     * @param alone whether one person carries it all, so that nothing may separate
     * @param answer how even it is
     * @param tooFew what guards life and not every group can have
     * @param single what no kit goes without and only some groups can have
     * @param without what a group lacks because it was given away by hand
     * @param split kinds that are in more than one load
     */
    record CarryPage(
            UUID id,
            boolean alone,
            boolean byHand,
            String answer,
            LoadDrawing drawing,
            List<Load> loads,
            List<String> tooFew,
            List<String> single,
            List<String> without,
            List<String> split,
            CarrierForm form,
            List<Fault> faults) {}

    @GetMapping
    String carry(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        Mat mat = opened.open(member, id, "Carry", model);
        Shared shared = carriers.share(mat);
        return page(mat, shared, CarrierForm.of(shared.carriers(), shared.whole()), List.of(), model);
    }

    private String page(Mat mat, Shared shared, CarrierForm form, List<Fault> faults, Model model) {
        boolean alone = mat.trip().trip().party().size() == 1;
        List<Load> loads = new ArrayList<>();
        for (int i = 0; i < shared.carriers().size(); i++) {
            loads.add(load(shared.carriers().get(i), shared.carry().carriers().get(i), mat, groups(shared, alone) > 1));
        }
        CarryPage view = new CarryPage(
                mat.trip().id(),
                alone,
                shared.byHand(),
                answer(shared, mat),
                LoadDrawing.of(shared, mat),
                loads,
                shared.carry().tooFew(),
                shared.carry().single(),
                shared.carry().without().stream()
                        .map(w -> Wording.says("carryController.group", w.what(), letter(w.group())))
                        .toList(),
                split(shared, mat),
                form,
                faults);
        return Shown.page("packing/carry", view, model);
    }

    private static long groups(Shared shared, boolean alone) {
        return alone
                ? 1
                : shared.carriers().stream().map(Carrier::group).distinct().count();
    }

    private static String answer(Shared shared, Mat mat) {
        List<Double> grams = shared.carry().carriers().stream()
                .map(l -> LoadDrawing.grams(l, mat))
                .toList();
        if (grams.size() == 1) {
            return Wording.says("carryController.withOneCarrier", Figures.grams(grams.getFirst()));
        }
        double apart = grams.stream().mapToDouble(g -> g).max().orElse(0)
                - grams.stream().mapToDouble(g -> g).min().orElse(0);
        return Wording.says(
                "carryController.theLoadsAreApart",
                Figures.grams(apart),
                (shared.byHand()
                        ? Wording.says("carryController.asTheyWereGivenByHand")
                        : Wording.says(
                                "carryController.noOtherWayIsBetterByMore",
                                Figures.grams(Math.max(1, shared.carry().gap())),
                                Figures.grams(BAG))));
    }

    private static Load load(Carrier carrier, Map<String, Integer> carried, Mat mat, boolean grouped) {
        double grams = LoadDrawing.grams(carried, mat);
        Map<Group, List<Supply>> byGroup = new LinkedHashMap<>();
        mat.known().catalogue().supplies().stream()
                .filter(s -> carried.getOrDefault(s.id(), 0) > 0)
                .forEach(s -> byGroup.computeIfAbsent(s.group(), g -> new ArrayList<>())
                        .add(s));
        double over = carrier.most().isPresent() ? grams - carrier.most().getAsDouble() : 0;
        return new Load(
                carrier.key(),
                carrier.name(),
                carrier.place(),
                grouped ? Wording.says("carryController.group2", letter(carrier.group())) : "",
                Figures.grams(grams),
                over > 0 ? Wording.says("carryController.overTheLimit", Figures.grams(over)) : "",
                byGroup.entrySet().stream()
                        .map(e -> new Module(
                                e.getKey().name(),
                                e.getKey().label(),
                                Figures.grams(e.getValue().stream()
                                        .mapToDouble(s -> s.mass().grams() * carried.getOrDefault(s.id(), 0))
                                        .sum()),
                                e.getValue().stream()
                                        .map(s -> new Piece(
                                                s.id(),
                                                Figures.named(carried.getOrDefault(s.id(), 0), s),
                                                carried.getOrDefault(s.id(), 0)))
                                        .toList()))
                        .toList());
    }

    private static char letter(int group) {
        return (char) ('A' + group);
    }

    /** Each with how many where. */
    private static List<String> split(Shared shared, Mat mat) {
        return mat.known().catalogue().supplies().stream()
                .flatMap(s -> {
                    List<Integer> there = shared.carry().carriers().stream()
                            .map(l -> l.getOrDefault(s.id(), 0))
                            .filter(n -> n > 0)
                            .toList();
                    return there.size() > 1
                            ? Stream.of(s.name() + " ("
                                    + there.stream()
                                            .map(String::valueOf)
                                            .collect(
                                                    Collectors.joining(" " + Wording.says("sheetController.and") + " "))
                                    + ")")
                            : Stream.empty();
                })
                .toList();
    }

    @PostMapping("/carriers")
    String write(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            CarrierForm form,
            HttpServletResponse response,
            Model model) {
        Mat mat = opened.open(member, id, "Carry", model);
        Faults faults = new Faults();
        Optional<List<Carrier>> read = form.read(faults);
        if (read.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(mat, carriers.share(mat), form, faults.all(), model);
        }
        carriers.write(mat, read.get(), form.isWhole());
        return "redirect:/trips/" + id + "/mat/carry";
    }

    /** @param supply id of a supply, or of a module @param part the carrier that takes it */
    @PostMapping("/move")
    String move(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String supply,
            @RequestParam String part,
            @RequestParam String from,
            @RequestParam(defaultValue = "") String pieces,
            Model model) {
        int some = pieces.matches("[1-9]\\d{0,5}") ? Integer.parseInt(pieces) : Integer.MAX_VALUE;
        carriers.move(opened.open(member, id, "Carry", model), supply, from, part, some);
        return "redirect:/trips/" + id + "/mat/carry";
    }

    @PostMapping("/evenly")
    String evenly(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        carriers.evenly(opened.open(member, id, "Carry", model));
        return "redirect:/trips/" + id + "/mat/carry";
    }
}
