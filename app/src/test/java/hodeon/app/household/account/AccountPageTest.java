package hodeon.app.household.account;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import hodeon.app.WebTest;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.bouncycastle.util.encoders.Base32;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.ResultActions;

class AccountPageTest extends WebTest {

    private static final String OLD = "four plain words here";
    private static final String NEW = "gravel lantern hopscotch nine";

    @Autowired
    JdbcTemplate database;

    /** From an address of its own, so that tests do not wait for each other at the door. */
    private ResultActions signIn(Member who, String password, MockHttpSession session) throws Exception {
        return web.perform(post("/sign-in")
                .with(csrf())
                .session(session)
                .with(r -> {
                    r.setRemoteAddr(
                            "10.0.0." + (1 + Math.floorMod(who.getUsername().hashCode(), 200)));
                    return r;
                })
                .param("name", who.getUsername())
                .param("password", password));
    }

    @Test
    void aPasswordIsChangedByWhoKnowsItAndOnlyForABetterOne() throws Exception {
        String[] change = {"old", OLD, "password", NEW, "again", NEW};
        send(mine, "/account/password", with(change, "old", "wrong"))
                .andExpect(flash().attribute("fault", containsString("not your present password")));
        send(mine, "/account/password", with(change, "password", "Summer2026!"))
                .andExpect(flash().attribute("fault", startsWith("This password would be guessed")));
        send(mine, "/account/password", with(change, "again", "other"))
                .andExpect(flash().attribute("fault", containsString("differ")));
        signIn(mine, OLD, new MockHttpSession()).andExpect(redirectedUrl("/"));
        send(mine, "/account/password", change).andExpect(flash().attribute("said", containsString("is changed")));
        signIn(mine, OLD, new MockHttpSession()).andExpect(redirectedUrl("/sign-in?wrong"));
        signIn(mine, NEW, new MockHttpSession()).andExpect(redirectedUrl("/"));
        open(mine, "/settings/audit").andExpect(says("changed the password", "a wrong password", "signed in, from"));
    }

    /** With it the password alone opens nothing; a recovery code stands in once. */
    @Test
    @SuppressWarnings("unchecked")
    void theSecondFactorStandsBetweenThePasswordAndTheHouse() throws Exception {
        MockHttpSession here = new MockHttpSession();
        signIn(mine, OLD, here);
        String page = web.perform(get("/account/second").session(here))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String secret = Jsoup.parse(page).expectFirst("#secret").text().replace(" ", "");
        web.perform(post("/account/second").session(here).with(csrf()).param("code", "000000"))
                .andExpect(redirectedUrl("/account/second"));
        String turnedOn = at(secret, Instant.now());
        List<String> codes = (List<String>)
                web.perform(post("/account/second").session(here).with(csrf()).param("code", turnedOn))
                        .andExpect(redirectedUrl("/account"))
                        .andReturn()
                        .getFlashMap()
                        .get("codes");
        assertThat(codes).hasSize(10);
        assertThat(database.queryForObject("select totp from account where id = ?", String.class, mine.accountId()))
                .startsWith("bound:");

        MockHttpSession half = new MockHttpSession();
        signIn(mine, OLD, half).andExpect(redirectedUrl("/sign-in/second"));
        web.perform(get("/stock").session(half)).andExpect(redirectedUrl("/sign-in"));
        web.perform(post("/sign-in/second").session(half).with(csrf()).param("code", "12 34 56"))
                .andExpect(redirectedUrl("/sign-in/second"));
        // The code that turned it on has been seen; the next one opens.
        web.perform(post("/sign-in/second").session(half).with(csrf()).param("code", turnedOn))
                .andExpect(redirectedUrl("/sign-in/second"));
        String code = at(secret, Instant.now().plusSeconds(30));
        web.perform(post("/sign-in/second").session(half).with(csrf()).param("code", code))
                .andExpect(redirectedUrl("/"));
        web.perform(get("/stock").session(half)).andExpect(status().isOk());

        MockHttpSession overTheShoulder = new MockHttpSession();
        signIn(mine, OLD, overTheShoulder);
        web.perform(post("/sign-in/second")
                        .session(overTheShoulder)
                        .with(csrf())
                        .param("code", code.substring(0, 3) + " " + code.substring(3)))
                .andExpect(redirectedUrl("/sign-in/second"));

        for (String way : new String[] {"/", "/sign-in/second"}) {
            MockHttpSession again = new MockHttpSession();
            signIn(mine, OLD, again);
            web.perform(post("/sign-in/second").session(again).with(csrf()).param("code", codes.getFirst()))
                    .andExpect(redirectedUrl(way));
        }
    }

    /** Whatever name is sent along, guesses at the second factor and at the password of whoever is signed in wait by the account. */
    @Test
    void aNameSentAlongGivesNoMoreGuesses() throws Exception {
        MockHttpSession here = new MockHttpSession();
        signIn(mine, OLD, here);
        int answered = 0;
        for (int guess = 0; guess < 40; guess++) {
            answered += web.perform(post("/account/confirm")
                                            .session(here)
                                            .with(csrf())
                                            .param("name", "somebody else " + guess)
                                            .param("password", "guess " + guess))
                                    .andReturn()
                                    .getResponse()
                                    .getStatus()
                            == 429
                    ? 0
                    : 1;
        }
        assertThat(answered).isLessThanOrEqualTo(5);
    }

