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
    void whatFitsIsReadAndWhatIsMissingTakesItsStandIn() {
        JsonFields fields = fields("""
                {"name": "pad", "grams": 3.5, "pieces": 4, "durable": true, "list": [0.5, 1], "inner": {"x": 1},
                 "nothing": null}
                """);
        assertThat(fields.text("name", 10)).isEqualTo("pad");
        assertThat(fields.number("grams", 0, 10)).isEqualTo(3.5);
        assertThat(fields.whole("pieces", 0, 10, Optional.empty())).isEqualTo(4);
        assertThat(fields.whole("other", 0, 10, Optional.of(7))).isEqualTo(7);
        assertThat(fields.yes("durable", false)).isTrue();
        assertThat(fields.yes("sharp", true)).isTrue();
        assertThat(fields.numbers("list", 0, 1, 5)).containsExactly(0.5, 1.0);
        assertThat(fields.object("inner").whole("x", 0, 2, Optional.empty())).isEqualTo(1);
        assertThat(fields.object("absent").optionalNumber("x", 0, 1)).isEmpty();
        assertThat(fields.has("nothing")).isFalse();
        assertThat(faults.none()).isTrue();
    }

    @Test
    void everyMisfitIsAFaultAtItsPathWithValueLimitAndRemedy() {
        JsonFields fields = fields("""
                {"name": 7, "grams": "heavy", "pieces": 2.5, "durable": "yes", "list": [0.5, 2, "x"],
                 "supplies": [{"massGrams": -1}, 3]}
                """);
        fields.text("name", 10);
        fields.number("grams", 0, 10);
        fields.whole("pieces", 0, 10, Optional.empty());
        fields.yes("durable", false);
        fields.numbers("list", 0, 1, 5);
        fields.objects("supplies", 5, false).forEach(s -> s.number("massGrams", 0, 10));
        fields.objects("missing", 5, false);
        assertThat(faults.all())
                .extracting(Fault::field)
                .containsExactly(
                        "name",
                        "grams",
                        "pieces",
                        "durable",
                        "list[1]",
                        "list[2]",
                        "supplies[1]",
                        "supplies[0].massGrams",
                        "supplies[1].massGrams",
                        "missing");
        Fault mass = faults.all().get(7);
        assertThat(mass.value()).isEqualTo("-1");
        assertThat(mass.limit()).isEqualTo("supplies[0].massGrams is a number from 0 to 10");
        assertThat(mass.remedy()).isEqualTo("Correct it");
    }

    @Test
    void tooLongAListIsNotRead() {
        JsonFields fields = fields("{\"list\": [1, 2, 3]}");
        assertThat(fields.numbers("list", 0, 9, 2)).isEmpty();
        assertThat(faults.all()).singleElement().satisfies(f -> assertThat(f.value())
                .isEqualTo("3 entries"));
    }
}
