package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UnsupportedEncodingException;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.ResultMatcher;

/**
 * What a page says to whoever reads or hears it: its text as a document, however its lines are broken, the values of its fields, its
 * labels, and where its links lead.
 */
public final class PageText {

    private static final List<String> SAID_BY = List.of("value", "aria-label", "alt", "href");

    private PageText() {}

    public static ResultMatcher says(String... words) {
        return result -> assertThat(text(result)).contains(words);
    }

    public static ResultMatcher doesNotSay(String... words) {
        return result -> assertThat(text(result)).doesNotContain(words);
    }

    /** A field of this name holds this value. */
    public static ResultMatcher field(String name, String value) {
        return result -> assertThat(values(result, name)).as("%s", name).contains(value);
    }

    public static ResultMatcher noField(String name, String value) {
        return result -> assertThat(values(result, name)).as("%s", name).doesNotContain(value);
    }

    /** Names and values of a form as a browser sends them: empty fields too, boxes only where they are ticked. */
    public static String[] sent(MvcResult result, String form) throws UnsupportedEncodingException {
        Document page = Jsoup.parse(result.getResponse().getContentAsString());
        return page.expectForm(form).formData().stream()
                .filter(f -> !f.key().equals("_csrf"))
                .flatMap(f -> Stream.of(f.key(), f.value()))
                .toArray(String[]::new);
    }

    private static List<String> values(MvcResult result, String name) throws UnsupportedEncodingException {
        return Jsoup.parse(result.getResponse().getContentAsString()).getElementsByAttributeValue("name", name).stream()
                .map(Element::val)
                .toList();
    }

    private static String text(MvcResult result) throws UnsupportedEncodingException {
        Document page = Jsoup.parse(result.getResponse().getContentAsString());
        return Stream.concat(
                        Stream.of(page.text()),
                        page.select("[value], [aria-label], [alt], [href]").stream()
                                .flatMap(e -> SAID_BY.stream().map(e::attr)))
                .filter(said -> !said.isEmpty())
                .collect(Collectors.joining("\n"));
    }
}
