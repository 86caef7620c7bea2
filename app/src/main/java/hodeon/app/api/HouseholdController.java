package hodeon.app.api;

import hodeon.app.brief.TripService;
import hodeon.app.household.Member;
import hodeon.app.household.Right;
import hodeon.app.kits.Plans;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** A household's trips and plans, read and made by its programs. */
@RestController
@RequestMapping("/api/v1")
class HouseholdController {

    private final BodySchemas schemas;
    private final TripService trips;
    private final Plans plans;

    HouseholdController(BodySchemas schemas, TripService trips, Plans plans) {
        this.schemas = schemas;
        this.trips = trips;
        this.plans = plans;
    }

    @GetMapping("/trips")
    List<TripCall.TripAnswer> trips(@AuthenticationPrincipal Member member) {
        return trips.all(member.householdId()).stream()
                .map(t -> TripCall.answer(t, member.may(Right.PEOPLE)))
                .toList();
    }

    @GetMapping("/trips/{id}")
    TripCall.TripAnswer trip(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return TripCall.answer(trips.find(member.householdId(), id), member.may(Right.PEOPLE));
    }

    @PostMapping("/trips")
    ResponseEntity<TripCall.TripAnswer> add(@AuthenticationPrincipal Member member, @RequestBody JsonNode body) {
        JsonFields fields = schemas.check("/api/v1/trips", body);
        NotValid.unlessNone(fields.faults());
        UUID id = trips.addChecked(member.householdId(), TripCall.form(fields), faults -> new NotValid(faults));
        return ResponseEntity.created(URI.create("/api/v1/trips/" + id))
                .body(TripCall.answer(trips.find(member.householdId(), id), member.may(Right.PEOPLE)));
    }

    /** What lies on a trip's mat now: the recommendation until somebody changes it. */
    @GetMapping("/trips/{id}/plan")
    Plans.Told plan(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return plans.onMat(member.householdId(), id);
    }

    /** Saves what lies on the mat as a kit. */
    @PostMapping("/trips/{id}/plan")
    ResponseEntity<Plans.Told> save(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody JsonNode body) {
        JsonFields fields = schemas.check("/api/v1/trips/{id}/plan", body);
        NotValid.unlessNone(fields.faults());
        return ResponseEntity.status(HttpStatus.CREATED)
                .body(plans.save(member.householdId(), id, fields.text("name")));
    }

    @GetMapping("/plans")
    List<Plans.Told> plans(@AuthenticationPrincipal Member member) {
        return plans.all(member.householdId());
    }

    @RequestMapping("/**")
    ResponseEntity<ProblemDetail> nothingHere() {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.NOT_FOUND, "The API has nothing at this address; see /api/v1/openapi.yaml.");
        problem.setTitle("Nothing here");
        return ResponseEntity.status(HttpStatus.NOT_FOUND).body(problem);
    }
}
