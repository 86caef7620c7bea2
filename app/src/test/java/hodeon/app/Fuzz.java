package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.household.token.AccessTokens;
import java.io.IOException;
import java.lang.reflect.Parameter;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Thousands of inputs that nobody means, over every form and every call: none is answered as our fault. */
abstract class Fuzz extends DemoHouse {

    private static final int LEAST_INPUTS = Lane.of(700, 4_000);
    private static final long SEED = Lane.seed("fuzz");
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private static final List<String> VALUES = List.of(
            "",
            " ",
            "-1",
            "0",
            "1",
            "2",
            "99999999999999999999",
            "1e308",
            "NaN",
            "-0.0001",
            "½",
            "x".repeat(20_000),
            "\u0000",
            "\"",
            "'; drop table trip; --",
            "<script>alert(1)</script>",
            "Ω≈ç√",
            "💥".repeat(50),
            "2027-02-30",
            "0000-00-00",
            "9999-12-31",
            "-999999999-01-01",
            "2027-06-12",
            "24:61",
            "null",
            "true",
            "a,b;c\td",
            "${7*7}",
            "#{1}",
            "../../etc/passwd",
            "paracetamol",
            "paracetamol-500",
            "blister",
            "shears",
            "[",
            "{\"a\":",
            "(01)0",
            "%00",
            "\r\nX: y");

    private static final List<String> ACCEPTS = List.of(
            "*/*", "text/html", "application/json", "image/webp", "text/x-nothing", ";;;", "application/xml;q=0.2", "");

    @LocalServerPort
    int port;

    @Autowired
    AccessTokens tokens;

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .connectTimeout(Duration.ofSeconds(20))
            .build();
    private final Random random = new Random(SEED);
    private final Map<String, Integer> failed = new TreeMap<>();
    private final List<String> ids = new ArrayList<>();
    private String csrf = "";
    private String api = "";
    private int sent;

    /** A door to knock at: method, path, the names of its fields, and whether it takes a file. */
    private record Door(String method, String path, Set<String> fields, boolean upload) {}

    @BeforeEach
    void signedInWithATrip() throws Exception {
        String name = "fuzz" + UUID.randomUUID();
        households.createAnother("Fuzzers", name, "four plain words here");
        api = tokens.make(households.loadUserByUsername(name), "fuzz");
        fresh("/sign-in");
        String signedIn = post("/sign-in", Map.of("name", name, "password", "four plain words here"));
        assertThat(signedIn).doesNotContain("/sign-in?");
        fresh("/trips/new");
        String[] brief = WebTest.brief("Skerry ring");
        Map<String, String> form = new TreeMap<>();
        for (int i = 0; i < brief.length; i += 2) {
            form.put(brief[i], brief[i + 1]);
        }
        ids.add(UUID.randomUUID().toString());
        ids.add("x".repeat(20_000));
        ids.add("1");
        post("/trips/new", form);
        Matcher trip = Pattern.compile("/trips/([0-9a-f-]{36})").matcher(get("/"));
        assertThat(trip.find()).isTrue();
        ids.add(trip.group(1));
        ids.add(trip.group(1));
    }

    @Test
    void noInputIsAnsweredAsOurFault() throws Exception {
        List<Door> doors = doors();
        assertThat(doors).hasSizeGreaterThan(100);
        int rounds = Math.ceilDiv(LEAST_INPUTS, doors.size()) + 1;
        for (int round = 0; round < rounds; round++) {
            for (Door door : doors) {
                knock(door);
            }
        }
        assertThat(sent).isGreaterThanOrEqualTo(LEAST_INPUTS);
        // Behind the door all the time, and not only in front of it.
        assertThat(get("/")).contains("Sign out");
        System.out.printf("FUZZ %d inputs at %d doors, %d our fault%n", sent, doors.size(), failed.size());
        assertThat(failed).as("seed %d, %d inputs", SEED, sent).isEmpty();
    }

    private List<Door> doors() {
        List<Door> doors = new ArrayList<>();
        for (RequestMappingHandlerMapping mapping : mappings) {
            mapping.getHandlerMethods().forEach((info, method) -> doors.addAll(doors(info, method)));
        }
        return doors.stream()
                .filter(d -> !d.path().contains("sign-out") && !d.path().equals("/error"))
                .sorted(Comparator.comparing(Door::path).thenComparing(Door::method))
                .distinct()
                .toList();
    }

    private static List<Door> doors(RequestMappingInfo info, HandlerMethod method) {
        Set<String> fields =
                new TreeSet<>(Set.of("name", "text", "pieces", "supply", "until", "version", "do", "product"));
        boolean upload = false;
        for (Parameter parameter : method.getMethod().getParameters()) {
            fields.add(parameter.getName());
            upload |= parameter.getType() == MultipartFile.class;
        }
        List<Door> doors = new ArrayList<>();
        Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
        for (String path : info.getPatternValues()) {
            for (RequestMethod m : methods.isEmpty() ? Set.of(RequestMethod.GET) : methods) {
                doors.add(new Door(m.name(), path, fields, upload));
            }
        }
        return doors;
    }

