package hodeon.app.household.door;

import hodeon.app.household.Right;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/**
 * Every address and the right it needs, the first that fits: what is not named is a page that whoever may look may see, or a change
 * that only whoever plans may make. So a new address is closed to helpers until somebody opens it here.
 */
final class Doors {

    /** @param pattern a star is one step of the address, two are the rest */
    record Door(HttpMethod method, String pattern, Right right) {}

    private static final HttpMethod GET = HttpMethod.GET;
    private static final HttpMethod POST = HttpMethod.POST;

    /** Anybody who is signed in, also those who belong to no household. */
    static final List<String> OWN =
            List.of("/account/**", "/join/**", "/join", "/households", "/households/**", "/help");

    static final List<Door> ALL = Stream.of(
                    all(Right.KEEP, "/backup/**", "/settings/members/**", "/settings/audit", "/simulated/outbox"),
                    all(
                            Right.PEOPLE,
                            "/people/**",
                            "/doses/**",
                            "/settings/history/**",
                            "/house-sheet/**",
                            "/house-sheet.pdf",
                            "/dispensed/**",
                            "/dispensed.csv",
                            "/trips/*/mat/carry/**",
                            "/trips/*/debrief/**",
                            "/kits/*/care/**",
                            "/kits/*/papers/person/**",
                            "/trips/*/medicines/**",
                            "/trips/*/country-notes/**",
                            "/trips/*/brief/**",
                            "/trips/*/cards/**",
                            "/trips/*/cards.pdf",
                            "/trips/*/log.csv"),
                    all(Right.PLAN, "/trips/new", "/standing/**"),
                    post(Right.LOOK, "/locked/look"),
                    post(Right.LOG, "/trips/*/log", "/trips/*/trail"),
                    post(Right.TAKE, "/t/*"),
                    post(Right.CHECK, "/stock/checks/**"),
                    post(Right.STOCK, "/stock/**", "/restock/**", "/kits/*/put", "/kits/*/moves", "/simulated/**"),
                    post(Right.LOOK, "/practice/**"),
                    post(Right.PLAN, "/**"),
                    all(Right.LOOK, "/**"))
            .flatMap(List::stream)
            .toList();

    /** Where a lot is used, moved, opened or thrown away; to use it one need not be allowed the rest. */
    static final String LOT = "/stock/lots/*";

    private static final PathPatternRequestMatcher OF_A_LOT =
            PathPatternRequestMatcher.withDefaults().matcher(POST, LOT);

    private Doors() {}

    /** Whether somebody takes something out of what is there. */
    static boolean takes(HttpServletRequest request) {
        return OF_A_LOT.matches(request) && "USE".equals(request.getParameter("do"));
    }

    private static List<Door> all(Right right, String... patterns) {
        return Stream.of(patterns)
                .flatMap(p -> Stream.of(
                        new Door(GET, p, right), new Door(HttpMethod.HEAD, p, right), new Door(POST, p, right)))
                .toList();
    }

    private static List<Door> post(Right right, String... patterns) {
        return Stream.of(patterns).map(p -> new Door(POST, p, right)).toList();
    }
}
