package hodeon.app.household;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Path;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** From an empty installation to its first account; the order matters, because there is one first time. */
@Tag("spring")
@SpringBootTest
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class SignInPageTest {

    @TempDir
    static Path data;

    @Autowired
    MockMvc web;

    @Autowired
    AccountRepository accounts;

    @DynamicPropertySource
    static void ownDatabase(DynamicPropertyRegistry registry) {
        registry.add("hodeon.data", () -> data.toAbsolutePath().toString());
    }

    private ResultActions first(String household, String name, String password, String again) throws Exception {
        return web.perform(post("/first-run")
                .with(csrf())
                .param("household", household)
                .param("name", name)
                .param("password", password)
                .param("again", again));
    }

    @Test
    @Order(1)
    void anEmptyInstallationAsksForItsFirstAccount() throws Exception {
        web.perform(get("/")).andExpect(redirectedUrl("/sign-in"));
        web.perform(get("/sign-in")).andExpect(redirectedUrl("/first-run"));
        first("", "o", "short", "other")
                .andExpect(status().isOk())
                .andExpect(says(
                        "1 to 80 characters",
                        "3 to 80 characters",
                        "This password would be guessed",
                        "The two passwords differ"));
        assertThat(accounts.count()).isZero();
    }

    @Test
    @Order(2)
    void theFirstAccountIsMadeOnceAndItsPasswordIsHashed() throws Exception {
        first("Tidewrack Paddlers", "ottilie", "four plain words here", "four plain words here")
                .andExpect(redirectedUrl("/"));
        first("Intruders", "mallory", "four plain words here", "four plain words here")
                .andExpect(redirectedUrl("/sign-in"));
        assertThat(accounts.findAll()).singleElement().satisfies(a -> assertThat(a.password)
                .startsWith("{argon2}$argon2id$")
                .doesNotContain("four plain words"));
    }

    @Test
    @Order(3)
    void signingInNeedsTheRightPasswordAndSaysLittleOtherwise() throws Exception {
        web.perform(post("/sign-in").with(csrf()).param("name", "ottilie").param("password", "four plain words here"))
                .andExpect(redirectedUrl("/"));
        for (String name : new String[] {"ottilie", "nobody"}) {
            web.perform(post("/sign-in").with(csrf()).param("name", name).param("password", "wrong"))
                    .andExpect(redirectedUrl("/sign-in?wrong"));
        }
        web.perform(get("/sign-in?wrong="))
                .andExpect(content()
                        .string(allOf(
                                containsString("do not go together"),
                                containsString("Not medical advice"),
                                not(containsString("sample data")))));
    }

    @Test
    @Order(4)
    void outsideTheDemoThereIsNoSampleTour() throws Exception {
        web.perform(post("/sample-tour").with(csrf())).andExpect(redirectedUrl("/sign-in"));
    }

    @Test
    @Order(5)
    void pagesCarryAStrictContentSecurityPolicy() throws Exception {
        web.perform(get("/sign-in"))
                .andExpect(header().string(
                                "Content-Security-Policy",
                                allOf(
                                        containsString("default-src 'none'"), containsString("script-src 'self';"),
                                        containsString("style-src 'self';"), not(containsString("unsafe")))));
    }
}
