package hodeon.browser;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/** The packaged application as a process of its own, started as a user would start it. */
final class App implements AutoCloseable {

    private static final int PATIENCE_SECONDS = 120;

    /** What the application says once it answers. */
    private static final String READY = "Started HodeonApplication";

    final int port;
    private final Process process;
    private final StringBuffer log = new StringBuffer();
    private final CompletableFuture<Boolean> ready = new CompletableFuture<>();
    private final Thread listening;

    private App(int port, Process process) {
        this.port = port;
        this.process = process;
        this.listening = Thread.ofPlatform().daemon().start(this::listen);
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
            // A demo is reached by phones of the network too, so that the code on a kit can be made.
            return new App(
                    port,
                    Unpacked.start(
                            "--server.port=" + port,
                            "--hodeon.data=" + data,
                            "--hodeon.demo=" + demo,
                            "--hodeon.patience=" + System.getProperty("hodeon.patience"),
                            "--server.address=" + (demo ? "0.0.0.0" : "127.0.0.1")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String address(String path) {
        return "http://localhost:" + port + path;
    }

    String log() {
        return log.toString();
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
            listening.join();
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

    private void listen() {
        try (BufferedReader lines = process.inputReader()) {
            lines.lines().forEach(line -> {
                log.append(line).append('\n');
                if (line.contains(READY)) {
                    ready.complete(true);
                }
            });
        } catch (IOException | UncheckedIOException closed) {
            log.append(closed.getMessage()).append('\n');
        }
        ready.complete(false);
    }

    private void awaitReady() {
        try {
            if (ready.get(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                return;
            }
        } catch (InterruptedException | ExecutionException | TimeoutException e) {
            throw new IllegalStateException("Not ready:\n" + log(), e);
        }
        throw new IllegalStateException("It ended:\n" + log());
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
