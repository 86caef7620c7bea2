package hodeon.app.catalogue.problem;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.catalogue.OwnProblems;
import hodeon.app.catalogue.OwnProblems.Described;
import hodeon.app.household.Member;
import hodeon.app.shell.Binned;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Severity;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What a household adds to what could happen: its own problems, and what a kit can do about them. */
@Controller
class ProblemController {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_UNIT = 30;

    private final OwnProblems own;
    private final OwnCatalogue catalogues;
    private final Clock clock;

    ProblemController(OwnProblems own, OwnCatalogue catalogues, Clock clock) {
        this.own = own;
        this.catalogues = catalogues;
        this.clock = clock;
    }

    /** @param often as it was counted, and what that comes to */
    record Line(String id, String name, String severity, String often, List<String> takes) {}

    record ProblemsPage(List<Line> problems, List<OwnProblems.Able> abilities) {}

    /** What a field offers to choose from. */
    record Option(String id, String label) {}

    /** @param heading of the page @param abilities names of all that can be done */
    record FormPage(
            String heading,
            ProblemForm one,
            List<Fault> faults,
            List<Option> severities,
            List<Option> activities,
            List<Option> environments,
            List<Option> agains,
            List<Option> importances,
            List<String> abilities) {}

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    @GetMapping("/problems")
    String all(@AuthenticationPrincipal Member member, Model model) {
        Catalogue catalogue = catalogues.of(member.householdId()).catalogue();
        List<Line> lines = own.all(member.householdId()).stream()
                .flatMap(d -> catalogue.problem(d.id()).stream().map(p -> line(d, p, catalogue)))
                .toList();
        return Shown.page("catalogue/problems", new ProblemsPage(lines, own.abilities(member.householdId())), model);
    }

    private Line line(Described kept, Problem problem, Catalogue catalogue) {
        ProblemForm form = KeptProblem.form(kept, catalogue);
        return new Line(
                kept.id(),
                kept.name(),
                Severity.label(problem.severity()),
                Wording.says("problem.often", form.times(), form.people(), form.days()),
                problem.steps().stream()
                        .map(s -> catalogue.capability(s.capability()).name())
                        .toList());
    }

    @GetMapping("/problems/new")
    String blank(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) @Nullable String from,
            Model model) {
        return form(
                member,
                Optional.ofNullable(from).map(id -> opened(member, id).copied()).orElse(ProblemForm.NEW),
                List.of(),
                model);
    }

    @GetMapping("/problems/{id}")
    String one(@AuthenticationPrincipal Member member, @PathVariable String id, Model model) {
        return form(member, opened(member, id), List.of(), model);
    }

    private ProblemForm opened(Member member, String id) {
        return KeptProblem.form(
                own.of(member.householdId(), id),
                catalogues.of(member.householdId()).catalogue());
    }

    @PostMapping("/problems")
    String keep(
            @AuthenticationPrincipal Member member,
            ProblemForm form,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        if (!form.id().isEmpty()) {
            own.of(member.householdId(), form.id());
        }
        Faults faults = new Faults();
        Optional<TypedProblem.Read> read = new TypedProblem(
                        form, catalogues.of(member.householdId()).catalogue(), faults)
                .read(LocalDate.now(clock));
        read.ifPresent(r -> own.keep(member.householdId(), r.problem(), r.abilities())
                .forEach(f -> faults.add(
                        "problem",
                        Wording.says("problemController.line", f.line()),
                        f.message(),
                        Wording.says("problemController.correctIt"))));
        if (read.isEmpty() || !faults.none()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return form(member, form, faults.all(), model);
        }
        List<String> added =
                read.get().abilities().stream().map(a -> "“" + a.name() + "”").toList();
        next.addFlashAttribute(
                "said",
                Wording.says("problem.kept", form.name())
                        + (added.isEmpty()
                                ? ""
                                : " " + Wording.says("problem.ability", added.size(), String.join(", ", added))));
        return "redirect:/problems";
    }

    @PostMapping("/problems/{id}/drop")
    String drop(@AuthenticationPrincipal Member member, @PathVariable String id, RedirectAttributes next) {
        Binned.told(next, "PROBLEM", id, own.of(member.householdId(), id).name());
        own.drop(member.householdId(), id);
        return "redirect:/problems";
    }

    @PostMapping("/abilities/{id}")
    String rename(
            @AuthenticationPrincipal Member member,
            @PathVariable String id,
            @RequestParam String name,
            @RequestParam String unit,
            RedirectAttributes next) {
        Faults faults = new Faults();
        FieldReader fields = new FieldReader(faults);
        String words = fields.line("name", name, Wording.says("problemController.whatAKitCanDo"), LONGEST_NAME);
        String counted = fields.line("unit", unit, Wording.says("problemController.whatOneUseIs"), LONGEST_UNIT);
        if (faults.none()) {
            own.rename(member.householdId(), id, words, counted);
            next.addFlashAttribute("said", Wording.says("problem.renamed", words));
        } else {
            next.addFlashAttribute("faults", faults.all());
        }
        return "redirect:/problems#abilities";
    }

    @PostMapping("/abilities/{id}/drop")
    String dropAbility(@AuthenticationPrincipal Member member, @PathVariable String id, RedirectAttributes next) {
        String name = catalogues.of(member.householdId()).catalogue().capabilities().stream()
                .filter(c -> c.id().equals(id))
                .map(Capability::name)
                .findFirst()
                .orElse(id);
        List<String> usedBy = own.dropAbility(member.householdId(), id);
        if (usedBy.isEmpty()) {
            Binned.told(next, "CAPABILITY", id, name);
        } else {
            next.addFlashAttribute(
                    "faults",
                    List.of(new Fault(
                            "ability",
                            name,
                            Wording.says("problemController.whatIsUsedCannotBeDeleted", String.join(", ", usedBy)),
                            Wording.says("problemController.takeItOutThereFirst"))));
        }
        return "redirect:/problems#abilities";
    }

    private String form(Member member, ProblemForm form, List<Fault> faults, Model model) {
        return Shown.page(
                "catalogue/problem",
                new FormPage(
                        form.id().isEmpty()
                                ? Wording.says("problemController.somethingElseThatCouldHappen")
                                : Wording.says("problemController.change", form.name()),
                        form,
                        faults,
                        IntStream.rangeClosed(1, Severity.WORST)
                                .mapToObj(s -> new Option(String.valueOf(s), s + ", " + Severity.label(s)))
                                .toList(),
                        Stream.of(Activity.values())
                                .map(a -> new Option(a.name(), a.label()))
                                .toList(),
                        Stream.of(Environment.values())
                                .map(e -> new Option(e.name(), e.label()))
                                .toList(),
                        Stream.of(ProblemForm.Again.values())
                                .map(a -> new Option(a.name(), a.label()))
                                .toList(),
                        List.of(
                                new Option(Importance.CRITICAL.name(), Wording.says("problemController.itMustBeDone")),
                                new Option(Importance.HELPFUL.name(), Wording.says("problemController.itHelps")),
                                new Option(Importance.NICE.name(), Wording.says("problemController.niceToHave"))),
                        catalogues.of(member.householdId()).catalogue().capabilities().stream()
                                .map(Capability::name)
                                .sorted()
                                .toList()),
                model);
    }
}
