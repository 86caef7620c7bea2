package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import hodeon.app.Addresses.Door;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.people.PeopleService;
import java.net.URI;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;

/** Every address of the house as each role: what opens, what does not, and that who may not see people sees nobody anywhere. */
abstract class RoleDoors extends DemoHouse {

    /** Changes that each role may make; what is not named is closed. A star is one step of the address, two are the rest. */
    private static final List<String> OF_EVERYBODY = List.of(
            "/account/**",
            "/households/**",
            "/join/*",
            "/recover/**",
            "/t/*",
            "/practice/**",
            "/sign-in/**",
            "/first-run",
            "/sign-out",
            "/locked/look");

    private static final List<String> OF_A_HELPER = List.of("/trips/*/log", "/trips/*/trail", "/stock/checks/**");

    private static final List<String> OF_KEEPERS_ALONE =
            List.of("/backup/**", "/settings/members/**", "/settings/audit", "/simulated/outbox");

    @Autowired
    PeopleService people;

    private List<Door> doors() {
        return Addresses.of(mappings).stream()
                .filter(d -> !d.path().startsWith("/api/") && !d.path().equals("/refused"))
                .toList();
    }

    private static boolean among(List<String> patterns, String path) {
        String filled = path.replaceAll("\\{[^}]*}", "x");
        return patterns.stream()
                .map(p -> p.replace("/**", "(/.*)?").replaceAll("(?<![.)])\\*", "[^/]+"))
                .anyMatch(filled::matches);
    }

    /** The status alone: no ids, so that what opens finds nothing and changes nothing. */
    @Test
    void eachRoleOpensWhatItMayAndNothingElse() throws Exception {
        String nobody = UUID.randomUUID().toString();
        Set<String> wrong = new TreeSet<>();
        for (Role role : Role.values()) {
            Member member = as(role);
            for (Door door : doors()) {
                String path = door.with(variable -> nobody);
                boolean changes = door.method() != HttpMethod.GET;
                boolean may =
                        switch (role) {
                            case KEEPER -> true;
                            case MEMBER -> !among(OF_KEEPERS_ALONE, door.path());
                            case HELPER ->
                                !changes || among(OF_EVERYBODY, door.path()) || among(OF_A_HELPER, door.path());
                            case VIEWER -> !changes || among(OF_EVERYBODY, door.path());
                        };
                // Leaving is one of the things that open.
                households.join(member.accountId(), member.householdId(), role);
                boolean refused = knock(member, door.method(), path).getStatus() == 403;
                if (may ? refused && (changes || role == Role.KEEPER || role == Role.MEMBER) : !refused) {
                    wrong.add(role.word() + (refused ? " is refused " : " may ") + door.method() + " " + door.path());
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** A helper takes a piece out of a lot, which is the only thing they may do with it; a viewer not even that. */
    @Test
    void aHelperTakesAndDoesNotMove() throws Exception {
        Map<String, Object> lot =
                database.queryForMap("select lot_id, place_id, pieces from stock_balance where pieces > 2 limit 1");
        for (Role role : Role.values()) {
            Member member = as(role);
            for (String deed : List.of("USE", "MOVE", "DISCARD")) {
                int status = web.perform(request(HttpMethod.POST, URI.create("/stock/lots/" + lot.get("LOT_ID")))
                                .param("do", deed)
                                .param("at", String.valueOf(lot.get("PLACE_ID")))
                                .param("pieces", "0")
                                .with(user(member))
                                .with(csrf()))
                        .andReturn()
                        .getResponse()
                        .getStatus();
                boolean may = role == Role.KEEPER || role == Role.MEMBER || role == Role.HELPER && deed.equals("USE");
                assertThat(status != 403).as(role + " " + deed).isEqualTo(may);
            }
        }
    }

    /** The control: what a helper is refused shows people to whoever may see them, on pages, in files and on papers. */
    @Test
    void whoMaySeePeopleSeesThemWhereAHelperIsRefused() throws Exception {
        Member helper = as(Role.HELPER);
        Member keeper = as(Role.KEEPER);
        List<String> names = people.all(keeper.householdId()).stream()
                .map(k -> k.profile().name())
                .toList();
        Kinds kinds = Kinds.ofTheSample(database);
        Set<String> shown = new TreeSet<>();
        for (Door door : doors()) {
            String path = door.with(kinds::own);
            if (door.method() == HttpMethod.GET
                    && knock(helper, door.method(), path).getStatus() == 403
                    && names.stream().anyMatch(AnswerText.of(knock(keeper, door.method(), path))::contains)) {
                shown.add(door.path());
            }
        }
        assertThat(shown)
                .contains("/people", "/house-sheet", "/house-sheet.pdf", "/people/{id}/card.pdf")
                .hasSizeGreaterThan(12);
        String everything = "/trips/" + kinds.own("/trips/{id}") + "/cards.pdf?card=everything";
        assertThat(AnswerText.of(knock(keeper, HttpMethod.GET, everything))).contains(names.getFirst());
        for (Role role : List.of(Role.HELPER, Role.VIEWER)) {
            for (String path : List.of(everything, "/house-sheet.pdf", "/dispensed", "/dispensed.csv")) {
                assertThat(knock(as(role), HttpMethod.GET, path).getStatus())
                        .as(role + " " + path)
                        .isEqualTo(403);
            }
        }
    }

    /** Whoever may not see people finds no name of one on any page, whatever they open; and a viewer changes no row. */
    @Test
    void whoMayNotSeePeopleSeesNobodyAndAViewerChangesNothing() throws Exception {
        Member helper = as(Role.HELPER);
        Member viewer = as(Role.VIEWER);
        List<String> names = people.all(viewer.householdId()).stream()
                .map(k -> k.profile().name())
                .toList();
        assertThat(names).hasSizeGreaterThan(3);
        Map<String, List<String>> before = Addresses.rows(database);
        Kinds kinds = Kinds.ofTheSample(database);
        Set<String> wrong = new TreeSet<>();
        List<String> opened = new ArrayList<>();
        List<Door> doors = doors().stream()
                .filter(d -> !d.path().equals("/households/leave"))
                .toList();
        for (Door door : doors) {
            boolean looks = door.method() == HttpMethod.GET;
            String path = door.with(kinds::own);
            MockHttpServletResponse answer = knock(looks ? helper : viewer, door.method(), path);
            String body = AnswerText.of(answer);
            if (answer.getStatus() < 300 && looks) {
                opened.add(path);
            }
            names.stream()
                    .filter(body::contains)
                    .forEach(n -> wrong.add(n + " is shown by " + door.method() + " " + door.path()));
        }
        assertThat(opened).hasSizeGreaterThan(40);
        assertThat(wrong).isEmpty();
        Map<String, List<String>> after = Addresses.rows(database);
        before.forEach((table, lines) ->
                assertThat(new HashSet<>(after.get(table))).as(table).containsAll(lines));
    }
}
