package hodeon.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class JsonFieldsTest {

    private final Faults faults = new Faults();

    private JsonFields fields(String json) {
        return JsonFields.of(new JsonMapper().readTree(json), faults);
    }

    @Test
    void whatIsThereIsReadAndWhatIsMissingTakesItsStandIn() {
        JsonFields fields = fields("""
                {"name": "pad", "grams": 3.50, "pieces": 4, "durable": true, "list": [0.5, 1], "inner": {"x": 1}}
                """);
        assertThat(fields.text("name")).isEqualTo("pad");
        assertThat(fields.number("grams", 0)).isEqualTo(3.5);
        assertThat(fields.typed("grams")).isEqualTo("3.5");
        assertThat(fields.whole("pieces", 0)).isEqualTo(4);
        assertThat(fields.whole("other", 7)).isEqualTo(7);
        assertThat(fields.yes("durable", false)).isTrue();
        assertThat(fields.yes("sharp", true)).isTrue();
        assertThat(fields.numbers("list")).containsExactly(0.5, 1.0);
        assertThat(fields.object("inner").whole("x", 0)).isEqualTo(1);
        assertThat(fields.object("absent").optionalNumber("x")).isEmpty();
        assertThat(fields.objects("absent")).isEmpty();
        assertThat(faults.none()).isTrue();
    }

    @Test
    void whatIsToldAlreadyTakesItsStandInAndIsNotToldAgain() {
        faults.add("supplies[0].grams", "-1", "is too little", "Correct it");
        JsonFields supply =
                fields("{\"supplies\": [{\"grams\": -1}]}").objects("supplies").getFirst();
        assertThat(supply.number("grams", 3)).isEqualTo(3);
        supply.fault("grams", "is missing", "Send it");
        assertThat(faults.all()).hasSize(1);
    }

    @Test
    void whatASchemaCannotKnowIsAFaultAtItsPathWithValueLimitAndRemedy() {
        JsonFields row =
                fields("{\"rows\": [{}, {\"zone\": \"Mars\"}]}").objects("rows").get(1);
        assertThat(row.read("zone", "UTC", z -> Optional.<String>empty(), "is a time zone", "Correct it"))
                .isEqualTo("UTC");
        assertThat(faults.all())
                .containsExactly(new Fault("rows[1].zone", "\"Mars\"", "rows[1].zone is a time zone", "Correct it"));
    }
}
