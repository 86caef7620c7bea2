package hodeon.app.need;

import hodeon.app.brief.ChangedElsewhere;
import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.evidence.Known;
import hodeon.app.household.Member;
import hodeon.app.household.Right;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Adjustments;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Problem;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What could happen on a trip, and why; what would change if; and what somebody knows better for this trip. */
@Controller
class OddsController {

    private final TripService trips;
    private final Forecasts forecasts;
    private final HouseholdEvidence knowledge;
    private final Progress progress;

    OddsController(TripService trips, Forecasts forecasts, HouseholdEvidence knowledge, Progress progress) {
        this.trips = trips;
        this.forecasts = forecasts;
        this.knowledge = knowledge;
        this.progress = progress;
    }

    /** @param factor what was typed for each factor by its key; @param back whatever is typed, as it was shipped */
    record FactorsForm(@Nullable String back, Map<String, String> factor) {

        FactorsForm {
            factor = factor == null ? Map.of() : factor;
        }
    }

    record OddsPage(Progress.Strip strip, OddsView odds, OddsLook look, Trip trip, long version, WhyView why) {}

    @GetMapping("/trips/{id}/odds")
    String odds(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) String why,
            OddsLook.Asked asked,
            Model model) {
        StoredTrip stored = trips.find(member.householdId(), id).seen(member.may(Right.PEOPLE));
        Known known = knowledge.of(member.householdId());
        OddsLook look = OddsLook.of(asked, stored.trip());
        Trip triedTrip = look.tried(stored.trip());
        Forecast now = forecasts.of(known, stored.trip());
        Forecast tried = forecasts.of(known, triedTrip);
        OddsView odds = OddsView.of(now, tried, look);
        String about = why != null ? why : odds.first().orElseThrow();
        ProblemForecast problem =
                tried.problem(about).or(() -> now.problem(about)).orElseThrow(() -> new NotHere("problem " + about));
        OddsPage view = new OddsPage(
                progress.of(member.householdId(), stored, "Odds"),
                odds,
                look,
                stored.trip(),
                stored.version(),
                WhyView.of(
                        problem,
                        triedTrip,
                        known.catalogue().problem(about).orElseThrow(),
                        known.before().problem(about).orElseThrow().rate(),
                        known.ownRates().contains(about)));
        return Shown.page("need/odds", view, model);
    }

    /** Changes factors of one problem for this trip; a factor typed as it is shipped is no longer changed. */
    @PostMapping("/trips/{id}/odds/{problem}")
    String adjust(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable String problem,
            @RequestParam long version,
            OddsLook.Asked asked,
            FactorsForm typed,
            RedirectAttributes next) {
        StoredTrip stored = trips.find(member.householdId(), id).seen(member.may(Right.PEOPLE));
        Problem shipped = knowledge
                .of(member.householdId())
                .catalogue()
                .problem(problem)
                .orElseThrow(() -> new NotHere("problem " + problem));
        OddsLook.of(asked, stored.trip()).parameters().forEach(next::addAttribute);
        next.addAttribute("why", problem);
        Faults faults = new Faults();
        Map<String, Double> factors = typed.back() != null ? Map.of() : changed(shipped, typed.factor(), faults);
        if (!faults.none()) {
            next.addFlashAttribute(
                    "factorFault", faults.all().stream().map(Fault::sentence).collect(Collectors.joining(" ")));
        } else {
            try {
                trips.adjust(member.householdId(), id, version, problem, factors);
            } catch (ChangedElsewhere | OptimisticLockingFailureException conflict) {
                next.addFlashAttribute("factorFault", Wording.says("oddsController.changedElsewhere"));
            }
        }
        return "redirect:/trips/" + id + "/odds#why";
    }

    private static Map<String, Double> changed(Problem shipped, Map<String, String> typed, Faults faults) {
        Map<String, Double> usual = new HashMap<>();
        usual.put(Adjustments.RATE, shipped.rate().perThousandPersonDays());
        shipped.factors().forEach((tag, factor) -> usual.put(tag.toString(), factor));
        Map<String, Double> changed = new HashMap<>();
        usual.forEach((key, was) -> {
            String text = typed.getOrDefault(key, "").strip().replace(',', '.');
            if (text.isEmpty()) {
                return;
            }
            double most = Adjustments.most(key);
            if (!text.matches("\\d{1,6}(\\.\\d{1,9})?") || Double.parseDouble(text) > most) {
                String what = key.equals(Adjustments.RATE)
                        ? Wording.says("oddsController.theRate")
                        : Wording.says("oddsController.theFactor", key.replace(':', ' '));
                faults.add(
                        key,
                        text,
                        Wording.says("oddsController.isANumberFrom0To", what, Math.round(most)),
                        Wording.says("oddsController.writeDigitsSuchAs15"));
            } else if (Double.parseDouble(text) != Double.parseDouble(FactorTree.plain(was))) {
                changed.put(key, Double.parseDouble(text));
            }
        });
        return changed;
    }
}
