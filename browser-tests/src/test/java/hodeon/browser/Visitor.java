package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Plain requests with a session, for more saves a second than a browser makes. */
final class Visitor {

    static final String PASSWORD = "four plain words here";

    private final App app;
    private final String name;
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();

    Visitor(App app, String name) {
        this.app = app;
        this.name = name;
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create(app.address(path))).build(), HttpResponse.BodyHandlers.ofString());
    }

    String token(String path) throws IOException, InterruptedException {
        Matcher token = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"")
                .matcher(get(path).body());
        assertThat(token.find()).isTrue();
        return token.group(1);
    }

    /** Signed in to the sample household. */
    static Visitor ofSample(App app) {
        try {
            Visitor sample = new Visitor(app, "sample");
            sample.post("/sample-tour", Map.of("_csrf", sample.token("/sign-in")));
            return sample;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    String page(String path) {
        return new String(bytes(path), StandardCharsets.UTF_8);
    }

    byte[] bytes(String path) {
        try {
            URI address = path.startsWith("http") ? URI.create(path) : URI.create(app.address(path));
            return http.send(HttpRequest.newBuilder(address).build(), HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A file, as a form sends it. */
    HttpResponse<String> upload(String path, String token, String name, byte[] file)
            throws IOException, InterruptedException {
        String head = "--cut\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token
                + "\r\n--cut\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name + "\"\r\n\r\n";
        return http.send(
                HttpRequest.newBuilder(URI.create(app.address(path)))
                        .header("Content-Type", "multipart/form-data; boundary=cut")
                        .POST(HttpRequest.BodyPublishers.concat(
                                HttpRequest.BodyPublishers.ofString(head),
                                HttpRequest.BodyPublishers.ofByteArray(file),
                                HttpRequest.BodyPublishers.ofString("\r\n--cut--\r\n")))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    void signIn() throws IOException, InterruptedException {
        post("/sign-in", Map.of("name", name, "password", PASSWORD, "_csrf", token("/sign-in")));
    }

    HttpResponse<String> save(String name, String token) throws IOException, InterruptedException {
        return post(
                "/trips/new",
                Map.ofEntries(
                        Map.entry("_csrf", token),
                        Map.entry("name", name),
                        Map.entry("start", "2027-06-12"),
                        Map.entry("end", "2027-06-13"),
                        Map.entry("hoursToCare", "4"),
                        Map.entry("massLimit", "900"),
                        Map.entry("legs[0].activity", "CAMP"),
                        Map.entry("legs[0].environment", "TEMPERATE"),
                        Map.entry("legs[0].days", "2"),
                        Map.entry("people[0].name", "Ottilie Brandt"),
                        Map.entry("people[0].years", "44"),
                        Map.entry("people[0].kilograms", "68")));
    }

    /** Makes a shelf with so many wipes; answers the address of their lot with the place in it. */
    String lotOf(int pieces, String token) throws IOException, InterruptedException {
        post("/stock/places", Map.of("_csrf", token, "name", "Shore shelf", "kind", "SHELF"));
        post(
                "/stock/enter",
                Map.of(
                        "_csrf",
                        token,
                        "place",
                        "Shore shelf",
                        "supply",
                        "antiseptic-wipe",
                        "pieces",
                        "" + pieces,
                        "until",
                        "2030-01"));
        String page = get("/stock").body();
        return first("/stock/lots/[0-9a-f-]+", page) + "?" + first("/stock/places/([0-9a-f-]+)", page);
    }

    private static String first(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        assertThat(matcher.find()).isTrue();
        return matcher.group(matcher.groupCount());
    }

    HttpResponse<String> use(String lot, String token) throws IOException, InterruptedException {
        return post(
                lot.substring(0, lot.indexOf('?')),
                Map.of("_csrf", token, "do", "USE", "at", lot.substring(lot.indexOf('?') + 1), "pieces", "1"));
    }

    HttpResponse<String> post(String path, Map<String, String> form) throws IOException, InterruptedException {
        String body = form.entrySet().stream()
                .map(e -> encoded(e.getKey()) + "=" + encoded(e.getValue()))
                .collect(Collectors.joining("&"));
        HttpRequest request = HttpRequest.newBuilder(URI.create(app.address(path)))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        return http.send(request, HttpResponse.BodyHandlers.ofString());
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
