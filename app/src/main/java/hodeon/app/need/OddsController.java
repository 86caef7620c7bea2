package hodeon.app.need;

import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.app.trip.Progress;
import hodeon.app.trip.StoredTrip;
import hodeon.app.trip.TripService;
import hodeon.app.usage.Knowledge;
import hodeon.app.usage.Known;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** What could happen on a trip, and why. */
@Controller
class OddsController {

    private final TripService trips;
    private final Forecasts forecasts;
    private final Knowledge knowledge;
    private final Progress progress;

    OddsController(TripService trips, Forecasts forecasts, Knowledge knowledge, Progress progress) {
        this.trips = trips;
        this.forecasts = forecasts;
        this.knowledge = knowledge;
        this.progress = progress;
    }

    @GetMapping("/trips/{id}/odds")
    String odds(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) String why,
            Model model) {
        StoredTrip stored = trips.find(member.householdId(), id);
        Known known = knowledge.of(member.householdId());
        Forecast forecast = forecasts.of(known, stored.trip());
        OddsView odds = OddsView.of(forecast);
        String about = why != null ? why : odds.rows().getFirst().id();
        ProblemForecast problem = forecast.problem(about).orElseThrow(() -> new NotHere("problem " + about));
        model.addAttribute("strip", progress.of(member.householdId(), stored, "Odds"));
        model.addAttribute("odds", odds);
        model.addAttribute(
                "why",
                WhyView.of(
                        problem,
                        stored.trip(),
                        known.before().problem(about).orElseThrow().rate(),
                        known.ownRates().contains(about)));
        return "need/odds";
    }
}
