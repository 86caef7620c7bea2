package hodeon.app.household.member;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.forwardedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.household.Member;
import hodeon.app.household.Memberships;
import hodeon.app.household.Role;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

class MembersPageTest extends WebTest {

    @Autowired
    Memberships memberships;

    @Autowired
    StockService stock;

    @Autowired
    JdbcTemplate database;

    private String invite(Role role) throws Exception {
        return String.valueOf(send(mine, "/settings/members/invite", "role", role.name())
                .andReturn()
                .getFlashMap()
                .get("code"));
    }

    private Member joined(Role role) throws Exception {
        String name = "Wilma" + UUID.randomUUID();
        web.perform(post("/join/" + invite(role))
                        .with(csrf())
                        .param("name", name)
                        .param("password", "gravel lantern hopscotch nine")
                        .param("again", "gravel lantern hopscotch nine"))
                .andExpect(redirectedUrl("/"));
        return households.loadUserByUsername(name);
    }

    private void daysPass(String table, String column, long days) {
        database.update(
                "update " + table + " set " + column + " = dateadd('SECOND', ?, " + column + ") where household_id = ?",
                -Duration.ofDays(days).toSeconds(),
                mine.householdId());
    }

    /** A code is good once, typed as one likes, and says whither it leads before anybody joins. */
    @Test
    void anInvitationOpensOnceAndForThreeDays() throws Exception {
        String code = invite(Role.HELPER);
        assertThat(code).matches("([A-Z2-9]{4}-){3}[A-Z2-9]{4}");
        web.perform(get("/join/" + code)).andExpect(says("Join Tidewrack Paddlers", "helper", "keep the log"));
        open(others, "/join/" + code).andExpect(says("With your account"));
        send(others, "/households/join", "code", code.toLowerCase(Locale.ROOT).replace("-", " "))
                .andExpect(redirectedUrl("/"));
        assertThat(households
                        .member(others.accountId(), mine.householdId())
                        .orElseThrow()
                        .role())
                .contains(Role.HELPER);
        web.perform(get("/join/" + code)).andExpect(status().isNotFound()).andExpect(says("opens nothing"));
        send(others, "/households/join", "code", code)
                .andExpect(flash().attribute("fault", containsString("opens nothing")));

        String late = invite(Role.MEMBER);
        daysPass("invitation", "until", 3);
        web.perform(get("/join/" + late)).andExpect(status().isNotFound());
        String back = invite(Role.MEMBER);
        UUID id = database.queryForObject(
                "select id from invitation where household_id = ? and used_by is null and until > current_timestamp",
                UUID.class,
                mine.householdId());
        send(others, "/settings/members/invitations/" + id + "/revoke").andExpect(status().isNotFound());
        send(mine, "/settings/members/invitations/" + id + "/revoke");
        web.perform(get("/join/" + back)).andExpect(status().isNotFound());
    }

