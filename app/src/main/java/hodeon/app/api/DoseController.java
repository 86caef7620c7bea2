package hodeon.app.api;

import hodeon.app.formulary.MedicineShelf;
import hodeon.app.household.Member;
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

    private final BodySchemas schemas;
    private final MedicineShelf medicines;
    private final Clock clock;

    DoseController(BodySchemas schemas, MedicineShelf medicines, Clock clock) {
        this.schemas = schemas;
        this.medicines = medicines;
        this.clock = clock;
    }

    @PostMapping("/sheet")
    DoseCall.SheetAnswer sheet(@AuthenticationPrincipal Member member, @RequestBody JsonNode body) {
        return call(member, schemas.check("/api/v1/doses/sheet", body)).sheet();
    }

    @PostMapping("/clock")
    DoseCall.ClockAnswer clock(@AuthenticationPrincipal Member member, @RequestBody JsonNode body) {
        return call(member, schemas.check("/api/v1/doses/clock", body)).clock();
    }

    private DoseCall call(Member member, JsonFields body) {
        return new DoseCall(
                body,
                medicines.of(member.householdId()),
                medicines.rules(member.householdId()).tradition(),
                clock.instant());
    }
}
