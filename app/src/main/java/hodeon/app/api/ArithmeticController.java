package hodeon.app.api;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The arithmetic of the core for anybody's own numbers; nothing is kept. */
@RestController
@RequestMapping("/api/v1")
class ArithmeticController {

    private final BodySchemas schemas;

    ArithmeticController(BodySchemas schemas) {
        this.schemas = schemas;
    }

    @PostMapping("/forecast")
    ForecastCall.Answer forecast(@RequestBody JsonNode body) {
        return ForecastCall.answer(schemas.check("/api/v1/forecast", body));
    }

    @PostMapping("/plans/solve")
    PlanCall.Answer solve(@RequestBody JsonNode body) {
        return new PlanCall(schemas.check("/api/v1/plans/solve", body)).solve();
    }

    @PostMapping("/plans/curve")
    PlanCall.CurveAnswer curve(@RequestBody JsonNode body) {
        JsonFields fields = schemas.check("/api/v1/plans/curve", body);
        return new PlanCall(fields).curve(fields);
    }

    @PostMapping("/rehearsals")
    RehearsalCall.Answer rehearse(@RequestBody JsonNode body) {
        return RehearsalCall.answer(schemas.check("/api/v1/rehearsals", body));
    }
}