    private static String at(String secret, Instant when) throws Exception {
        TimeBasedOneTimePasswordGenerator totp = new TimeBasedOneTimePasswordGenerator();
        return totp.generateOneTimePasswordString(new SecretKeySpec(Base32.decode(secret), totp.getAlgorithm()), when);
    }

    @Test
    @SuppressWarnings("unchecked")
    void aRecoveryCodeSetsANewPasswordOnceAndGuessesWait() throws Exception {
        List<String> codes = (List<String>)
                send(mine, "/account/codes").andReturn().getFlashMap().get("codes");
        String way = web.perform(post("/recover/code")
                        .with(csrf())
                        .param("name", mine.getUsername())
                        .param("code", codes.getFirst().toLowerCase(Locale.ROOT)))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(way).startsWith("/recover/");
        web.perform(post(way).with(csrf()).param("password", "1234567890").param("again", "1234567890"))
                .andExpect(says("This password would be guessed"));
        web.perform(post(way).with(csrf()).param("password", NEW).param("again", NEW))
                .andExpect(redirectedUrl("/sign-in"));
        signIn(mine, NEW, new MockHttpSession()).andExpect(redirectedUrl("/"));
        web.perform(get(way)).andExpect(status().isNotFound()).andExpect(says("opens nothing"));
        web.perform(post("/recover/code")
                        .with(csrf())
                        .param("name", others.getUsername())
                        .param("code", codes.get(1)))
                .andExpect(redirectedUrl("/recover"));

        for (int i = 0; i < 5; i++) {
            signIn(others, "wrong " + i, new MockHttpSession()).andExpect(redirectedUrl("/sign-in?wrong"));
        }
        signIn(others, OLD, new MockHttpSession()).andExpect(status().isTooManyRequests());
    }

    /** A keeper lets back in whom only this household knows; nobody who belongs elsewhere too. */
    @Test
    void aKeeperGivesAWayBackToWhomTheyAloneKeep() throws Exception {
        UUID account = households.createAccount("Wilma" + UUID.randomUUID(), OLD);
        households.join(account, mine.householdId(), Role.MEMBER);
        Member wilma = households.member(account).orElseThrow();
        String link = String.valueOf(send(mine, "/settings/members/" + account + "/way-back")
                .andReturn()
                .getFlashMap()
                .get("wayBack"));
        String way = link.replaceFirst("https?://[^/]+", "");
        web.perform(post(way).with(csrf()).param("password", NEW).param("again", NEW))
                .andExpect(redirectedUrl("/sign-in"));
        signIn(wilma, NEW, new MockHttpSession()).andExpect(redirectedUrl("/"));
        String late = String.valueOf(send(mine, "/settings/members/" + account + "/way-back")
                .andReturn()
                .getFlashMap()
                .get("wayBack"));
        households.join(account, others.householdId(), Role.KEEPER);
        web.perform(post(late.replaceFirst("https?://[^/]+", ""))
                .with(csrf())
                .param("password", "heron seal lantern skerry")
                .param("again", "heron seal lantern skerry"));
        signIn(wilma, NEW, new MockHttpSession()).andExpect(redirectedUrl("/"));
        send(mine, "/settings/members/" + account + "/way-back")
                .andExpect(flash().attribute("fault", containsString("another household too")));
        send(others, "/settings/members/" + mine.accountId() + "/way-back").andExpect(status().isNotFound());
    }

    @Test
    void whatLeavesTheHouseAsksForThePasswordAgain() throws Exception {
        for (String page : new String[] {"/backup", "/backup/household.json", "/settings/tokens", "/account/second"}) {
            web.perform(get(page).with(user(mine)))
                    .andExpect(redirectedUrl("/account/confirm?next=" + page.replace("/", "%2F")));
        }
        web.perform(post("/account/codes").with(user(mine)).with(csrf()))
                .andExpect(redirectedUrl("/account/confirm?next=%2Faccount"));
        MockHttpSession session = new MockHttpSession();
        web.perform(post("/account/confirm")
                        .session(session)
                        .with(user(mine))
                        .with(csrf())
                        .param("password", "wrong"))
                .andExpect(flash().attribute("fault", containsString("not your password")));
        web.perform(post("/account/confirm")
                        .session(session)
                        .with(user(mine))
                        .with(csrf())
                        .param("password", OLD)
                        .param("next", "//elsewhere.example"))
                .andExpect(redirectedUrl("/account"));
        web.perform(get("/backup").session(session).with(user(mine))).andExpect(status().isOk());
    }

    @Test
    void sessionsAreListedAndEndedFromElsewhere() throws Exception {
        MockHttpSession phone = new MockHttpSession();
        MockHttpSession laptop = new MockHttpSession();
        signIn(mine, OLD, phone);
        signIn(mine, OLD, laptop);
        web.perform(get("/").session(phone).header("User-Agent", "Any/5 (Phone; small) x"))
                .andExpect(status().isOk());
        web.perform(get("/account").session(laptop).header("User-Agent", "Any/5 (Laptop) x"))
                .andExpect(says("Phone; small, from", "Laptop, from", "here"));
        web.perform(post("/account/sessions/others/end").session(laptop).with(csrf()));
        assertThat(phone.isInvalid()).isTrue();
        web.perform(get("/").session(laptop)).andExpect(status().isOk());
    }
}
