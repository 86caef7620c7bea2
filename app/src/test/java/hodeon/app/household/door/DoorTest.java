package hodeon.app.household.door;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** The door itself, with its real server: who is first, by what name it is called, whose forwarded headers count, half-sent bodies. */
@Tag("spring")
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DoorTest {

    private static final int HALF_SENT = 400;

    @TempDir
    static Path data;

    @DynamicPropertySource
    static void ownDatabase(DynamicPropertyRegistry registry) {
        registry.add("hodeon.data", () -> data.toAbsolutePath().toString());
        registry.add("hodeon.hosts", () -> "kits.example");
        registry.add("hodeon.proxies", () -> "127.0.0.1");
    }

    @Autowired
    MockMvc web;

    @LocalServerPort
    int port;

    private static RequestPostProcessor fromTheNetwork() {
        return request -> {
            request.setRemoteAddr("192.168.7.20");
            return request;
        };
    }

    private String answer(String... headers) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream()
                    .write(("GET /sign-in HTTP/1.1\r\nConnection: close\r\n" + String.join("\r\n", headers)
                                    + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    @Order(1)
    void theFirstAccountIsMadeHereOrWithThePrintedCode() throws Exception {
        web.perform(get("/first-run")).andExpect(doesNotSay("Code printed"));
        web.perform(get("/first-run").with(fromTheNetwork())).andExpect(says("Code printed at the start"));
        String code = Files.readString(data.resolve("first-run-code"));
        for (String typed :
                new String[] {"", "ABCD-EFGH", code.toLowerCase(Locale.ROOT).replace("-", " ")}) {
            web.perform(post("/first-run")
                            .with(csrf())
                            .with(fromTheNetwork())
                            .param("household", "Tidewrack Paddlers")
                            .param("name", "ottilie")
                            .param("password", "gravel lantern hopscotch nine")
                            .param("again", "gravel lantern hopscotch nine")
                            .param("code", typed))
                    .andExpect(typed.length() < 9 || typed.equals("ABCD-EFGH") ? status().isOk() : redirectedUrl("/"));
        }
        assertThat(data.resolve("first-run-code")).doesNotExist();
    }

    @Test
    @Order(2)
    void itAnswersOnlyToItsOwnNames() throws IOException {
        assertThat(answer("Host: localhost:" + port)).startsWith("HTTP/1.1 200");
        assertThat(answer("Host: kits.example")).startsWith("HTTP/1.1 200");
        assertThat(answer("Host: elsewhere.example")).startsWith("HTTP/1.1 400");
    }

    /** The named proxy stands at 127.0.0.1: https and the name before it count, so the cookie is secure and browsers stay with https. */
    @Test
    @Order(3)
    void aNamedProxyIsBelieved() throws IOException {
        String plain = answer("Host: kits.example");
        assertThat(plain).doesNotContain("Strict-Transport-Security").doesNotContain("Secure;");
        String before = answer(
                "Host: localhost",
                "X-Forwarded-For: 203.0.113.9",
                "X-Forwarded-Proto: https",
                "X-Forwarded-Host: kits.example");
        assertThat(before)
                .startsWith("HTTP/1.1 200")
                .contains("Strict-Transport-Security")
                .contains("; Secure");
    }

    @Test
    @Order(4)
    void hundredsOfHalfSentBodiesStopNobody() throws Exception {
        List<Socket> half = new ArrayList<>();
        try {
            for (int i = 0; i < HALF_SENT; i++) {
                Socket socket = new Socket("127.0.0.1", port);
                OutputStream out = socket.getOutputStream();
                out.write(
                        ("POST /sign-in HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                        + "Content-Length: 900\r\n\r\nname=half")
                                .getBytes(StandardCharsets.US_ASCII));
                half.add(socket);
            }
            try (HttpClient client = HttpClient.newHttpClient()) {
                assertThat(client.send(
                                        HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/sign-in"))
                                                .build(),
                                        HttpResponse.BodyHandlers.discarding())
                                .statusCode())
                        .isEqualTo(200);
            }
            assertThat(half).hasSize(HALF_SENT);
        } finally {
            for (Socket socket : half) {
                socket.close();
            }
        }
    }

    @Test
    @Order(5)
    void headersAndFormsHaveTheirLimit() throws IOException {
        assertThat(answer("Host: localhost", "X-Long: " + "x".repeat(9_000))).startsWith("HTTP/1.1 400");
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream()
                    .write(
                            ("POST /recover HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                            + "Content-Length: 700000\r\n\r\nname=" + "x".repeat(699_995))
                                    .getBytes(StandardCharsets.US_ASCII));
            assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                    .doesNotStartWith("HTTP/1.1 200");
        }
    }
}
