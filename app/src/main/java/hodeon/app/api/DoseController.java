package hodeon.app.api;

import hodeon.app.formulary.MedicineShelf;
import hodeon.app.household.Member;
import hodeon.core.notice.Faults;
import java.time.Clock;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Doses for somebody who is described in the call, by the household's own medicines and labels; nothing is kept. */
@RestController
@RequestMapping("/api/v1/doses")
class DoseController {

    private final MedicineShelf medicines;
    private final Clock clock;

    DoseController(MedicineShelf medicines, Clock clock) {
        this.medicines = medicines;
        this.clock = clock;
    }

    @PostMapping("/sheet")
    DoseCall.SheetAnswer sheet(@AuthenticationPrincipal Member member, @RequestBody JsonNode body) {
        return call(member, body).sheet();
    }

    @PostMapping("/clock")
    DoseCall.ClockAnswer clock(@AuthenticationPrincipal Member member, @RequestBody JsonNode body) {
        return call(member, body).clock();
    }

    private DoseCall call(Member member, JsonNode body) {
        return new DoseCall(
                JsonFields.of(body, new Faults()),
                medicines.of(member.householdId()),
                medicines.rules(member.householdId()).tradition(),
                clock.instant());
    }
}
