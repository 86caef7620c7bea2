package hodeon.benchmarks;

import java.io.IOException;
import java.io.OutputStream;
import java.net.CookieManager;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletableFuture;

/** How the sign-in page answers while bodies are sent half and while many sign in at once: what stands before the door. */
public final class Door {

    private static final int HALF_SENT = 600;
    private static final int SIGN_INS = 120;
    private static final int LOOKS = 20;

    private final String house;
    private final int port;

    private Door(int port) {
        this.port = port;
        this.house = "http://127.0.0.1:" + port;
    }

    public static void main(String[] arguments) throws Exception {
        Door door = new Door(Integer.parseInt(arguments[0]));
        System.out.println("the page alone:              " + door.looks());
        List<Socket> half = door.halfSent();
        System.out.println(half.size() + " bodies sent half:       " + door.looks());
        for (Socket socket : half) {
            socket.close();
        }
        CompletableFuture<String> storm = CompletableFuture.supplyAsync(door::storm);
        Thread.sleep(300);
        System.out.println("while " + SIGN_INS + " sign in at once:  " + door.looks());
        System.out.println("the sign-ins themselves:     " + storm.join());
    }

    /** Median and slowest of the sign-in page, each asked by a new connection. */
    private String looks() throws Exception {
        double[] millis = new double[LOOKS];
        int answered = 0;
        for (int i = 0; i < LOOKS; i++) {
            long start = System.nanoTime();
            try (HttpClient client = HttpClient.newBuilder()
                    .connectTimeout(Duration.ofSeconds(5))
                    .build()) {
                client.send(
                        HttpRequest.newBuilder(URI.create(house + "/recover"))
                                .timeout(Duration.ofSeconds(5))
                                .build(),
                        HttpResponse.BodyHandlers.discarding());
                answered++;
            } catch (IOException tooLate) {
                // Counted as not answered.
            }
            millis[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(millis);
        return String.format(
                "%d of %d answered, median %.0f ms, slowest %.0f ms",
                answered, LOOKS, millis[LOOKS / 2], millis[LOOKS - 1]);
    }

    private List<Socket> halfSent() throws IOException {
        List<Socket> open = new ArrayList<>();
        for (int i = 0; i < HALF_SENT; i++) {
            Socket socket = new Socket("127.0.0.1", port);
            OutputStream out = socket.getOutputStream();
            out.write(
                    ("POST /sign-in HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                    + "Content-Length: 1000\r\n\r\nname=half")
                            .getBytes(StandardCharsets.US_ASCII));
            out.flush();
            open.add(socket);
        }
        return open;
    }

    private String storm() {
        long start = System.nanoTime();
        List<CompletableFuture<Integer>> all = new ArrayList<>();
        HttpClient page =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        try {
            String html = page.send(
                            HttpRequest.newBuilder(URI.create(house + "/sign-in"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
            String token = html.replaceAll("(?s).*name=\"_csrf\"[^>]*value=\"([^\"]+)\".*", "$1");
            for (int i = 0; i < SIGN_INS; i++) {
                String body = "_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8) + "&name=nobody" + i
                        + "&password=wrong";
                all.add(page.sendAsync(
                                HttpRequest.newBuilder(URI.create(house + "/sign-in"))
                                        .header("Content-Type", "application/x-www-form-urlencoded")
                                        .timeout(Duration.ofSeconds(60))
                                        .POST(HttpRequest.BodyPublishers.ofString(body))
                                        .build(),
                                HttpResponse.BodyHandlers.discarding())
                        .thenApply(HttpResponse::statusCode)
                        .exceptionally(e -> 0));
            }
            List<Integer> codes = all.stream().map(CompletableFuture::join).toList();
            return String.format(
                    "%d answered in %.1f s; told to wait %d",
                    codes.stream().filter(c -> c > 0).count(),
                    (System.nanoTime() - start) / 1e9,
                    codes.stream().filter(c -> c == 429).count());
        } catch (IOException | InterruptedException e) {
            return "failed: " + e;
        }
    }
}