    private void knock(Door door) throws Exception {
        String path = filled(door.path());
        String body = "";
        String type = "application/x-www-form-urlencoded";
        if (!door.method().equals("GET")) {
            int kind = random.nextInt(door.upload() ? 6 : 5);
            if (door.path().startsWith("/api") || door.path().endsWith("/trail")) {
                type = random.nextInt(4) == 0 ? "text/plain" : "application/json";
                body = json(door);
            } else if (kind >= 4 || door.upload()) {
                type = "multipart/form-data; boundary=" + (random.nextInt(3) == 0 ? "" : "cut");
                body = multipart(door);
            } else if (kind == 3) {
                type = pick(List.of("application/json", "text/plain", "image/png", "nonsense", "multipart/form-data"));
                body = pick(VALUES);
            } else {
                body = form(door);
            }
        } else if (random.nextBoolean()) {
            path += "?" + form(door);
        }
        send(door, path, type, body);
    }

    private String filled(String path) {
        Matcher variable = Pattern.compile("\\{([^/}]+)(?:\\{[^}]*})?[^/}]*}").matcher(path);
        StringBuilder filled = new StringBuilder();
        while (variable.find()) {
            String name = variable.group(1);
            int choices = name.indexOf(':');
            String value = choices >= 0 && name.substring(choices).matches(":[a-z|]+")
                    ? name.substring(choices + 1).split("\\|")[0]
                    : random.nextInt(3) == 0 ? pick(VALUES) : pick(ids);
            variable.appendReplacement(filled, Matcher.quoteReplacement(encoded(value.isEmpty() ? "0" : value)));
        }
        return variable.appendTail(filled).toString();
    }

    private String form(Door door) {
        List<String> pairs = new ArrayList<>(List.of("_csrf=" + encoded(csrf)));
        for (String field : door.fields()) {
            for (int n = random.nextInt(3); n > 0; n--) {
                pairs.add(encoded(field) + "=" + encoded(random.nextInt(4) == 0 ? pick(ids) : pick(VALUES)));
            }
        }
        return String.join("&", pairs);
    }

    private String multipart(Door door) {
        StringBuilder body =
                new StringBuilder("--cut\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + csrf + "\r\n");
        for (String field : door.fields()) {
            body.append("--cut\r\nContent-Disposition: form-data; name=\"").append(field);
            if (random.nextBoolean()) {
                body.append("\"; filename=\"").append(pick(List.of("a.csv", "b.json", "", "c.png", "\u0000")));
            }
            body.append("\"\r\n\r\n")
                    .append(pick(List.of(
                            pick(VALUES),
                            "place,supply,pieces\r\nTin,\"shears,1",
                            "supply,name,pieces,price\r\nshears,\"a\"b,2,3",
                            "time,celsius\r\n2026-01-01T00:00,\"5",
                            "\u0089PNG\r\n\u001a\n",
                            "{\"format\":\"hodeon-household\",\"version\":5,\"tables\":{}}")))
                    .append("\r\n");
        }
        body.append("--cut--\r\n");
        return random.nextInt(3) == 0 ? body.substring(0, random.nextInt(body.length())) : body.toString();
    }

    private String json(Door door) {
        String fields = door.fields().stream()
                .map(f -> "\"" + f + "\":"
                        + pick(List.of("-1", "null", "[]", "{}", "\"x\"", "1e400", "true", "[{}]", "\"\\u0000\"")))
                .collect(Collectors.joining(","));
        return pick(List.of(
                "{" + fields + "}",
                "{" + fields,
                "[]",
                "",
                "\"",
                "{\"problems\":[{}],\"supplies\":[{\"id\":\"a\",\"pieces\":-1}]}"));
    }

    private void send(Door door, String path, String type, String body) throws InterruptedException {
        sent++;
        HttpRequest.Builder request;
        try {
            request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                    .timeout(Duration.ofSeconds(60))
                    .header("X-CSRF-TOKEN", csrf)
                    .method(
                            door.method(),
                            door.method().equals("GET") ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
            String accept = pick(ACCEPTS);
            if (!accept.isEmpty()) {
                request.header("Accept", accept);
            }
            if (!door.method().equals("GET")) {
                request.header("Content-Type", type);
            }
            if (door.path().startsWith("/api")) {
                request.header("Authorization", "Bearer " + api);
            }
        } catch (IllegalArgumentException notSendable) {
            return;
        }
        try {
            HttpResponse<String> answer = client.send(request.build(), BodyHandlers.ofString());
            if (answer.statusCode() >= 500 || answer.body().contains("\tat ")) {
                failed.merge(answer.statusCode() + " " + door.method() + " " + door.path(), 1, Integer::sum);
            }
        } catch (IOException refused) {
            // A request so malformed that the connection ends is no answer of ours.
        }
    }

    private String get(String path) throws Exception {
        return client.send(
                        HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                                .build(),
                        BodyHandlers.ofString())
                .body();
    }

    private void fresh(String path) throws Exception {
        Matcher found = TOKEN.matcher(get(path));
        if (found.find()) {
            csrf = found.group(1);
        }
    }

    private String post(String path, Map<String, String> form) throws Exception {
        String body = "_csrf=" + encoded(csrf)
                + form.entrySet().stream()
                        .map(e -> "&" + encoded(e.getKey()) + "=" + encoded(e.getValue()))
                        .collect(Collectors.joining());
        return client.send(
                        HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                                .header("Content-Type", "application/x-www-form-urlencoded")
                                .POST(BodyPublishers.ofString(body))
                                .build(),
                        BodyHandlers.ofString())
                .headers()
                .firstValue("Location")
                .orElse("");
    }

    private String pick(List<String> from) {
        return from.get(random.nextInt(from.size()));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
