package hodeon.app.household.token;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class TokensPageTest extends WebTest {

    @Autowired
    AccessTokens tokens;

    @Test
    void aTokenIsShownOnceAndRevokedOnlyByItsHousehold() throws Exception {
        send(mine, "/settings/tokens", "name", "Notebook", "scope", "TRIPS")
                .andExpect(flash().attribute("made", startsWith("hodeon_")));
        open(mine, "/settings/tokens").andExpect(says("Notebook")).andExpect(doesNotSay("hodeon_"));
        UUID id = tokens.all(mine).getFirst().id();
        send(others, "/settings/tokens/" + id + "/revoke").andExpect(status().isNotFound());
        assertThat(tokens.all(mine)).hasSize(1);
        send(mine, "/settings/tokens/" + id + "/revoke").andExpect(status().is3xxRedirection());
        assertThat(tokens.all(mine)).isEmpty();
    }

    @Test
    void aTokenNeedsANameAndThereAreNotEndlesslyMany() throws Exception {
        send(mine, "/settings/tokens", "name", "  ")
                .andExpect(flash().attribute("fault", containsString("1 to 80 characters")));
        for (int i = 0; i < AccessTokens.MOST_TOKENS; i++) {
            tokens.make(mine, "n" + i);
        }
        send(mine, "/settings/tokens", "name", "one more", "scope", "KITS")
                .andExpect(flash().attribute("fault", containsString("at most 20 tokens")));
        assertThat(tokens.all(mine)).hasSize(AccessTokens.MOST_TOKENS);
    }
}
