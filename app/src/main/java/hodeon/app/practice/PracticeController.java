package hodeon.app.practice;

import hodeon.app.household.Member;
import hodeon.app.mat.ToLearn;
import hodeon.app.packing.box.BoxDrawing;
import hodeon.app.packing.box.Boxes;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Faults;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Practice: which kit, one drill at a time against the clock, marked with its reasons; what was practised and what is due. */
@Controller
class PracticeController {

    private static final int MOST_SECONDS = 3_600;

    private final Practice practice;
    private final StockService stock;
    private final Gaps gaps;
    private final ToLearn toLearn;
    private final Boxes boxes;
    private final Random seeds = new Random();

    PracticeController(Practice practice, StockService stock, Gaps gaps, ToLearn toLearn, Boxes boxes) {
        this.practice = practice;
        this.stock = stock;
        this.gaps = gaps;
        this.toLearn = toLearn;
        this.boxes = boxes;
    }

    /** @param kits to practise on, with what nobody practised @param all how many problems there are @param due how many are to be asked again now */
    record PracticePage(List<Gaps.Learn> learn, List<Gaps.OfKit> kits, List<Practice.Done> done, int all, long due) {}

    /** How one can make it harder. */
    record Mode(String id, String label, String says) {}

    private static final List<Mode> MODES = List.of(
            new Mode("plain", "as it is", ""),
            new Mode(
                    "one-hand",
                    "one hand only",
                    "Keep the other hand behind your back, also when you then open the kit."),
            new Mode("gloves", "with gloves", "Put gloves on before you begin, also when you then open the kit."),
            new Mode("dark", "in the dark", "Put the light out; one lamp is all you have."));

    /** @param seed that drew it, so that the same is asked again @param drawing of the kit, to tap where it lies; null if nobody drew it */
    record DrillPage(
            UUID kit,
            String kitName,
            Practice.Asked asked,
            long seed,
            Mode mode,
            List<Mode> modes,
            @Nullable BoxDrawing drawing) {}

    /** One answer, marked. */
    record Mark(String asks, boolean right, String yours, String answer, String why) {}

    /**
     * @param again when it is asked again
     * @param learnt whether the thing was to be learnt first, and is now
     * @param thing id of the supply that was looked for in another compartment than it lies in, and {@code part} that compartment's
     */
    record MarkedPage(
            UUID kit,
            String kitName,
            Practice.Asked asked,
            List<Mark> marked,
            String headline,
            LocalDate again,
            String thing,
            String thingName,
            String part,
            String partName,
            boolean learnt,
            String mode) {}

    @GetMapping("/practice")
    String all(@AuthenticationPrincipal Member member, Model model) {
        List<Practice.Done> done = practice.of(member.householdId(), member.getUsername());
        return Shown.page(
                "practice/practice",
                new PracticePage(
                        gaps.toLearn(member.householdId()),
                        gaps.of(member.householdId()),
                        done,
                        practice.all(member.householdId()),
                        done.stream().filter(Practice.Done::now).count()),
                model);
    }

    @GetMapping("/practice/{kit}")
    String drill(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID kit,
            @RequestParam(required = false) @Nullable Long seed,
            @RequestParam(defaultValue = "plain") String mode,
            @RequestParam(defaultValue = "") String problem,
            Model model) {
        String name = stock.place(member.householdId(), kit).name();
        long drawn = Optional.ofNullable(seed).orElseGet(() -> (long) seeds.nextInt(1_000_000));
        Practice.Asked asked = problem.isEmpty()
                ? practice.draw(member.householdId(), member.getUsername(), kit, drawn)
                : practice.ask(member.householdId(), kit, problem, drawn);
        return Shown.page(
                "practice/drill",
                new DrillPage(
                        kit,
                        name,
                        asked,
                        drawn,
                        mode(mode),
                        MODES,
                        boxes.drawn(member.householdId(), kit).orElse(null)),
                model);
    }

    private static Mode mode(String id) {
        return MODES.stream().filter(m -> m.id().equals(id)).findFirst().orElse(MODES.getFirst());
    }

    @PostMapping("/practice/{kit}")
    String mark(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID kit,
            @RequestParam String problem,
            @RequestParam long seed,
            @RequestParam(defaultValue = "") String seconds,
            @RequestParam(defaultValue = "plain") String mode,
            @RequestParam Map<String, String> answers,
            Model model) {
        String name = stock.place(member.householdId(), kit).name();
        Practice.Asked asked = practice.ask(member.householdId(), kit, problem, seed);
        int took = new FieldReader(new Faults())
                .whole("seconds", seconds, 1, MOST_SECONDS, Wording.says("practiceController.theSeconds"));
        long right = Practice.right(asked, id -> answers.getOrDefault("answer-" + id, ""));
        LocalDate again = practice.keep(
                member.householdId(),
                member.getUsername(),
                problem,
                (int) right,
                asked.questions().size(),
                seconds.isBlank() ? MOST_SECONDS : took);
        boolean learnt = right == asked.questions().size()
                && asked.thing()
                        .filter(s -> toLearn.learnt(member.householdId(), s.id()))
                        .isPresent();
        String looked = answers.getOrDefault("answer-where", "");
        boolean elsewhere = asked.questions().stream()
                .anyMatch(q -> q.id().equals("where") && !q.right().equals(looked));
        String part = elsewhere ? asked.parts().getOrDefault(looked, "") : "";
        return Shown.page(
                "practice/marked",
                new MarkedPage(
                        kit,
                        name,
                        asked,
                        asked.questions().stream()
                                .map(q -> mark(q, answers.getOrDefault("answer-" + q.id(), "")))
                                .toList(),
                        Wording.says("practice.marked", right, asked.questions().size()),
                        again,
                        asked.thing().map(Supply::id).orElse(""),
                        asked.thing().map(Supply::name).orElse(""),
                        part,
                        looked,
                        learnt,
                        mode(mode).id()),
                model);
    }

    private static Mark mark(Practice.Question question, String answer) {
        return new Mark(
                question.asks(),
                question.right().equals(answer),
                answer.isEmpty() ? Wording.says("practiceController.noAnswer") : answer,
                question.right(),
                question.why());
    }
}
