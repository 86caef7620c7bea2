package hodeon.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** The packaged application as a process of its own, started as a user would start it. */
final class App implements AutoCloseable {

    private static final int PATIENCE_SECONDS = 120;

    final int port;
    private final Process process;
    private final Path log;

    private App(int port, Process process, Path log) {
        this.port = port;
        this.process = process;
        this.log = log;
    }

    static App demo() {
        App app = launch(temporary("hodeon-demo"), true);
        app.awaitReady();
        return app;
    }

    static App withData(Path data) {
        App app = launch(data, false);
        app.awaitReady();
        return app;
    }

    static App launch(Path data, boolean demo) {
        try {
            int port = freePort();
            Path log = Files.createTempFile("hodeon", ".log");
            Process process =
                    Unpacked.start(log, "--server.port=" + port, "--hodeon.data=" + data, "--hodeon.demo=" + demo);
            return new App(port, process, log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String address(String path) {
        return "http://localhost:" + port + path;
    }

    String log() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ends it without any chance to tidy up: SIGKILL. */
    void kill() {
        process.destroyForcibly();
        await();
    }

    /** Waits for it to end by itself and answers its exit code. */
    int await() {
        try {
            if (!process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new IllegalStateException("Still running:\n" + log());
            }
            return process.exitValue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        process.destroy();
        await();
    }

    static Path temporary(String name) {
        try {
            return Files.createTempDirectory(name).toAbsolutePath();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void awaitReady() {
        HttpClient client = HttpClient.newHttpClient();
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
        while (System.nanoTime() < end && process.isAlive()) {
            try {
                var health = HttpRequest.newBuilder(URI.create(address("/actuator/health")))
                        .build();
                if (client.send(health, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                // It is still starting.
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            pause();
        }
        throw new IllegalStateException("Not ready:\n" + log());
    }

    private static void pause() {
        try {
            Thread.sleep(200);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
