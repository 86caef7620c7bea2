package hodeon.app;

import hodeon.app.household.Member;
import hodeon.app.shell.DeviceZone;
import java.lang.reflect.Parameter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address of the house, and what the sample household keeps behind them. */
final class Addresses {

    private static final Pattern VARIABLE = Pattern.compile("\\{([^/}:]+)(?::([^}]*))?}");

    private Addresses() {}

    /** @param takesIds whether a field of it may name something, beside what stands in its path */
    record Door(HttpMethod method, String path, Set<String> fields, boolean takesIds) {

        /** The prefixes of its path that end in a variable which is no choice of words: /people/{id}, /people/{id}/clock/{dose}. */
        List<String> variables() {
            return VARIABLE.matcher(path)
                    .results()
                    .filter(v -> v.group(2) == null)
                    .map(v -> plain(path.substring(0, v.end())))
                    .toList();
        }

        /** Every variable filled with what is given for its prefix; one of a few words with the first of them. */
        String with(Function<String, String> value) {
            Matcher variable = VARIABLE.matcher(path);
            StringBuilder filled = new StringBuilder();
            while (variable.find()) {
                String choices = variable.group(2) == null ? "" : variable.group(2);
                variable.appendReplacement(
                        filled,
                        Matcher.quoteReplacement(
                                choices.isEmpty()
                                        ? value.apply(plain(path.substring(0, variable.end())))
                                        : choices.split("\\|")[0].replace("\\", "")));
            }
            return variable.appendTail(filled).toString();
        }

        /** Without what its variables may be, and without the version that calls of programs begin with. */
        private static String plain(String path) {
            return VARIABLE.matcher(path).replaceAll("{$1}").replaceFirst("^/api/v1", "");
        }
    }

    static List<Door> of(List<RequestMappingHandlerMapping> mappings) {
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

    static List<String> tables(JdbcTemplate database) {
        return database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC' order by 1",
                String.class);
    }

    static List<String> columns(JdbcTemplate database, String table) {
        return database.queryForList(
                "select column_name from information_schema.columns where table_name = ?", String.class, table);
    }

    /** Every row of every table, as text. */
    static Map<String, List<String>> rows(JdbcTemplate database) {
        Map<String, List<String>> rows = new TreeMap<>();
        for (String table : tables(database)) {
            rows.put(
                    table,
                    database.queryForList("select * from \"" + table + "\"").stream()
                            .map(Addresses::line)
                            .toList());
        }
        return rows;
    }

    private static String line(Map<String, Object> row) {
        Map<String, Object> line = new HashMap<>(row);
        line.replaceAll((k, v) -> v instanceof byte[] bytes ? Arrays.hashCode(bytes) : v);
        return new TreeMap<>(line).toString();
    }
}
