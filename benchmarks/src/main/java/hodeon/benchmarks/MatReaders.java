package hodeon.benchmarks;

import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.HdrHistogram.Histogram;

/** The mat page of a running demo on this machine under 20 concurrent readers, 25 requests each. */
public final class MatReaders {

    private static final int READERS = 20;
    private static final int REQUESTS = 25;

    private MatReaders() {}

    /** @param arguments the port of a demo on this machine */
    public static void main(String[] arguments) throws Exception {
        String base = "http://localhost:" + Integer.parseInt(arguments[0]);
        List<Callable<Histogram>> readers = new ArrayList<>();
        for (int i = 0; i < READERS; i++) {
            readers.add(() -> read(base));
        }
        Histogram all = new Histogram(3);
        long start = System.nanoTime();
        try (var threads = Executors.newFixedThreadPool(READERS)) {
            for (Future<Histogram> reader : threads.invokeAll(readers)) {
                all.add(reader.get());
            }
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        System.out.printf(
                "mat page, %d readers: median %.0f ms, 95th percentile %.0f ms, %.0f pages a second%n",
                READERS,
                all.getValueAtPercentile(50) / 1000.0,
                all.getValueAtPercentile(95) / 1000.0,
                all.getTotalCount() / seconds);
    }

    private static Histogram read(String base) throws Exception {
        HttpClient client = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(HttpClient.Redirect.NORMAL)
                .build();
        String token = first("name=\"_csrf\" value=\"([^\"]+)\"", get(client, base + "/sign-in"));
        String shelf = client.send(
                        HttpRequest.newBuilder(URI.create(base + "/sample-tour"))
                                .header("Content-Type", "application/x-www-form-urlencoded")
                                .POST(HttpRequest.BodyPublishers.ofString("_csrf=" + token))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
        String mat = base + first("href=\"(/trips/[0-9a-f-]+/mat)\"", shelf);
        get(client, mat);
        Histogram micros = new Histogram(3);
        for (int i = 0; i < REQUESTS; i++) {
            long start = System.nanoTime();
            get(client, mat);
            micros.recordValue((System.nanoTime() - start) / 1000);
        }
        return micros;
    }

    private static String get(HttpClient client, String address) throws Exception {
        HttpResponse<String> response =
                client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IllegalStateException(address + " answered " + response.statusCode());
        }
        return response.body();
    }

    private static String first(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException("The page holds nothing like " + pattern);
        }
        return matcher.group(1);
    }
}