    @Test
    void whoJoinsNeedsAPasswordNobodyGuessesAndANameThatIsFree() throws Exception {
        String code = invite(Role.MEMBER);
        web.perform(post("/join/" + code)
                        .with(csrf())
                        .param("name", mine.getUsername())
                        .param("password", "Tidewrack1!")
                        .param("again", "tidewrack"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("This password would be guessed", "The two passwords differ"));
        web.perform(post("/join/" + code)
                        .with(csrf())
                        .param("name", mine.getUsername())
                        .param("password", "gravel lantern hopscotch nine")
                        .param("again", "gravel lantern hopscotch nine"))
                .andExpect(says("is taken"));
        web.perform(get("/join/" + code)).andExpect(status().isOk());
    }

    /** What was changed holds at the next request, in a session that was opened before; there is always a keeper. */
    @Test
    void rolesChangeAtOnceAndAKeeperIsAlwaysLeft() throws Exception {
        Member wilma = joined(Role.MEMBER);
        open(wilma, "/people").andExpect(status().isOk());
        send(mine, "/settings/members/" + wilma.accountId() + "/role", "role", "HELPER");
        open(wilma, "/people").andExpect(status().isForbidden()).andExpect(forwardedUrl("/refused"));
        web.perform(get("/refused")
                        .requestAttr("oldPage", false)
                        .with(user(households.loadUserByUsername(wilma.getUsername()))))
                .andExpect(status().isForbidden())
                .andExpect(says("Not for a helper", "keep the log", "A keeper can change"));
        send(mine, "/settings/members/" + mine.accountId() + "/role", "role", "VIEWER")
                .andExpect(flash().attribute("fault", containsString("needs a keeper")));
        send(mine, "/households/leave").andExpect(flash().attribute("fault", containsString("needs a keeper")));
        send(mine, "/settings/members/" + wilma.accountId() + "/hand-over");
        open(wilma, "/settings/members").andExpect(status().isOk());
        open(mine, "/settings/members").andExpect(status().isForbidden());
        send(wilma, "/settings/members/" + mine.accountId() + "/remove");
        open(mine, "/stock").andExpect(redirectedUrl("/households"));
        open(wilma, "/settings/audit")
                .andExpect(says("is helper, was member", "is keeper, was helper", "was removed", "joined as member"));
    }

    /** Each household shows its own, whichever was open before. */
    @Test
    void whoBelongsToTwoChangesBetweenThem() throws Exception {
        stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        send(others, "/households/join", "code", invite(Role.VIEWER));
        Member there = households.loadUserByUsername(others.getUsername());
        assertThat(there.householdId()).isEqualTo(mine.householdId());
        open(there, "/kits").andExpect(says("Deck pouch"));
        send(there, "/households/" + others.householdId() + "/open").andExpect(redirectedUrl("/"));
        assertThat(households.loadUserByUsername(others.getUsername()).householdId())
                .isEqualTo(others.householdId());
        send(mine, "/households/" + others.householdId() + "/open").andExpect(status().isNotFound());
        send(others, "/households/found", "name", "School of Lanterns").andExpect(redirectedUrl("/"));
        assertThat(memberships.ofAccount(others.accountId())).hasSize(3);
    }

    /** Backup first, then two keepers; or one, three days later. Nothing of it is left in any table, and others keep theirs. */
    @Test
    void aHouseholdIsErasedByTwoKeepersAfterItsBackup() throws Exception {
        stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        trip(mine, "Skerry ring");
        trip(others, "Hut to hut");
        String farewell = "/settings/members/farewell/";
        send(mine, farewell + "ask").andExpect(flash().attribute("fault", containsString("Take the backup first")));
        open(mine, "/backup/household.json").andExpect(status().isOk());
        send(mine, farewell + "ask");
        send(mine, farewell + "agree", "name", "Tidewrack Paddlers")
                .andExpect(flash().attribute("fault", containsString("another keeper")));
        Member second = joined(Role.KEEPER);
        daysPass("farewell", "asked_at", 4);
        send(mine, farewell + "agree", "name", "Tidewrack Paddlers")
                .andExpect(flash().attribute("fault", containsString("another keeper")));
        send(second, farewell + "agree", "name", "Tidewrack")
                .andExpect(flash().attribute("fault", containsString("not the household's name")));
        open(second, "/settings/members").andExpect(says(mine.getUsername() + " has asked for it"));
        send(second, farewell + "agree", "name", "Tidewrack Paddlers").andExpect(redirectedUrl("/households"));
        database.queryForList(
                        "select table_name from information_schema.columns where table_schema = 'PUBLIC' and column_name = 'HOUSEHOLD_ID'",
                        String.class)
                .forEach(t -> assertThat(database.queryForObject(
                                "select count(*) from \"" + t + "\" where household_id = ?",
                                Long.class,
                                mine.householdId()))
                        .as(t)
                        .isZero());
        open(mine, "/").andExpect(redirectedUrl("/households"));
        open(others, "/trips").andExpect(says("Hut to hut"));
    }

    @Test
    void aLoneKeeperWaitsThreeDaysAndMayThinkBetterOfIt() throws Exception {
        String farewell = "/settings/members/farewell/";
        open(mine, "/backup/household.json").andExpect(status().isOk());
        send(mine, farewell + "ask");
        open(mine, "/settings/members").andExpect(says("You can agree from"));
        send(mine, farewell + "stay");
        open(mine, "/settings/members").andExpect(says("Ask to erase the household"));
        send(mine, farewell + "ask");
        daysPass("farewell", "asked_at", 3);
        send(mine, farewell + "agree", "name", "Tidewrack Paddlers").andExpect(redirectedUrl("/households"));
        assertThat(memberships.ofAccount(mine.accountId())).isEmpty();
    }
}
