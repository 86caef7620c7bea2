package hodeon.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;

/** Somebody looking around in a running demo on this machine; pages come compressed, as browsers ask for them. */
final class Visitor {

    private final String base;
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private final String shelf;

    /**
     * @param transferred bytes of the body and the headers as they came
     * @param text of the body, unpacked
     */
    record Page(long transferred, String text) {}

    Visitor(int port) throws IOException, InterruptedException {
        this.base = "http://localhost:" + port;
        String token =
                first("name=\"_csrf\" value=\"([^\"]+)\"", get("/sign-in").text());
        this.shelf = post("/sample-tour", "_csrf=" + token).text();
    }

    /** The path of a sample trip, such as /trips/…. */
    String trip(String name) {
        return first("href=\"(/trips/[0-9a-f-]+)/odds\">" + Pattern.quote(name) + "<", shelf);
    }

    Page get(String path) throws IOException, InterruptedException {
        return page(HttpRequest.newBuilder(URI.create(base + path)), path);
    }

    Page post(String path, String form) throws IOException, InterruptedException {
        return page(
                HttpRequest.newBuilder(URI.create(base + path))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(form)),
                path);
    }

    private Page page(HttpRequest.Builder request, String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> response =
                client.send(request.header("Accept-Encoding", "gzip").build(), HttpResponse.BodyHandlers.ofByteArray());
        if (response.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + response.statusCode());
        }
        long headers = response.headers().map().entrySet().stream()
                .mapToLong(h -> h.getKey().length()
                        + 4
                        + h.getValue().stream().mapToInt(String::length).sum())
                .sum();
        boolean packed =
                response.headers().firstValue("Content-Encoding").orElse("").equals("gzip");
        return new Page(headers + response.body().length, text(response.body(), packed));
    }

    private static String text(byte[] body, boolean packed) {
        try {
            byte[] plain = packed ? new GZIPInputStream(new ByteArrayInputStream(body)).readAllBytes() : body;
            return new String(plain, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static String first(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException("The page holds nothing like " + pattern);
        }
        return matcher.group(1);
    }
}
