package hodeon.browser;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;

/** A line to the application that can be cut, mended, and made to lose the answers. */
final class Relay implements AutoCloseable {

    private final int to;
    private final int port;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile ServerSocket door;
    private volatile boolean losesAnswers;

    Relay(App app) {
        this.to = app.port;
        this.door = listen(0);
        this.port = door.getLocalPort();
    }

    String address(String path) {
        return "http://localhost:" + port + path;
    }

    /** Requests still arrive; what is answered to those that send something is lost. */
    void loseAnswers() {
        losesAnswers = true;
        hangUp();
    }

    void cut() {
        try {
            door.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        hangUp();
    }

    void mend() {
        losesAnswers = false;
        hangUp();
        if (door.isClosed()) {
            door = listen(port);
        }
    }

    @Override
    public void close() {
        cut();
    }

    private void hangUp() {
        open.forEach(Relay::hangUp);
        open.clear();
    }

    private static void hangUp(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private ServerSocket listen(int port) {
        try {
            ServerSocket socket = new ServerSocket();
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
            Thread.ofVirtual().start(() -> accept(socket));
            return socket;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void accept(ServerSocket socket) {
        try {
            while (true) {
                Socket client = socket.accept();
                Socket server = new Socket(InetAddress.getLoopbackAddress(), to);
                open.add(client);
                open.add(server);
                AtomicBoolean sends = new AtomicBoolean();
                Thread.ofVirtual().start(() -> pass(client, server, sends, false));
                Thread.ofVirtual().start(() -> pass(server, client, sends, true));
            }
        } catch (IOException closed) {
            // Cut.
        }
    }

    private void pass(Socket from, Socket into, AtomicBoolean sends, boolean answers) {
        try (InputStream in = from.getInputStream();
                OutputStream out = into.getOutputStream()) {
            byte[] bytes = new byte[8192];
            for (int n = in.read(bytes); n >= 0; n = in.read(bytes)) {
                if (!answers && isRequest(bytes)) {
                    sends.set(bytes[0] == 'P');
                } else if (answers && losesAnswers && sends.get()) {
                    hangUp(into);
                    return;
                }
                out.write(bytes, 0, n);
                out.flush();
            }
        } catch (IOException closed) {
            // Either end hung up.
        }
    }

    private static boolean isRequest(byte[] bytes) {
        String start = new String(bytes, 0, 5, StandardCharsets.ISO_8859_1);
        return start.startsWith("GET ") || start.startsWith("POST ");
    }
}
