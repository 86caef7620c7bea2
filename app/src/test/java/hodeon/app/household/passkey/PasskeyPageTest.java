package hodeon.app.household.passkey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.household.account.SecondLook;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.ResultActions;

/** What the door asks of a device, and what it does not take; that a passkey opens the house is a journey in a browser. */
class PasskeyPageTest extends WebTest {

    @Autowired
    JdbcTemplate database;

    private ResultActions ask(String address, MockHttpSession session, String body) throws Exception {
        session.setAttribute(SecondLook.LOOKED, Instant.now());
        return web.perform(post(address)
                .with(user(mine))
                .with(csrf())
                .session(session)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    @Test
    void theDeviceIsAskedForItsOwnersFingerAndForThisHouseAlone() throws Exception {
        ask("/account/passkeys/options", new MockHttpSession(), "")
                .andExpect(jsonPath("$.rp.id").value("localhost"))
                .andExpect(jsonPath("$.user.name").value(mine.getUsername()))
                .andExpect(jsonPath("$.authenticatorSelection.residentKey").value("required"))
                .andExpect(jsonPath("$.authenticatorSelection.userVerification").value("required"));
        ask("/sign-in/passkey/options", new MockHttpSession(), "")
                .andExpect(jsonPath("$.rpId").value("localhost"))
                .andExpect(jsonPath("$.allowCredentials").isEmpty())
                .andExpect(jsonPath("$.userVerification").value("required"));
    }

    @Test
    void anAnswerThatIsNoneOpensAndKeepsNothing() throws Exception {
        MockHttpSession session = new MockHttpSession();
        for (String answer :
                new String[] {"{}", "not json", "{\"id\":\"AAAA\",\"rawId\":\"AAAA\",\"type\":\"public-key\"}"}) {
            ask("/account/passkeys/options", session, "").andExpect(status().isOk());
            ask("/account/passkeys?label=Phone", session, answer)
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(jsonPath("$.why").value("That passkey was not taken. Begin again."));
            ask("/sign-in/passkey/options", session, "").andExpect(status().isOk());
            ask("/sign-in/passkey", session, answer)
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(jsonPath("$.why").value(containsString("Sign in with your password")));
        }
        assertThat(database.queryForObject("select count(*) from user_credentials", Integer.class))
                .isZero();
        ask("/sign-in/passkey", new MockHttpSession(), "{}").andExpect(status().isUnprocessableContent());
    }

    @Test
    void makingOneWantsThePasswordJustNowAndSomebodyElsesIsNotThere() throws Exception {
        web.perform(post("/account/passkeys/options").with(user(mine)).with(csrf()))
                .andExpect(redirectedUrlPattern("/account/confirm*"));
        ask("/account/passkeys/AAAA/remove", new MockHttpSession(), "").andExpect(status().isNotFound());
    }

    @Test
    void anAddressOfDigitsIsToldToHaveNone() throws Exception {
        open(mine, "/account").andExpect(content().string(containsString("id=\"make-passkey\"")));
        web.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get("/account")
                        .with(user(mine))
                        .with(request -> {
                            request.setServerName("127.0.0.1");
                            request.setServerPort(8080);
                            return request;
                        }))
                .andExpect(content().string(containsString("http://localhost:8080")));
    }
}
