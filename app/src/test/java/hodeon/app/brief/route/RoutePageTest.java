package hodeon.app.brief.route;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.core.brief.route.Route;
import hodeon.core.notice.Faults;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

class RoutePageTest extends WebTest {

    private static byte[] ridge() throws IOException {
        try (InputStream file = Objects.requireNonNull(RoutePageTest.class.getResourceAsStream("ridge.gpx"))) {
            return file.readAllBytes();
        }
    }

    private ResultActions read(byte[] file, String factor, String rule) throws Exception {
        return web.perform(multipart("/route")
                .file(new MockMultipartFile("file", "ridge.gpx", "application/gpx+xml", file))
                .param("rule", rule)
                .param("factor", factor)
                .param("hoursADay", "6")
                .param("beyond", "2")
                .with(user(mine))
                .with(csrf()));
    }

    @Test
    void aRouteFileGivesLengthClimbDaysAndHoursToHelp() throws Exception {
        Route route = RouteFile.read("ridge.gpx", ridge(), new Faults()).orElseThrow();
        assertThat(route.metres()).isCloseTo(8_000, within(5.0));
        assertThat(route.climb()).isCloseTo(640, within(6.0));
        // 8 km and 640 m up: 1.6 h + 1.07 h; from the top 4 km down: 0.8 h, and 2 h to care.
        read(ridge(), "1", "NAISMITH")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("8.0 km"),
                                containsString(">2.7 h<"),
                                containsString(">0.5 days<"),
                                containsString("id=\"route-help\">3<"))));
        read(ridge(), "3", "TOBLER").andExpect(says("times 3"));
    }

    @ParameterizedTest
    @CsvSource({
        "'', a route file is needed",
        "no xml at all, A route file is GPX 1.1",
        "'<!DOCTYPE gpx [<!ENTITY e SYSTEM \"file:///etc/passwd\">]><gpx/>', A route file has no document type",
        "'<gpx version=\"1.1\" creator=\"t\" xmlns=\"http://www.topografix.com/GPX/1/1\"></gpx>', this file has 0"
    })
    void whatIsNoRouteIsSaidInWords(String file, String says) throws Exception {
        String capital = says.substring(0, 1).toUpperCase(Locale.ROOT) + says.substring(1);
        read(file.getBytes(StandardCharsets.UTF_8), "1", "NAISMITH")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString(says.startsWith("this") ? says : capital)));
    }

    @Test
    void aPaceNobodyWalksIsRefusedWithItsLimit() throws Exception {
        read(ridge(), "9", "NAISMITH")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("The pace factor is a number from 0.5 to 3"));
    }
}
