package hodeon.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import hodeon.core.notice.Fault;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class BodySchemasTest {

    private static final BodySchemas SCHEMAS = new BodySchemas();

    private static List<Fault> faults(String path, String json) {
        return SCHEMAS.check(path, new JsonMapper().readTree(json)).faults().all();
    }

    @Test
    void aNumberWithoutEndIsToldAndNothingElseIsRead() {
        assertThatThrownBy(() -> faults("/api/v1/plans/solve", "{\"gap\": 1e999, \"steps\": [{\"wanted\": -1e999}]}"))
                .isInstanceOfSatisfying(NotValid.class, e -> assertThat(e.faults())
                        .extracting(Fault::field)
                        .containsExactlyInAnyOrder("gap", "steps[0].wanted"));
    }

    @Test
    void everyBreachIsToldAtItsPathWithValueLimitAndRemedy() {
        assertThat(faults("/api/v1/plans/solve", """
                        {"supplies": [{"id": "pad", "massGrams": -1, "durable": "yes", "minPieces": 2.5},
                                      {"id": "  ", "massGram": 7}, 3],
                         "steps": {}, "gap": "small"}"""))
                .extracting(Fault::field, Fault::value, Fault::limit, Fault::remedy)
                .containsExactlyInAnyOrder(
                        tuple(
                                "supplies[0].massGrams",
                                "-1",
                                "supplies[0].massGrams is a number from 0 to 1000000000",
                                "Correct it"),
                        tuple(
                                "supplies[0].durable",
                                "\"yes\"",
                                "supplies[0].durable is true or false",
                                "Send it without quotes"),
                        tuple(
                                "supplies[0].minPieces",
                                "2.5",
                                "supplies[0].minPieces is a whole number from 0 to 100000",
                                "Correct it"),
                        tuple(
                                "supplies[1].id",
                                "\"  \"",
                                "supplies[1].id is text of 1 to 120 characters",
                                "Send it in quotes"),
                        tuple(
                                "supplies[1].massGram",
                                "7",
                                "supplies[1].massGram is not known here: there is id, massGrams, volumeMillilitres, price,"
                                        + " minPieces, maxPieces, usesPerPiece, piecesPerUse, durable, serves",
                                "Correct the name, or leave it out"),
                        tuple("supplies[2]", "3", "supplies[2] is a JSON object", "Send it in braces"),
                        tuple(
                                "steps",
                                "{}",
                                "steps is an array of at most 2000 entries",
                                "Send it in brackets, not longer than that"),
                        tuple("gap", "\"small\"", "gap is a number from 0 to 1", "Correct it"));
    }

    @Test
    void whatIsMissingIsToldWithWhatBelongsThere() {
        assertThat(faults("/api/v1/doses/clock", """
                        {"person": {"directions": [{"on": "in May"}]}, "dose": {"product": "x", "units": 0.0001},
                         "tradition": "roman"}"""))
                .extracting(Fault::limit)
                .contains(
                        "person.name is text of 1 to 120 characters",
                        "person.directions[0].mostMgAtOnce is a number from 0.001 to 100000 in steps of 0.001",
                        "person.directions[0].on is a day like 2026-05-01",
                        "dose.units is a number from 0.01 to 1000 in steps of 0.001",
                        "tradition is one of british, north-american");
    }

    @Test
    void nothingIsWhatNullSaysAndAWholeNumberMayBeWrittenWithAPoint() {
        JsonFields fields = SCHEMAS.check(
                "/api/v1/rehearsals",
                new JsonMapper().readTree("{\"problems\": [], \"supplies\": [], \"seed\": null, \"trips\": 4.0}"));
        assertThat(fields.faults().all()).isEmpty();
        assertThat(fields.has("seed")).isFalse();
        assertThat(fields.whole("trips", 0)).isEqualTo(4);
    }

    /** Whoever is told that something does not fit is told what would: no number, text or list of a request is without limits. */
    @Test
    void everythingThatIsSentHasLimits() {
        JsonNode document = SCHEMAS.document();
        List<String> without = new ArrayList<>();
        document.path("paths")
                .properties()
                .forEach(path -> walk(
                        document,
                        path.getKey(),
                        document.at("/paths/" + path.getKey().replace("/", "~1")
                                + "/post/requestBody/content/application~1json/schema"),
                        without));
        assertThat(without).isEmpty();
    }

    private static void walk(JsonNode document, String at, JsonNode schema, List<String> without) {
        String reference = schema.path("$ref").asString("");
        if (!reference.isEmpty()) {
            walk(document, at, document.at(reference.substring(1)), without);
        }
        boolean limited =
                switch (schema.path("type").asString("")) {
                    case "number", "integer" -> schema.has("minimum") && schema.has("maximum");
                    case "array" -> schema.has("maxItems");
                    case "string" ->
                        schema.has("minLength") && schema.has("maxLength")
                                || schema.path("format").asString("").startsWith("date");
                    default -> true;
                };
        if (!limited) {
            without.add(at);
        }
        schema.path("properties")
                .properties()
                .forEach(p -> walk(document, at + "." + p.getKey(), p.getValue(), without));
        schema.path("allOf").forEach(part -> walk(document, at, part, without));
        if (schema.has("items")) {
            walk(document, at + "[]", schema.path("items"), without);
        }
    }

    @Test
    void decimalsOfAnyKindAreInStepsOfAThousandth() {
        assertThat(faults("/api/v1/doses/clock", """
                        {"person": {"name": "Sef", "kilograms": 10.507}, "dose": {"product": "x", "units": 0.07},
                         "history": [{"product": "x", "units": 0.29}, {"product": "x", "units": 1.005},
                                     {"product": "x", "units": 999.999}]}""")).isEmpty();
    }

    @Test
    void ofABodyThatIsSomethingElseOnlySoMuchIsToldAndNothingIsRead() {
        String wrong = "{\"supplies\": [" + "{\"id\": 7},".repeat(900) + "{}], \"steps\": []}";
        assertThatThrownBy(() -> faults("/api/v1/plans/solve", wrong))
                .isInstanceOfSatisfying(
                        NotValid.class, e -> assertThat(e.faults()).hasSize(200));
    }

    @Test
    void anUnknownNameBesideACombinationOfSchemasIsToldToo() {
        assertThat(faults(
                        "/api/v1/plans/curve",
                        "{\"supplies\": [], \"steps\": [], \"massLimits\": [], \"massLimit\": 3}"))
                .extracting(Fault::field)
                .containsExactly("massLimit");
        assertThat(faults("/api/v1/doses/clock", "{\"person\": {\"name\": \"Sef\"}, \"alergies\": []}"))
                .extracting(Fault::field)
                .containsExactly("alergies");
    }

    @Test
    void aPathThatTheDocumentDoesNotDescribeIsAMistakeOfOurs() {
        assertThatThrownBy(() -> faults("/api/v1/nowhere", "{}")).hasMessageContaining("/api/v1/nowhere");
    }
}
