package hodeon.app.tradeoff;

import hodeon.app.brief.Progress;
import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.Headline;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Supply;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.NeededStep;
import hodeon.core.plan.tradeoff.Rehearsal;
import hodeon.core.plan.tradeoff.RehearsalResult;
import hodeon.core.plan.tradeoff.RehearsalResult.Estimate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The trip rehearsed many times with what lies on the mat, and one of those trips day by day. */
@Controller
class RehearsalController {

    private static final long SEED = 20_261_124;
    private static final int MOST_RAN_OUT = 10;
    private static final List<String> SEVERITIES = List.of(
            "nuisances",
            "what slows the party",
            "what ends the outing for one",
            "limb, organ, later health",
            "threats to life");

    private final MatService mats;
    private final KitCalculator calculator;
    private final Progress progress;

    RehearsalController(MatService mats, KitCalculator calculator, Progress progress) {
        this.mats = mats;
        this.calculator = calculator;
        this.progress = progress;
    }

    record SeverityRow(String name, String met, String error) {}

    record RanOut(String problem, String capability, String share) {}

    /**
     * The page.
     *
     * @param trips how many were rehearsed, and {@code trip} the one that is told day by day, from 1
     * @param decisive share in which nothing that decides was missing, {@code everything} in which nothing was
     */
    record RehearsalPage(
            Progress.Strip strip,
            String here,
            String trips,
            long seed,
            String decisive,
            String decisiveError,
            String everything,
            String everythingError,
            List<SeverityRow> severities,
            Headline ifItHappens,
            List<RanOut> ranOut,
            int trip,
            List<Happening> happenings) {}

    record Happening(int day, String problem, String capability, String wanted, String given, boolean missing) {}

    @GetMapping("/trips/{id}/mat/rehearse")
    String rehearse(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "1") int trip,
            Model model) {
        Mat mat = mats.mat(member.householdId(), id);
        RehearsalResult result = calculator.rehearse(mat.of(), mat.along(), mat.pieces(), SEED);
        KitQuestion question = calculator.question(mat.of(), mat.along());
        int shown = Math.clamp(trip, 1, Rehearsal.TRIPS);
        List<SeverityRow> severities = new ArrayList<>();
        for (int s = SEVERITIES.size(); s > 0; s--) {
            Estimate met = result.bySeverity().get(s - 1);
            severities.add(new SeverityRow(SEVERITIES.get(s - 1), Figures.percent(met.value()), error(met)));
        }
        RehearsalPage view = new RehearsalPage(
                progress.of(member.householdId(), mat.trip(), "Mat"),
                "Rehearse",
                String.format(Locale.ROOT, "%,d", result.trips()),
                result.seed(),
                Figures.percent(result.decisive().value()),
                error(result.decisive()),
                Figures.percent(result.everything().value()),
                error(result.everything()),
                severities,
                Headline.of(
                        calculator.weigh(mat.of(), mat.along(), mat.pieces()).ifItHappens()),
                ranOut(result, question),
                shown,
                happenings(mat, question, shown));
        return Shown.page("tradeoff/rehearse", view, model);
    }

    /**
     * “Paracetamol 500 mg: 2 tablets”; of a roll that lasts “Cloth tape, for 2 uses”, of a tool its name.
     *
     * @param before uses given of each candidate, so that a whole trip never gives more pieces than there are
     */
    private static String given(Rehearsal.Given given, KitQuestion question, Map<Integer, Integer> before) {
        Supply supply = question.supply(given.candidate());
        int uses = before.getOrDefault(given.candidate(), 0);
        before.put(given.candidate(), uses + given.pieces());
        if (supply.durable()) {
            return supply.name();
        }
        return supply.usesPerPiece() > 1
                ? Wording.says("rehearsalController.for", supply.name(), Figures.counted(given.pieces(), "use"))
                : Figures.named(supply.piecesFor(uses + given.pieces()) - supply.piecesFor(uses), supply);
    }

    private static String error(Estimate estimate) {
        return "± " + Figures.percent(estimate.standardError());
    }

    private static List<RanOut> ranOut(RehearsalResult result, KitQuestion question) {
        return IntStream.range(0, question.steps().size())
                .boxed()
                .filter(u -> result.firstMissed().get(u) > 0)
                .sorted(Comparator.comparingDouble(
                        (Integer u) -> -result.firstMissed().get(u)))
                .limit(MOST_RAN_OUT)
                .map(u -> new RanOut(
                        question.steps().get(u).problem().problem().name(),
                        question.steps().get(u).step().capability().name(),
                        Figures.chance(result.firstMissed().get(u))))
                .toList();
    }

    private List<Happening> happenings(Mat mat, KitQuestion question, int trip) {
        Map<Integer, Integer> before = new HashMap<>();
        Rehearsal rehearsal = calculator.rehearsal(mat.of(), mat.along(), mat.pieces());
        return rehearsal.replay(SEED, trip - 1L).stream()
                .map(p -> {
                    NeededStep step = question.steps().get(rehearsal.use(p.want()));
                    String given = p.given().stream()
                            .map(g -> given(g, question, before))
                            .collect(Collectors.joining(", "));
                    return new Happening(
                            p.want().day(),
                            step.problem().problem().name(),
                            step.step().capability().name(),
                            Figures.counted(
                                    p.want().pieces(), step.step().capability().unit()),
                            given.isEmpty() ? "nothing" : given,
                            p.missing() > 0);
                })
                .toList();
    }
}
