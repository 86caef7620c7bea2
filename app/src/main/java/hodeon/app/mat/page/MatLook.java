package hodeon.app.mat.page;

import hodeon.app.shell.Texts;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * How somebody looks at the mat. It stands in the address, so that a link, a reload and every small form keep it; what
 * makes no sense there is ignored.
 *
 * @param by what tiles are drawn to scale by
 * @param problem only what could do something about this problem; empty for all
 * @param group only this group; empty for all
 * @param person only what this person could need more than others; empty for all
 * @param severity only what could do something about problems of this severity; 0 for all
 * @param all also what stays out, each in its place
 * @param zoom 1 small, 2 normal, 3 large
 */
record MatLook(Measure by, String problem, String group, String person, int severity, boolean all, int zoom) {

    static final int SMALL = 1;
    static final int NORMAL = 2;
    static final int LARGE = 3;

    /** As it stands in the address; null where it says nothing. */
    record Asked(
            @Nullable String by,
            @Nullable String problem,
            @Nullable String group,
            @Nullable String person,
            @Nullable String severity,
            @Nullable String all,
            @Nullable String zoom) {

        static final Asked NOTHING = new Asked(null, null, null, null, null, null, null);
    }

    static MatLook of(Asked asked) {
        return new MatLook(
                measure(Texts.given(asked.by())),
                Texts.given(asked.problem()),
                Texts.given(asked.group()),
                Texts.given(asked.person()),
                digit(Texts.given(asked.severity()), 1, 5, 0),
                asked.all() != null,
                digit(Texts.given(asked.zoom()), SMALL, LARGE, NORMAL));
    }

    public boolean filters() {
        return !problem.isEmpty() || !group.isEmpty() || !person.isEmpty() || severity > 0;
    }

    public MatLook withoutFilters() {
        return new MatLook(by, "", "", "", 0, all, zoom);
    }

    /** What differs from the plain look, by name. */
    Map<String, String> parameters() {
        Map<String, String> parameters = new TreeMap<>();
        if (by != Measure.MASS) {
            parameters.put("by", by.word());
        }
        put(parameters, "problem", problem);
        put(parameters, "group", group);
        put(parameters, "person", person);
        put(parameters, "severity", severity == 0 ? "" : Integer.toString(severity));
        put(parameters, "all", all ? "yes" : "");
        put(parameters, "zoom", zoom == NORMAL ? "" : Integer.toString(zoom));
        return parameters;
    }

    private static void put(Map<String, String> parameters, String name, String value) {
        if (!value.isEmpty()) {
            parameters.put(name, value);
        }
    }

    /** What to add to an address to keep this look: empty, or {@code ?by=volume&…}, encoded. */
    public String query() {
        UriComponentsBuilder address = UriComponentsBuilder.newInstance();
        parameters().keySet().forEach(name -> address.queryParam(name, "{" + name + "}"));
        return address.encode().buildAndExpand(parameters()).toUriString();
    }

    public List<Measure> measures() {
        return List.of(Measure.values());
    }

    /** The same, to be followed by one more parameter. */
    public String queryAnd() {
        return query().isEmpty() ? "?" : query() + "&";
    }

    private static Measure measure(String word) {
        for (Measure measure : Measure.values()) {
            if (measure.word().equals(word.toLowerCase(Locale.ROOT))) {
                return measure;
            }
        }
        return Measure.MASS;
    }

    private static int digit(String typed, int least, int most, int otherwise) {
        return typed.matches("\\d") && Integer.parseInt(typed) >= least && Integer.parseInt(typed) <= most
                ? Integer.parseInt(typed)
                : otherwise;
    }
}
