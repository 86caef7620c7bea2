package hodeon.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import hodeon.app.WebTest;
import hodeon.app.household.Role;
import hodeon.app.household.token.AccessTokens;
import hodeon.app.household.token.TokenScope;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.yaml.snakeyaml.Yaml;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class ApiTest extends WebTest {

    private static final Path EXAMPLES = Path.of("..", "docs", "formats", "api");
    private static final JsonMapper JSON = new JsonMapper();

    @Autowired
    private AccessTokens tokens;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    @Autowired
    private StockService places;

    @Autowired
    private JdbcTemplate database;

    private String token;

    @BeforeEach
    void aToken() {
        token = tokens.make(mine, "test");
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return web.perform(request.header("Authorization", "Bearer " + token))
                .andReturn()
                .getResponse();
    }

    private MockHttpServletResponse send(String address, String body) throws Exception {
        return send(post(address).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private static String example(String name) throws IOException {
        return Files.readString(EXAMPLES.resolve(name));
    }

    private static JsonNode json(MockHttpServletResponse response) throws Exception {
        return JSON.readTree(response.getContentAsByteArray());
    }

    private JsonNode ok(String address, String body) throws Exception {
        MockHttpServletResponse response = send(address, body);
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        return json(response);
    }

    @Test
    void theForecastExampleGivesTheWorkedFigures() throws Exception {
        JsonNode answer = ok("/api/v1/forecast", example("forecast.json"));
        JsonNode blister = answer.path("problems").path(0);
        JsonNode pads = blister.path("steps").path(0);
        assertThat(blister.path("meanEvents").asDouble()).isCloseTo(0.6216, within(1e-9));
        assertThat(pads.path("mean").asDouble()).isCloseTo(1.2432, within(1e-8));
        assertThat(pads.path("distribution").path(0).asDouble()).isCloseTo(0.543948, within(5e-7));
        assertThat(pads.path("quantiles").valueStream().map(q -> q.path("pieces")
                        .asInt()))
                .containsExactly(3, 5, 7);
        JsonNode together = answer.path("capabilities").path(0);
        assertThat(together.path("mean").asDouble()).isCloseTo(2.2224, within(1e-8));
        assertThat(together.path("quantiles").path(1).path("pieces").asInt()).isEqualTo(6);
        double sum = together.path("distribution")
                .valueStream()
                .mapToDouble(JsonNode::asDouble)
                .sum();
        assertThat(sum).isCloseTo(1, within(1e-9));
    }

    @Test
    void theSolveExampleGivesTheWorkedKit() throws Exception {
        JsonNode answer = ok("/api/v1/plans/solve", example("solve.json"));
        assertThat(answer.path("worth").asDouble()).isCloseTo(12.2, within(1e-9));
        assertThat(answer.path("bound").asDouble()).isGreaterThanOrEqualTo(12.2 - 1e-9);
        assertThat(answer.path("proven").asBoolean()).isTrue();
        assertThat(answer.path("quantities").valueStream().map(q -> q.path("pieces")
                        .asInt()))
                .containsExactly(1, 1);
        assertThat(answer.path("totals").path("massGrams").asDouble()).isEqualTo(40);
        assertThat(answer.path("steps").valueStream().map(q -> q.path("servedUses")
                        .asInt()))
                .containsExactly(1, 1);
    }

    @Test
    void theCurveExampleRises() throws Exception {
        JsonNode points = ok("/api/v1/plans/curve", example("curve.json")).path("points");
        assertThat(points.valueStream().map(p -> p.path("massLimitGrams").asDouble()))
                .containsExactly(10.0, 40.0, 100.0);
        // 10 g: one strip for A; 40 g: as above; 100 g: two pads and a strip.
        assertThat(points.valueStream()
                        .map(p -> Math.rint(100 * p.path("plan").path("worth").asDouble()) / 100))
                .containsExactly(4.5, 12.2, 17.2);
    }

    @Test
    void theRehearsalExampleAgreesWithTheExactForecast() throws Exception {
        JsonNode answer = ok("/api/v1/rehearsals", example("rehearsal.json"));
        JsonNode met = answer.path("everythingMet");
        // P(at most 3 pads) of the worked example lies between its 80 % and 95 % quantities.
        assertThat(met.path("value").asDouble()).isBetween(0.8, 0.95);
        JsonNode mean = answer.path("problems").path(0).path("steps").path(0).path("meanPieces");
        assertThat(mean.path("value").asDouble())
                .isCloseTo(1.2432, within(4 * mean.path("standardError").asDouble()));
        assertThat(answer.path("ranOutFirst").path(0).path("capability").asString())
                .isEqualTo("cushion");
    }

    @Test
    void theDoseSheetExampleSaysWhatThePagesSay() throws Exception {
        JsonNode products =
                ok("/api/v1/doses/sheet", example("doses-sheet.json")).path("products");
        // 29 kg x 15 mg = 435 mg; / 24 mg a ml, down to 18 ml; four fit into 24 h.
        JsonNode paracetamol = products.path(0).path("dose");
        assertThat(paracetamol.path("most").asDouble()).isEqualTo(18);
        assertThat(paracetamol.path("milligrams").asString()).isEqualTo("432 mg");
        assertThat(paracetamol.path("mostInADay").asDouble()).isEqualTo(72);
        assertThat(paracetamol.path("minutesApart").asInt()).isEqualTo(360);
        assertThat(paracetamol.path("directed").path(0).asString()).isEqualTo("by the harbour practice on 2026-05-01");
        assertThat(products.path(1).path("cautions").valueStream().map(c -> c.path("because")
                        .asString()))
                .contains("asthma", "takes sertraline");
        assertThat(products.path(2).path("refused").path("why").asString()).isEqualTo("not-for-them");
        assertThat(products.path(3).path("cautions").valueStream().map(c -> c.path("kind")
                        .asString()))
                .contains("not-known-here");
    }

    @Test
    void theDoseClockExampleGivesTheWorkedTimes() throws Exception {
        JsonNode answer = ok("/api/v1/doses/clock", example("doses-clock.json"));
        JsonNode tablets = answer.path("products").path(0);
        assertThat(tablets.path("now").asDouble()).isZero();
        assertThat(tablets.path("fullFrom").asString()).isEqualTo("2026-06-02T06:00Z");
        assertThat(tablets.path("says").asString()).contains("Tue 06:00, Etc/UTC, in 7 h 0 min");
        assertThat(answer.path("lastDay").path(0).path("taken").asDouble()).isEqualTo(3500);
        assertThat(answer.path("lastDay").path(0).path("room").asDouble()).isEqualTo(500);
        assertThat(answer.path("verdict").path("verdict").asString()).isEqualTo("stopped");
        assertThat(answer.path("verdict")
                        .path("objections")
                        .path(0)
                        .path("says")
                        .asString())
                .isEqualTo("Paracetamol: less than 4 h before the dose of Mon 16:00, Etc/UTC.");
        // A dog, and a time to come, are refused outright.
        String dog = example("doses-clock.json").replace("\"ageYears\": 40", "\"ageYears\": 4, \"dog\": true");
        assertThat(ok("/api/v1/doses/clock", dog)
                        .path("verdict")
                        .path("verdict")
                        .asString())
                .isEqualTo("refused");
        String ahead = example("doses-clock.json").replace("2026-06-01T14:00:00", "2026-06-02T14:00:00");
        assertThat(ok("/api/v1/doses/clock", ahead)
                        .path("verdict")
                        .path("objections")
                        .path(0)
                        .path("kind")
                        .asString())
                .isEqualTo("in-the-future");
    }

    @Test
    void aTripIsMadeReadAndPlannedByTheSameRulesAsThePages() throws Exception {
        MockHttpServletResponse made = send("/api/v1/trips", example("trip.json"));
        assertThat(made.getStatus()).as(made.getContentAsString()).isEqualTo(201);
        String address = String.valueOf(made.getHeader("Location"));
        JsonNode trip = json(send(get(address)));
        assertThat(trip.path("limits").path("volumeLitres").asDouble()).isEqualTo(2.5);
        assertThat(trip.path("region").path(0).asString()).isEqualTo("many-ticks");
        assertThat(trip.path("legs").path(0).path("days").asDouble()).isEqualTo(1.5);
        JsonNode small = trip.path("people").path(2);
        assertThat(small.path("years").asInt() + " y " + small.path("months").asInt() + " m")
                .isEqualTo("1 y 4 m");
        assertThat(small.path("weighedOn").asString()).isEqualTo("2026-10-02");
        JsonNode plan = json(send(get(address + "/plan")));
        assertThat(plan.path("massGrams").asDouble()).isBetween(100.0, 900.0);
        assertThat(plan.path("quantities").size()).isGreaterThan(20);
        assertThat(send(address + "/plan", "{\"name\": \"Dash pouch\"}").getStatus())
                .isEqualTo(201);
        assertThat(json(send(get("/api/v1/plans"))).path(0).path("name").asString())
                .isEqualTo("Dash pouch");
        assertThat(json(send(get("/api/v1/trips"))).size()).isEqualTo(1);

        String wrong =
                example("trip.json").replace("\"years\": 44", "\"years\": 400").replace("1.5", "-2");
        MockHttpServletResponse refused = send("/api/v1/trips", wrong);
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(json(refused).path("faults").valueStream().map(f -> f.path("field")
                        .asString()))
                .containsExactlyInAnyOrder("people[0].years", "legs[0].days");
        assertThat(json(send(get("/api/v1/trips"))).size()).isEqualTo(1);
    }

    @Test
    void anotherHouseholdsTokenOpensNothingOfMine() throws Exception {
        String address =
                String.valueOf(send("/api/v1/trips", example("trip.json")).getHeader("Location"));
        token = tokens.make(others, "theirs");
        assertThat(send(get(address)).getStatus()).isEqualTo(404);
        assertThat(send(get(address + "/plan")).getStatus()).isEqualTo(404);
        assertThat(send(address + "/plan", "{\"name\": \"Taken\"}").getStatus()).isEqualTo(404);
        assertThat(json(send(get("/api/v1/trips"))).size()).isZero();
    }

    @Test
    void withoutAGoodTokenNothingIsAnswered() throws Exception {
        token = "hodeon_made-up";
        MockHttpServletResponse refused = send("/api/v1/forecast", example("forecast.json"));
        assertThat(refused.getStatus()).isEqualTo(401);
        assertThat(refused.getContentType()).startsWith("application/problem+json");
        token = tokens.make(mine, "soon gone");
        assertThat(send(get("/api/v1/trips")).getStatus()).isEqualTo(200);
        tokens.all(mine).forEach(t -> tokens.revoke(mine, t.id()));
        assertThat(send(get("/api/v1/trips")).getStatus()).isEqualTo(401);
    }

    /** Each scope by itself; without people nobody on an outing has a name, nor anything known of their health. */
    @Test
    void aTokenReachesWhatItWasMadeForAndIsOverOnItsDay() throws Exception {
        String address =
                String.valueOf(send("/api/v1/trips", example("trip.json")).getHeader("Location"));
        assertThat(send(get(address)).getContentAsString()).doesNotContain("Somebody 1");
        token = tokens.make(mine, "trips", EnumSet.of(TokenScope.TRIPS), 30);
        JsonNode person = json(send(get(address))).path("people").get(0);
        assertThat(person.path("name").asString()).isEqualTo("Somebody 1");
        assertThat(person.path("allergies").size()
                        + person.path("conditions").size()
                        + person.path("rescue").size())
                .isZero();
        assertThat(send(get("/api/v1/kits")).getStatus()).isEqualTo(403);
        assertThat(send("/api/v1/doses/sheet", "{}").getStatus()).isEqualTo(403);
        token = tokens.make(mine, "kits", EnumSet.of(TokenScope.KITS), 30);
        assertThat(send(get("/api/v1/kits")).getStatus()).isEqualTo(200);
        MockHttpServletResponse refused = send(get("/api/v1/trips"));
        assertThat(refused.getStatus()).isEqualTo(403);
        assertThat(refused.getContentAsString()).contains("Out of this token's reach");
        assertThat(tokens.all(mine)).extracting(AccessTokens.Kept::lastUsed).doesNotContain("never");
        database.update("update access_token set until = dateadd('DAY', -31, until) where name = 'kits'");
        assertThat(send(get("/api/v1/kits")).getStatus()).isEqualTo(401);
    }

    /** Whoever may do less than the token says, since when it was made or before, does no more by it. */
    @Test
    void aTokenNeverDoesMoreThanWhoMadeIt() throws Exception {
        UUID account = households.createAccount("helper" + UUID.randomUUID(), "four plain words here");
        households.join(account, mine.householdId(), Role.HELPER);
        token = tokens.make(households.member(account).orElseThrow(), "helping");
        assertThat(send(get("/api/v1/trips")).getStatus()).isEqualTo(200);
        assertThat(send("/api/v1/trips", example("trip.json")).getStatus()).isEqualTo(403);
        assertThat(send("/api/v1/doses/sheet", "{}").getStatus()).isEqualTo(403);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/api/v1/forecast | {\"problems\": [{\"id\": \"x\", \"ratePerThousandPersonDays\": -1, \"strengthPersonDays\": \"much\", \"exposurePersonDaysByDay\": [1]}]} | problems[0].ratePerThousandPersonDays problems[0].strengthPersonDays",
                "/api/v1/forecast | {\"problems\": 7} | problems",
                "/api/v1/forecast | {\"problems\": [{\"id\": \"x\", \"ratePerThousandPersonDays\": 100000, \"strengthPersonDays\": 1, \"exposurePersonDaysByDay\": [90000], \"steps\": [{\"capability\": \"c\", \"first\": [{\"pieces\": 9, \"probability\": 1}]}]}]} | problems[0].steps",
                "/api/v1/plans/solve | {\"supplies\": [{\"id\": \"p\", \"massGrams\": -3, \"minPieces\": 5, \"maxPieces\": 2, \"serves\": [{\"step\": \"none\", \"tier\": 2}]}], \"steps\": [{\"id\": \"s\", \"worth\": 1, \"atLeast\": [0.2, 0.5]}]} | steps[0].atLeast supplies[0].massGrams supplies[0].maxPieces supplies[0].serves[0].step supplies[0].serves[0].tier",
                "/api/v1/plans/solve | {\"supplies\": [], \"steps\": [], \"gap\": 3, \"timeLimitSeconds\": 1e9} | gap timeLimitSeconds",
                "/api/v1/rehearsals | {\"problems\": [], \"supplies\": [], \"trips\": 1e12} | trips",
                "/api/v1/rehearsals | [] | (body)",
                "/api/v1/doses/sheet | {} | person",
                "/api/v1/doses/sheet | {\"person\": {\"name\": \"Sef\", \"alergies\": [\"latex\"]}} | person.alergies person.born",
                "/api/v1/doses/sheet | {\"at\": \"noon\", \"zone\": \"Mars\", \"tradition\": \"roman\", \"products\": [\"moonshine\"], \"person\": {\"name\": \"Sef\", \"ageMonths\": -3, \"kilograms\": 900, \"conditions\": [\"luck\"], \"directions\": [{\"ingredient\": \"paracetamol\"}]}} | at zone tradition products person.ageMonths person.kilograms person.conditions person.directions[0].mostMgAtOnce person.directions[0].hoursApart person.directions[0].by",
                "/api/v1/doses/clock | {\"person\": {\"name\": \"Sef\", \"ageYears\": 40}, \"history\": [{\"at\": \"2026-06-01\", \"product\": \"x\", \"units\": 0}], \"dose\": {}} | history[0].at history[0].product history[0].units dose.product dose.units"
            })
    void everyFaultIsNamedAtItsPath(String address, String body, String fields) throws Exception {
        MockHttpServletResponse response = send(address, body);
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(422);
        assertThat(response.getContentType()).startsWith("application/problem+json");
        Set<String> named = new TreeSet<>();
        json(response).path("faults").forEach(f -> named.add(f.path("field").asString()));
        assertThat(named).contains(fields.split(" "));
    }

    @Test
    void floorsThatCannotHoldTogetherAreNamed() throws Exception {
        String tight = example("solve.json")
                .replace("\"atLeast\": [0.9, 0.5]", "\"atLeast\": [0.9, 0.5], \"floorUses\": 2")
                .replace("\"atLeast\": [0.8]", "\"atLeast\": [0.8], \"floorUses\": 1")
                .replace("\"massGrams\": 40", "\"massGrams\": 25");
        MockHttpServletResponse response = send("/api/v1/plans/solve", tight);
        assertThat(response.getStatus()).isEqualTo(409);
        assertThat(json(response).path("floors").valueStream().map(JsonNode::asString))
                .containsExactly("A", "B");
        assertThat(json(response).path("conflict").valueStream().map(JsonNode::asString))
                .contains("at most 25 g");
        JsonNode wider = ok("/api/v1/plans/solve", tight.replace("\"massGrams\": 25", "\"massGrams\": 30"));
        assertThat(wider.path("quantities").path(1).path("pieces").asInt()).isEqualTo(3);
    }

    @Test
    void brokenTooLargeAndMisaddressedRequestsGetAProblemInWords() throws Exception {
        assertThat(send("/api/v1/forecast", "{\"problems\": [").getStatus()).isEqualTo(400);
        MockHttpServletResponse large = send("/api/v1/forecast", "{\"x\": \"" + "y".repeat(5_000_000) + "\"}");
        assertThat(large.getStatus()).isEqualTo(400);
        assertThat(large.getContentAsString()).contains("larger than 4 MB").doesNotContain("Exception");
        assertThat(send(get("/api/v1/nowhere")).getStatus()).isEqualTo(404);
        assertThat(send(get("/api/v1/trips/not-a-number")).getStatus()).isEqualTo(404);
    }

    @Test
    void theOpenApiDocumentNamesEveryAddressAndNoOther() throws Exception {
        MockHttpServletResponse document =
                web.perform(get("/api/v1/openapi.yaml")).andReturn().getResponse();
        assertThat(document.getStatus()).isEqualTo(200);
        JsonNode described = JSON.valueToTree(new Yaml().load(document.getContentAsString()));
        Set<String> told = new TreeSet<>();
        described.path("paths").properties().forEach(path -> path.getValue()
                .propertyNames()
                .forEach(method -> told.add(method + " " + path.getKey())));
        Set<String> answered = new TreeSet<>();
        mappings.getHandlerMethods().keySet().forEach(info -> info.getPatternValues().stream()
                .filter(p -> p.startsWith("/api/v1") && !p.endsWith("/**") && !p.endsWith(".yaml"))
                .forEach(p -> info.getMethodsCondition()
                        .getMethods()
                        .forEach(m -> answered.add(m.name().toLowerCase(Locale.ROOT) + " " + p))));
        assertThat(told).isEqualTo(answered);
        // A comma in words without quotes would end them there, and the rest become a name of its own.
        assertThat(described.toString()).doesNotContain(":null");
    }

    @Test
    void aListIsMadeReadAndChangedAndItsKitTellsWhatLacks() throws Exception {
        MockHttpServletResponse made = send("/api/v1/lists", example("list.json"));
        assertThat(made.getStatus()).isEqualTo(201);
        ObjectNode list = (ObjectNode) JSON.readTree(made.getContentAsString());
        UUID id = UUID.fromString(list.path("id").asString());
        assertThat(list.path("lines").get(0).path("least").asInt()).isEqualTo(4);
        UUID kit = places.addPlace(mine.householdId(), "Boat", Place.Kind.KIT, Optional.empty(), Optional.of(id));
        UUID cuts = places.addPlace(mine.householdId(), "Cuts", Place.Kind.MODULE, Optional.of(kit), Optional.empty());
        JsonNode told = JSON.readTree(send(get("/api/v1/kits/" + kit)).getContentAsString());
        assertThat(told.path("format").asString()).isEqualTo("hodeon-kit");
        assertThat(told.path("modules").get(0).path("name").asString()).isEqualTo("Cuts");
        JsonNode lacking =
                JSON.readTree(send(get("/api/v1/kits/" + kit + "/lacking")).getContentAsString());
        assertThat(lacking.size()).isEqualTo(2);
        assertThat(lacking.get(0).path("belowLeast").asBoolean()).isTrue();
        // Over the version that was read, and not over an older one.
        ((ObjectNode) list.path("lines").get(0)).put("target", 20);
        assertThat(send("/api/v1/lists", list.toString()).getStatus()).isEqualTo(200);
        assertThat(send("/api/v1/lists", list.toString()).getStatus()).isEqualTo(422);
        // A module is lifted out and put back.
        String lift = "{\"module\": \"" + cuts + "\", \"out\": true}";
        assertThat(send("/api/v1/kits/" + kit + "/moves", lift).getStatus()).isEqualTo(200);
        assertThat(JSON.readTree(send(get("/api/v1/kits/" + kit + "/moves")).getContentAsString())
                        .get(0)
                        .path("inside")
                        .isNull())
                .isTrue();
        assertThat(send("/api/v1/kits/" + kit + "/moves", "{\"module\": \"" + kit + "\"}")
                        .getStatus())
                .isEqualTo(422);
    }

    @Test
    void everythingWrongWithAListIsTold() throws Exception {
        MockHttpServletResponse wrong = send(
                "/api/v1/lists",
                "{\"name\": \"X\", \"lines\": [{\"supply\": \"nothing\", \"target\": 2},"
                        + " {\"supply\": \"shears\", \"target\": 1, \"least\": 3}]}");
        assertThat(wrong.getStatus()).isEqualTo(422);
        assertThat(wrong.getContentAsString()).contains("lines[0].supply").contains("lines[1].least");
    }
}
