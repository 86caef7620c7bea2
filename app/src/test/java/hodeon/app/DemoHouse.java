package hodeon.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.household.account.SecondLook;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Tests that go round every address of a house with the sample household. They share one house: an image of its database is made
 * before the first of them and put back after each, since each leaves traces.
 */
@Tag("spring")
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@AutoConfigureMockMvc
@Import({HashedOnce.class, HouseImage.class, PausablePool.class})
abstract class DemoHouse {

    /** Of all walks together: a folder of JUnit's would go with the first of them, and the key with it. */
    private static final Path DATA = folder();

    private static Path folder() {
        try {
            return Files.createTempDirectory("hodeon-house").toAbsolutePath();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @DynamicPropertySource
    static void demo(DynamicPropertyRegistry registry) {
        registry.add("hodeon.data", DATA::toString);
        registry.add("hodeon.demo", () -> "true");
    }

    @Autowired
    MockMvc web;

    @Autowired
    HouseholdService households;

    @Autowired
    JdbcTemplate database;

    @Autowired
    List<RequestMappingHandlerMapping> mappings;

    @Autowired
    HouseImage image;

    @BeforeEach
    void keepTheImage() {
        image.keep();
    }

    @AfterEach
    void putTheImageBack() {
        image.putBack();
    }

    /** Somebody new in the sample household. */
    Member as(Role role) {
        UUID sample = database.queryForObject("select id from household where name = 'Tidewrack Paddlers'", UUID.class);
        UUID account = households.createAccount(role.word() + UUID.randomUUID(), "four plain words here");
        households.join(account, sample, role);
        return households.member(account, sample).orElseThrow();
    }

    /** Who just said their password again tries an address. */
    MockHttpServletResponse knock(Member member, HttpMethod method, String path) throws Exception {
        return web.perform(request(method, URI.create(path))
                        .with(user(member))
                        .with(csrf())
                        .sessionAttr(SecondLook.LOOKED, Instant.now()))
                .andReturn()
                .getResponse();
    }

    /** In which units and dates the household of a keeper reads. */
    void choose(Member member, String mass, String temperature, String dates) throws Exception {
        web.perform(post("/settings/style")
                        .with(user(member))
                        .with(csrf())
                        .param("mass", mass)
                        .param("volume", mass.equals("GRAMS") ? "MILLILITRES" : "FLUID_OUNCES")
                        .param("temperature", temperature)
                        .param("dates", dates)
                        .param("weekBegins", "SUNDAY")
                        .param("zone", "Pacific/Auckland")
                        .param("paper", "LETTER"))
                .andExpect(redirectedUrl("/settings/style"));
    }
}
