package hodeon.app.people;

import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** People who are only typed on trips; the people page lists them. */
@Controller
class OnTripsController {

    private final PeopleService people;
    private final OnTripsOnly onTrips;

    OnTripsController(PeopleService people, OnTripsOnly onTrips) {
        this.people = people;
        this.onTrips = onTrips;
    }

    /** Lets go of somebody who was only typed on trips: trips and logs name them no more. */
    @PostMapping("/people/{id}/erase-from-trips")
    String eraseFromTrips(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        OnTripsOnly.Somebody gone = onTrips.of(member.householdId()).stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere("somebody of an outing " + id));
        people.erase(member.householdId(), id, gone.name());
        next.addFlashAttribute(
                "said", gone.name() + " is erased from outings and logs. Backups you made before still hold them.");
        return "redirect:/people";
    }
}
