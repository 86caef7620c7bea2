package hodeon.app.api;

import hodeon.core.notice.Faults;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The arithmetic of the core for anybody's own numbers; nothing is kept. */
@RestController
@RequestMapping("/api/v1")
class ArithmeticController {

    @PostMapping("/forecast")
    ForecastCall.Answer forecast(@RequestBody JsonNode body) {
        return ForecastCall.answer(JsonFields.of(body, new Faults()));
    }

    @PostMapping("/plans/solve")
    PlanCall.Answer solve(@RequestBody JsonNode body) {
        return new PlanCall(JsonFields.of(body, new Faults())).solve();
    }

    @PostMapping("/plans/curve")
    PlanCall.CurveAnswer curve(@RequestBody JsonNode body) {
        JsonFields fields = JsonFields.of(body, new Faults());
        return new PlanCall(fields).curve(fields);
    }

    @PostMapping("/rehearsals")
    RehearsalCall.Answer rehearse(@RequestBody JsonNode body) {
        return RehearsalCall.answer(JsonFields.of(body, new Faults()));
    }
}
