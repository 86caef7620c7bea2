package hodeon.app.packing.box;

import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.packing.AccessStep;
import hodeon.core.packing.Arrangement;
import hodeon.core.packing.BoxShapes;
import hodeon.core.packing.Compartment;
import hodeon.core.packing.Laid;
import hodeon.core.packing.PackingRule;
import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.util.Comparator;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The opened box of a kit: its compartments, what lies in which, how soon it is in the hand; arranged by hand or exactly. */
@Controller
@RequestMapping("/kits/{id}/pack")
class BoxController {

    private final Boxes boxes;

    BoxController(Boxes boxes) {
        this.boxes = boxes;
    }

    /**
     * @param count pieces that lie there together
     * @param rules that it breaks where it lies, aloud
     * @param module its page, if it is one
     */
    record Thing(
            String id,
            String counted,
            int count,
            String room,
            boolean pinned,
            boolean grave,
            List<String> rules,
            String module) {}

    /** @param used such as “0.4 of 0.5 l” @param opened how, step by step */
    record PartView(
            String id,
            String name,
            int seconds,
            boolean timed,
            String opened,
            String used,
            boolean over,
            List<String> holds,
            List<Thing> things,
            PartForm form) {}

    /** A grave thing. @param before seconds before the last arranging; empty if unknown */
    record Reach(String name, String where, String seconds, String before, String hands) {}

    record Step(String id, String label) {}

    /** A shape to start from, drawn empty. */
    record Start(String id, String name, BoxDrawing drawing, String parts) {

        static Start of(BoxShapes.Shape shape) {
            return new Start(
                    shape.id(),
                    shape.name(),
                    BoxDrawing.of(new Box(shape.name(), shape.compartments(), List.of(), List.of())),
                    shape.compartments().stream().map(Compartment::name).collect(Collectors.joining(", ")));
        }
    }

    /**
     * @param loose what was laid nowhere, and {@code looseSays} by how much that is too much
     * @param rules that bind in this box, aloud
     * @param typed a compartment that was not taken over
     */
    record PackPage(
            UUID id,
            String name,
            BoxDrawing drawing,
            List<PartView> parts,
            List<Thing> loose,
            String looseSays,
            List<Reach> reach,
            List<String> rules,
            List<Start> starts,
            List<Step> steps,
            PartForm typed,
            List<Fault> faults) {}

    private static final PartForm BLANK = new PartForm("", "", "", null, "", null);

