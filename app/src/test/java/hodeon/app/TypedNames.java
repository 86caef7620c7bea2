package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.people.PeopleService;
import hodeon.app.people.Profile;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;

/**
 * What a person typed is shown as typed, on every page, file and paper: names that look like dates, weights, temperatures, terms of the
 * craft, markup, places of a sentence and keys of the message files, in a household that reads in other units and dates than it keeps.
 */
abstract class TypedNames extends DemoHouse {

    private static final String LIKE_EVERYTHING = "heat 2027-03-09 39 °C 500 g <b>x</b> {0} #{brief.save} 1 lot";

    /** Each begins with letters that stand nowhere else, so that every place is found where it is shown, whole or not. */
    private static final Map<String, String> COLUMNS = Map.of(
            "household.name", "Zqxa",
            "trip.name", "Zqxb",
            "stock_place.name", "Zqxc",
            "kit.name", "Zqxd",
            "stock_lot.product", "Zqxg",
            "stock_movement.why", "Zqxh");

    private static final String PERSON = "Zqxe";

    private static final List<String> MARKS =
            Stream.concat(COLUMNS.values().stream(), Stream.of(PERSON)).toList();

    @Autowired
    PeopleService people;

    /** One of the people is called and described like that as well. */
    private void named(UUID household) {
        PeopleService.Known known = people.all(household).getFirst();
        Profile p = known.profile();
        String typed = PERSON + "1 " + LIKE_EVERYTHING;
        people.change(
                household,
                known.id(),
                known.version(),
                new Profile(
                        p.dog(),
                        typed,
                        p.born(),
                        p.years(),
                        p.yearsOn(),
                        p.months(),
                        p.kilograms(),
                        p.weighedOn(),
                        p.training(),
                        p.allergies(),
                        p.reactsTo(),
                        p.conditions(),
                        p.rescue(),
                        p.regular(),
                        p.directions(),
                        p.contacts(),
                        typed));
    }

    @Test
    void whatSomebodyTypedIsShownAsTypedEverywhere() throws Exception {
        Member keeper = as(Role.KEEPER);
        Kinds kinds = Kinds.ofTheSample(database);
        choose(keeper, "OUNCES", "FAHRENHEIT", "DOTTED");
        COLUMNS.forEach((column, mark) -> {
            String[] of = column.split("\\.");
            // Two things of a kind may have to have two names.
            database.update(
                    "update " + of[0] + " set " + of[1] + " = '" + mark + "' || rownum() || ?", " " + LIKE_EVERYTHING);
        });
        named(keeper.householdId());
        Set<String> changed = new TreeSet<>();
        Map<String, Integer> shown = new TreeMap<>();
        for (Addresses.Door door : Addresses.of(mappings)) {
            if (door.method() == HttpMethod.GET) {
                MockHttpServletResponse answer = knock(keeper, door.method(), door.with(kinds::own));
                if (answer.getStatus() < 300) {
                    look(read(answer), door.path(), changed, shown);
                }
            }
        }
        assertThat(changed).isEmpty();
        assertThat(shown.keySet()).containsAll(MARKS);
        assertThat(shown.values().stream().mapToInt(Integer::intValue).sum()).isGreaterThan(300);
    }

    private void look(String text, String path, Set<String> changed, Map<String, Integer> shown) {
        String whole = bare(LIKE_EVERYTHING);
        for (String mark : MARKS) {
            for (int at = text.indexOf(mark); at >= 0; at = text.indexOf(mark, at + 1)) {
                int begin = at + mark.length();
                while (begin < text.length() && Character.isDigit(text.charAt(begin))) {
                    begin++;
                }
                if (begin == at + mark.length()) {
                    continue;
                }
                String rest = text.substring(begin, Math.min(text.length(), begin + whole.length()));
                int cut = rest.replace("...", "…").indexOf('…');
                if (rest.equals(whole) || cut >= 0 && whole.startsWith(rest.substring(0, cut))) {
                    shown.merge(mark, 1, Integer::sum);
                } else {
                    changed.add(path + " shows " + text.substring(at, begin) + rest);
                }
            }
        }
    }

    /** Lines break where they must, so space does not count. */
    private static String bare(String text) {
        return text.replaceAll("[\\s\u00a0\u00ad\u200b]+", "");
    }

    private static String read(MockHttpServletResponse answer) throws IOException {
        String type = String.valueOf(answer.getContentType());
        if (!type.startsWith("text/html")) {
            boolean readable = type.startsWith("text/") || type.contains("json") || type.startsWith("application/pdf");
            return readable ? bare(AnswerText.of(answer)) : "";
        }
        Document page = Jsoup.parse(answer.getContentAsString());
        page.select("script, style, input[type=hidden]").remove();
        return bare(Stream.concat(
                        Stream.of(page.wholeText()),
                        List.of("aria-label", "title", "alt", "placeholder", "value").stream()
                                .flatMap(a -> page.select("[" + a + "]").eachAttr(a).stream()))
                .collect(Collectors.joining(" | ")));
    }
}
