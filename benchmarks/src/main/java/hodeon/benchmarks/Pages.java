package hodeon.benchmarks;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.HdrHistogram.Histogram;

/**
 * What the pages of a running demo weigh, cold with every file they name and warm without, and how long one plus or minus
 * on the mat takes until its effect has come.
 */
public final class Pages {

    private static final int CHANGES = 200;
    private static final int WARM_UP = 60;
    private static final Pattern FILES =
            Pattern.compile("(?:src|href)=\"(/(?:assets|webjars)/[^\"#]+)|url\\(\"?([^\")]+\\.(?:woff2|svg))");

    private Pages() {}

    /** @param arguments the port of a demo on this machine */
    public static void main(String[] arguments) throws Exception {
        Visitor visitor = new Visitor(Integer.parseInt(arguments[0]));
        String trip = visitor.trip("Skerry ring");
        for (String path : List.of(
                "/",
                "/supplies",
                trip + "/brief",
                trip + "/odds",
                trip + "/mat",
                trip + "/mat?all=yes",
                trip + "/mat/answers",
                trip + "/mat/curve",
                trip + "/mat/prune",
                trip + "/mat/prune/pass",
                trip + "/mat/compare",
                trip + "/mat/rehearse",
                trip + "/mat/sort",
                trip + "/mat/carry",
                trip + "/kit")) {
            Visitor.Page page = visitor.get(path);
            System.out.printf(
                    "%-22s cold %4.0f kB, warm %3.0f kB%n",
                    path.replace(trip, "…"),
                    (page.transferred() + files(visitor, path, page.text())) / 1000.0,
                    page.transferred() / 1000.0);
        }
        changes(visitor, trip + "/mat");
    }

    /** Bytes of everything a page names, and what that names again. */
    private static long files(Visitor visitor, String path, String text) throws Exception {
        Set<String> seen = new HashSet<>();
        Deque<String[]> open = new ArrayDeque<>(List.of(new String[][] {{path, text}}));
        long bytes = 0;
        while (!open.isEmpty()) {
            String[] from = open.pop();
            Matcher files = FILES.matcher(from[1]);
            while (files.find()) {
                String file = files.group(1) != null
                        ? files.group(1)
                        : java.net.URI.create(from[0]).resolve(files.group(2)).toString();
                // Letters of the extended range are fetched only by a page that shows one.
                if (!file.contains("latin-ext") && seen.add(file)) {
                    Visitor.Page page = visitor.get(file);
                    bytes += page.transferred();
                    open.push(new String[] {file, file.endsWith(".css") ? page.text() : ""});
                }
            }
        }
        return bytes;
    }

    private static void changes(Visitor visitor, String mat) throws Exception {
        String page = visitor.get(mat).text();
        Histogram micros = new Histogram(3);
        for (int i = 0; i < WARM_UP + CHANGES; i++) {
            String form = "supply=gauze-large&version=" + Visitor.first("name=\"version\" value=\"(-?\\d+)\"", page)
                    + "&_csrf=" + Visitor.first("name=\"_csrf\" value=\"([^\"]+)\"", page);
            long start = System.nanoTime();
            page = visitor.post(mat + (i % 2 == 0 ? "/plus" : "/minus"), form).text();
            if (i >= WARM_UP) {
                micros.recordValue((System.nanoTime() - start) / 1000);
            }
        }
        System.out.printf(
                "one plus or minus, sent, written, and the new mat answered: median %.0f ms, 95th percentile %.0f ms%n",
                micros.getValueAtPercentile(50) / 1000.0, micros.getValueAtPercentile(95) / 1000.0);
    }
}