    @GetMapping
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(member, id, BLANK, List.of(), model);
    }

    @PostMapping("/shape")
    String start(@AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestParam String shape) {
        boxes.start(member.householdId(), id, shape);
        return "redirect:/kits/" + id + "/pack";
    }

    @PostMapping("/arrange")
    String arrange(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        Map<String, Integer> before = new LinkedHashMap<>();
        boxes.of(member.householdId(), id).grave().forEach(g -> g.way()
                .ifPresent(w -> before.put(g.supply(), w.seconds())));
        double gap = boxes.arrange(member.householdId(), id);
        next.addFlashAttribute("before", before);
        next.addFlashAttribute(
                "said",
                gap < 0.0005
                        ? "Arranged, and proven: nothing lies better for what is urgent."
                        : Wording.says("pack.gap", Figures.percent(gap)));
        return "redirect:/kits/" + id + "/pack";
    }

    @PostMapping("/lay")
    String lay(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String supply,
            @RequestParam UUID part,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String pieces) {
        int some = pieces.matches("[1-9]\\d{0,5}") ? Integer.parseInt(pieces) : Integer.MAX_VALUE;
        boxes.lay(
                member.householdId(),
                id,
                supply,
                from.isEmpty() ? Optional.empty() : Optional.of(id(from)),
                some,
                part);
        return "redirect:/kits/" + id + "/pack#part-" + part;
    }

    @PostMapping("/let-go")
    String letGo(@AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestParam String supply) {
        boxes.letGo(member.householdId(), id, supply);
        return "redirect:/kits/" + id + "/pack";
    }

    @PostMapping("/parts")
    String keep(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            PartForm form,
            HttpServletResponse response,
            Model model) {
        Faults faults = new Faults();
        Optional<Compartment> part = form.read(faults);
        if (part.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, id, form, faults.all(), model);
        }
        boxes.keep(
                member.householdId(),
                id,
                form.part().isEmpty() ? Optional.empty() : Optional.of(id(form.part())),
                part.get());
        return "redirect:/kits/" + id + "/pack";
    }

    private static UUID id(String part) {
        try {
            return UUID.fromString(part);
        } catch (IllegalArgumentException noId) {
            throw new NotHere("compartment " + part);
        }
    }

    @PostMapping("/parts/{part}/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable UUID id, @PathVariable UUID part) {
        boxes.remove(member.householdId(), id, part);
        return "redirect:/kits/" + id + "/pack";
    }

    private String page(Member member, UUID id, PartForm typed, List<Fault> faults, Model model) {
        Box box = boxes.of(member.householdId(), id);
        Map<?, ?> before = model.getAttribute("before") instanceof Map<?, ?> map ? map : Map.of();
        PackPage view = new PackPage(
                id,
                box.name(),
                BoxDrawing.of(box),
                box.parts().stream().map(c -> part(c, box)).toList(),
                box.things().stream()
                        .filter(t -> t.where().isEmpty())
                        .map(t -> thing(t, box))
                        .toList(),
                tooMuch(box),
                box.grave().stream().map(g -> reach(g, before)).toList(),
                Stream.of(PackingRule.values())
                        .filter(r -> box.things().stream().anyMatch(t -> r.binds(t.laid(), box.parts())))
                        .map(PackingRule::says)
                        .toList(),
                box.parts().isEmpty()
                        ? BoxShapes.shipped().stream().map(Start::of).toList()
                        : List.of(),
                Stream.of(AccessStep.values())
                        .map(s -> new Step(s.name(), s.label() + ", " + s.seconds() + " s"))
                        .toList(),
                typed,
                faults);
        return Shown.page("packing/box", view, model);
    }

    private static Thing thing(Box.Lying lying, Box box) {
        Laid laid = lying.laid();
        return new Thing(
                lying.key(),
                BoxDrawing.named(laid),
                laid instanceof Laid.Handful h ? h.pieces() : 1,
                Figures.millilitres(1000 * laid.litres()),
                laid.pinned().isPresent(),
                box.grave(lying.key()),
                lying.where()
                        .map(c -> Arrangement.broken(laid, c, box.parts()).stream()
                                .map(PackingRule::where)
                                .toList())
                        .orElse(List.of()),
                laid instanceof Laid.Pouch p ? "/kits/" + p.id() + "/pack" : "");
    }

    /** “420 ml lie nowhere; the roomiest compartment, Main room, has 120 ml left.” */
    private static String tooMuch(Box box) {
        double loose = box.things().stream()
                .filter(t -> t.where().isEmpty())
                .mapToDouble(t -> t.laid().litres())
                .sum();
        return box.parts().stream()
                .max(Comparator.comparingDouble(c -> free(c, box)))
                .map(c -> Wording.says(
                        "boxController.lieNowhereTheRoomiestCompartment",
                        Figures.millilitres(1000 * loose),
                        c.name(),
                        Figures.millilitres(1000 * Math.max(0, free(c, box)))))
                .orElse("");
    }

    private static double free(Compartment part, Box box) {
        return part.room().litres()
                - box.in(part).stream().mapToDouble(t -> t.laid().litres()).sum();
    }

    private static PartView part(Compartment part, Box box) {
        List<Box.Lying> here = box.in(part);
        double used = here.stream().mapToDouble(t -> t.laid().litres()).sum();
        return new PartView(
                part.id(),
                part.name(),
                part.seconds(),
                part.measured().isPresent(),
                part.steps().stream().map(AccessStep::label).collect(Collectors.joining(", ")),
                Wording.says(
                        "clockController.of",
                        Figures.room(used),
                        Figures.room(part.room().litres())),
                used > part.room().litres() + 1e-9,
                holds(part),
                here.stream().map(t -> thing(t, box)).toList(),
                new PartForm(
                        part.id(),
                        part.name(),
                        HouseStyle.here()
                                .litresTyped(BigDecimal.valueOf(part.room().microlitres(), 6), 3),
                        part.steps().stream().map(AccessStep::name).toList(),
                        part.measured().isPresent()
                                ? String.valueOf(part.measured().getAsInt())
                                : "",
                        keys(part)));
    }

    private static List<String> holds(Compartment part) {
        return Stream.of(
                        part.outside() ? "outside" : "",
                        part.waterproof() ? "waterproof" : "",
                        part.closes() ? Wording.says("boxController.noChildOpensIt") : "",
                        part.oneHanded()
                                ? Wording.says("boxController.oneHandOpensIt")
                                : Wording.says("boxController.bothHands"))
                .filter(s -> !s.isEmpty())
                .toList();
    }

    private static List<String> keys(Compartment part) {
        return Stream.of(
                        part.outside() ? "outside" : "",
                        part.waterproof() ? "waterproof" : "",
                        part.closes() ? "closes" : "")
                .filter(s -> !s.isEmpty())
                .toList();
    }

    private static Reach reach(Box.Grave thing, Map<?, ?> before) {
        return new Reach(
                thing.name(),
                thing.way().map(w -> String.join(", ", w.names())).orElse(Wording.says("boxController.laidNowhereYet")),
                thing.way().map(w -> w.seconds() + " s").orElse(""),
                before.get(thing.supply()) instanceof Integer seconds ? seconds + " s" : "",
                thing.way()
                        .map(w -> w.oneHanded()
                                ? Wording.says("boxController.oneHand")
                                : Wording.says("boxController.bothHands"))
                        .orElse(""));
    }
}
