package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import hodeon.app.Addresses.Door;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.household.account.SecondLook;
import hodeon.app.household.token.AccessTokens;
import java.net.URI;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/**
 * Somebody of another household tries every address with the ids of the sample household, in the path and in every field. Nothing of
 * the sample is shown, and not one row of it changes.
 */
abstract class ForeignDoors extends DemoHouse {

    /** Words that only the sample household's own pages say. */
    private static final List<String> SECRETS = List.of("Ottilie", "Lantern hut traverse", "Deck pouch", "Tidewrack");

    /** A kit of the sample has no photo; a single paper is asked for by its name as well. */
    private static final Set<String> NOT_BY_ID_ALONE = Set.of("/kits/{id}/photo.jpg", "/kits/{id}/papers/one.pdf");

    @Autowired
    AccessTokens tokens;

    @Test
    void somebodySaidWhatEachVariableNames() {
        assertThat(Addresses.of(mappings).stream()
                        .flatMap(door -> door.variables().stream())
                        .filter(v -> !Kinds.knows(v)))
                .isEmpty();
    }

    /** The control: what the sample's own keeper asks for by these ids is there. */
    @Test
    void everyAddressKnowsItsOwnersIds() throws Exception {
        Member keeper = as(Role.KEEPER);
        Kinds kinds = Kinds.ofTheSample(database);
        List<String> missed = new ArrayList<>();
        int tried = 0;
        for (Door door : Addresses.of(mappings)) {
            if (door.method() == HttpMethod.GET
                    && !door.path().startsWith("/api/")
                    && !door.variables().isEmpty()
                    && door.variables().stream().allMatch(kinds::isOwned)
                    && !NOT_BY_ID_ALONE.contains(door.path())) {
                tried++;
                int status = knock(keeper, door.method(), door.with(kinds::own)).getStatus();
                if (status >= 400) {
                    missed.add(status + " " + door.path());
                }
            }
        }
        assertThat(tried).isGreaterThan(40);
        assertThat(missed).isEmpty();
    }

    /**
     * Each variable of each address once with the id of the sample that it means, and once with one of another kind; each field once with
     * what its name says and once with what it does not.
     */
    @Test
    void noAddressOpensForAnotherHouseholdsIds() throws Exception {
        Map<String, List<String>> owned = Addresses.rows(database);
        String name = "stranger" + UUID.randomUUID();
        households.createAnother("Lantern Walkers", name, "four plain words here");
        Member stranger = households.loadUserByUsername(name);
        String token = tokens.make(households.loadUserByUsername(name), "stranger");
        Kinds kinds = Kinds.ofTheSample(database);
        List<String> wrong = new ArrayList<>();
        List<Door> doors = Addresses.of(mappings);
        assertThat(doors).hasSizeGreaterThan(100);
        for (Door door : doors) {
            Set<String> paths = new LinkedHashSet<>(List.of(door.with(kinds::own)));
            door.variables().stream()
                    .filter(kinds::isOwned)
                    .forEach(v -> paths.add(door.with(o -> o.equals(v) ? kinds.ofAnotherKind(o) : kinds.own(o))));
            boolean inPath = door.variables().stream().anyMatch(kinds::isOwned);
            for (String path : paths) {
                for (boolean meant : door.takesIds() && door.method() != HttpMethod.GET
                        ? new boolean[] {true, false}
                        : new boolean[] {true}) {
                    MockHttpServletResponse answer = knock(
                            door,
                            path,
                            field -> kinds.field(meant ? field : "trip", kinds.own("/people/{id}")),
                            stranger,
                            token);
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

    private MockHttpServletResponse knock(
            Door door, String path, UnaryOperator<String> field, Member stranger, String token) throws Exception {
        MockHttpServletRequestBuilder request = request(door.method(), URI.create(path));
        if (path.startsWith("/api")) {
            request.header("Authorization", "Bearer " + token);
        } else {
            request.with(user(stranger)).with(csrf()).sessionAttr(SecondLook.LOOKED, Instant.now());
        }
        if (door.method() != HttpMethod.GET) {
            door.fields().forEach(f -> request.param(f, field.apply(f)));
        }
        return web.perform(request).andReturn().getResponse();
    }
}
