package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import hodeon.app.Addresses.Door;
import hodeon.app.household.Member;
import hodeon.app.household.account.SecondLook;
import hodeon.app.household.token.AccessTokens;
import java.net.URI;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/**
 * Somebody of another household tries every address with the ids of the sample household, in the path and in every field. Nothing of
 * the sample is shown, and not one row of it changes.
 */
class ForeignDoorsTest extends DemoHouseTest {

    /** Words that only the sample household's own pages say. */
    private static final List<String> SECRETS = List.of("Ottilie", "Lantern hut traverse", "Deck pouch", "Tidewrack");

    @TempDir
    static Path data;

    @DynamicPropertySource
    static void demo(DynamicPropertyRegistry registry) {
        registry.add("hodeon.data", () -> data.toAbsolutePath().toString());
        registry.add("hodeon.demo", () -> "true");
    }

    @Autowired
    AccessTokens tokens;

    @Test
    void noAddressOpensForAnotherHouseholdsIds() throws Exception {
        Map<String, List<String>> owned = Addresses.rows(database);
        String name = "stranger" + UUID.randomUUID();
        households.createAnother("Lantern Walkers", name, "four plain words here");
        Member stranger = households.loadUserByUsername(name);
        String token = tokens.make(households.loadUserByUsername(name), "stranger");
        Map<String, String> ids = Addresses.idsOfTheSample(database);
        assertThat(ids).containsKeys("TRIP", "KIT", "PERSON", "STOCK_LOT", "STOCK_PLACE", "LOG_ENTRY");
        List<String> wrong = new ArrayList<>();
        List<Door> doors = Addresses.of(mappings);
        assertThat(doors).hasSizeGreaterThan(100);
        for (Door door : doors) {
            int turn = 0;
            for (String path : door.paths(ids.values())) {
                boolean inPath = !path.equals(door.path());
                for (String field : door.tried(ids.values(), turn++)) {
                    MockHttpServletResponse answer = knock(door, path, field, stranger, token);
                    int status = answer.getStatus();
                    if (status >= 500) {
                        wrong.add(status + " " + door.method() + " " + path);
                    } else if (inPath && status < 300) {
                        wrong.add("opened " + door.method() + " " + door.path() + " as " + path);
                    }
                    String body = answer.getContentAsString();
                    SECRETS.stream()
                            .filter(body::contains)
                            .findFirst()
                            .ifPresent(s -> wrong.add("“" + s + "” is shown by " + door.method() + " " + path));
                }
            }
        }
        Map<String, List<String>> after = Addresses.rows(database);
        owned.forEach((table, lines) -> {
            Set<String> there = new HashSet<>(after.getOrDefault(table, List.of()));
            lines.stream().filter(l -> !there.contains(l)).forEach(l -> wrong.add("changed in " + table + ": " + l));
        });
        assertThat(wrong).isEmpty();
    }

    private MockHttpServletResponse knock(Door door, String path, String field, Member stranger, String token)
            throws Exception {
        MockHttpServletRequestBuilder request = request(door.method(), URI.create(path));
        if (path.startsWith("/api")) {
            request.header("Authorization", "Bearer " + token);
        } else {
            request.with(user(stranger)).with(csrf()).sessionAttr(SecondLook.LOOKED, Instant.now());
        }
        if (!field.isEmpty()) {
            door.fields().forEach(f -> request.param(f, field));
        }
        return web.perform(request).andReturn().getResponse();
    }
}
