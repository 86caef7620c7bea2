package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.storage.seal.Seal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;

/** Every page of the sample household in ounces, fahrenheit and dotted dates; every file as it was. */
abstract class StyledPages extends DemoHouse {

    /**
     * A weight in grams, a temperature in °C, a day in ISO form: what such a household reads nowhere. What is printed on a tube, a dose
     * and the figures of the assumptions stay as they are.
     */
    private static final Pattern METRIC = Pattern.compile(
            "(?<!cream, |ointment, |powder, |gel, )\\b\\d[\\d,.]* g\\b|\\d °C|\\b20\\d\\d-\\d\\d(-\\d\\d)?\\b");

    /** What may be typed into a field stays in the form that every field takes. */
    private static final Pattern EXAMPLES =
            Pattern.compile("Like: \\S+|such as “[^”]*”|\\([^()]*; empty if nothing is printed\\)|Example: “[^”]*”");

    private static final List<String> DOSES = List.of(
            "/aid/supplies",
            "/trips/{id}/trail",
            "/assumptions",
            "/medicines",
            "/practice/{kit}",
            "/practice/{kit}/group");

    @Test
    void everyPageIsInTheStyleOfTheHouseAndEveryFileStaysMetric() throws Exception {
        Member keeper = as(Role.KEEPER);
        Kinds kinds = Kinds.ofTheSample(database);
        Map<String, String> files = new TreeMap<>();
        choose(keeper, "GRAMS", "CELSIUS", "ISO");
        for (String file : List.of("/stock/stock.csv", "/restock/list.csv", "/restock/prices.csv")) {
            files.put(file, knock(keeper, HttpMethod.GET, file).getContentAsString());
        }
        choose(keeper, "OUNCES", "FAHRENHEIT", "DOTTED");
        Set<String> wrong = new TreeSet<>();
        int opened = 0;
        for (Addresses.Door door : Addresses.of(mappings)) {
            if (door.method() != HttpMethod.GET || door.path().startsWith("/api/")) {
                continue;
            }
            String path = door.with(kinds::own);
            MockHttpServletResponse answer = knock(keeper, HttpMethod.GET, path);
            if (answer.getStatus() < 300
                    && String.valueOf(answer.getContentType()).startsWith("text/html")) {
                opened++;
                String page =
                        EXAMPLES.matcher(read(answer.getContentAsString())).replaceAll("");
                if (page.contains(Seal.UNREADABLE)) {
                    wrong.add(door.path() + " shows what cannot be read");
                }
                Matcher found = METRIC.matcher(page);
                while (found.find()) {
                    if (!found.group().endsWith(" g") || !DOSES.contains(door.path())) {
                        wrong.add(page.substring(Math.max(0, found.start() - 40), found.end()) + " on " + door.path());
                    }
                }
            }
        }
        assertThat(opened).isGreaterThan(60);
        assertThat(wrong).isEmpty();
        for (Map.Entry<String, String> file : files.entrySet()) {
            assertThat(knock(keeper, HttpMethod.GET, file.getKey()).getContentAsString())
                    .as(file.getKey())
                    .isEqualTo(file.getValue());
        }
    }

    private static String read(String html) {
        Document page = Jsoup.parse(html);
        page.select("[translate=no], script, style, textarea, code, pre").remove();
        return page.text();
    }
}
