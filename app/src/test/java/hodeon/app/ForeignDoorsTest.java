package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import hodeon.app.household.AccessTokens;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.shell.DeviceZone;
import java.lang.reflect.Parameter;
import java.net.URI;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
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
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Somebody of another household tries every address with the ids of the sample household, in the path and in every field. Nothing of
 * the sample is shown, and not one row of it changes.
 */
@Tag("spring")
@SpringBootTest
@AutoConfigureMockMvc
@Import(HashedOnce.class)
class ForeignDoorsTest {

    private static final Pattern VARIABLE = Pattern.compile("\\{([^/}:]+)(?::([^}]*))?}");

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
    MockMvc web;

    @Autowired
    HouseholdService households;

    @Autowired
    AccessTokens tokens;

    @Autowired
    JdbcTemplate database;

    @Autowired
    List<RequestMappingHandlerMapping> mappings;

    /** @param takesIds whether a field of it may name something, beside what stands in its path */
    private record Door(HttpMethod method, String path, Set<String> fields, boolean takesIds) {

        /** Nothing to fill in for a look; where no field names anything, one id of the list in each is as good as all of them. */
        Collection<String> tried(Collection<String> ids, int turn) {
            if (method == HttpMethod.GET) {
                return List.of("");
            }
            return takesIds ? ids : List.of(List.copyOf(ids).get(turn % ids.size()));
        }
    }

    @Test
    void noAddressOpensForAnotherHouseholdsIds() throws Exception {
        Map<String, List<String>> owned = rows();
        String name = "stranger" + UUID.randomUUID();
        households.createAnother("Lantern Walkers", name, "four plain words here");
        Member stranger = households.loadUserByUsername(name);
        String token = tokens.make(name, "stranger");
        Map<String, String> ids = idsOfTheSample();
        assertThat(ids).containsKeys("TRIP", "KIT", "PERSON", "STOCK_LOT", "STOCK_PLACE", "LOG_ENTRY");
        List<String> wrong = new ArrayList<>();
        List<Door> doors = doors();
        assertThat(doors).hasSizeGreaterThan(100);
        for (Door door : doors) {
            int turn = 0;
            for (String path : paths(door.path(), ids.values())) {
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
        Map<String, List<String>> after = rows();
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
            request.with(user(stranger)).with(csrf());
        }
        if (!field.isEmpty()) {
            door.fields().forEach(f -> request.param(f, field));
        }
        return web.perform(request).andReturn().getResponse();
    }

    /** One id of every kind of thing that the sample household owns. */
    private Map<String, String> idsOfTheSample() {
        UUID sample = database.queryForObject("select id from household where name = 'Tidewrack Paddlers'", UUID.class);
        Map<String, String> ids = new LinkedHashMap<>();
        for (String table : tables()) {
            List<String> columns = columns(table);
            if (columns.contains("HOUSEHOLD_ID") && columns.contains("ID")) {
                database.queryForList("select id from " + table + " where household_id = ? limit 1", sample).stream()
                        .findFirst()
                        .ifPresent(row -> ids.put(table, String.valueOf(row.get("ID"))));
            }
        }
        return ids;
    }

    private List<String> tables() {
        return database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC' order by 1",
                String.class);
    }

    private List<String> columns(String table) {
        return database.queryForList(
                "select column_name from information_schema.columns where table_name = ?", String.class, table);
    }

    /** Every row of every table, as text. */
    private Map<String, List<String>> rows() {
        Map<String, List<String>> rows = new TreeMap<>();
        for (String table : tables()) {
            rows.put(
                    table,
                    database.queryForList("select * from \"" + table + "\"").stream()
                            .map(ForeignDoorsTest::line)
                            .toList());
        }
        return rows;
    }

    private static String line(Map<String, Object> row) {
        Map<String, Object> line = new HashMap<>(row);
        line.replaceAll((k, v) -> v instanceof byte[] bytes ? Arrays.hashCode(bytes) : v);
        return new TreeMap<>(line).toString();
    }

    private List<Door> doors() {
        List<Door> doors = new ArrayList<>();
        for (RequestMappingHandlerMapping mapping : mappings) {
            mapping.getHandlerMethods().forEach((info, handler) -> {
                Set<String> fields = new TreeSet<>(Set.of("place", "kit", "lot", "trip", "person", "id", "back"));
                boolean takesIds = false;
                for (Parameter parameter : handler.getMethod().getParameters()) {
                    fields.add(parameter.getName());
                    takesIds |= mayNameSomething(parameter);
                }
                Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
                for (String path : info.getPatternValues()) {
                    for (RequestMethod method : methods.isEmpty() ? Set.of(RequestMethod.GET) : methods) {
                        doors.add(new Door(method.asHttpMethod(), path, fields, takesIds));
                    }
                }
            });
        }
        return doors.stream()
                .filter(d -> !d.path().contains("sign-out") && !d.path().contains("sample-tour"))
                .filter(d -> !d.path().equals("/error"))
                // The token is the asker's own, whatever trip stands in the address.
                .filter(d -> !d.path().endsWith("/trail/token"))
                .distinct()
                .toList();
    }

    /** A text, an id, a form or a body; not what stands in the path, a choice of a list, or what the server itself hands in. */
    private static boolean mayNameSomething(Parameter parameter) {
        Class<?> type = parameter.getType();
        boolean sent = parameter.isAnnotationPresent(RequestParam.class)
                || parameter.isAnnotationPresent(RequestBody.class)
                || type.getName().startsWith("hodeon.app.") && type != Member.class && type != DeviceZone.class;
        return sent && !type.isEnum() && !type.isPrimitive() && !parameter.isAnnotationPresent(PathVariable.class);
    }

    /** Every variable is an id of the sample's, or a word it may be. */
    private static List<String> paths(String pattern, Collection<String> ids) {
        Matcher variable = VARIABLE.matcher(pattern);
        if (!variable.find()) {
            return List.of(pattern);
        }
        String choices = variable.group(2) == null ? "" : variable.group(2);
        List<String> paths = new ArrayList<>();
        for (String value : choices.matches("[a-z|]+") ? List.of(choices.split("\\|")[0]) : ids) {
            paths.addAll(paths(variable.replaceFirst(Matcher.quoteReplacement(value)), ids));
        }
        return paths;
    }
}
