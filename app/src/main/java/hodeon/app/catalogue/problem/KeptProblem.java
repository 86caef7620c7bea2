package hodeon.app.catalogue.problem;

import hodeon.app.catalogue.OwnProblems.Described;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Tag;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** A problem as it is kept, back in its form. */
final class KeptProblem {

    private static final Pattern COUNTED = Pattern.compile("(\\S+) times to (\\S+) people in (\\S+) days");
    private static final Pattern REPEATED = Pattern.compile("(.*?)(?: x \\d+)?");
    private static final Pattern HEALS = Pattern.compile("heal (\\d+) d");

    private KeptProblem() {}

    /** A row of what has to be done. */
    private record Row(String what, String uses, ProblemForm.Again again, String heals, Importance matters) {}

    static ProblemForm form(Described kept, Catalogue catalogue) {
        Matcher counted = COUNTED.matcher(first(kept.text(), "counted"));
        boolean read = counted.matches();
        List<Row> rows =
                all(kept.text(), "step").map(step -> row(step, catalogue)).toList();
        return new ProblemForm(
                kept.id(),
                kept.name(),
                first(kept.text(), "severity"),
                read ? counted.group(1) : "",
                read ? counted.group(2) : "",
                read ? counted.group(3) : "",
                needs(kept.text(), "activity"),
                needs(kept.text(), "environment"),
                rows.stream().map(Row::what).toList(),
                rows.stream().map(Row::uses).toList(),
                rows.stream().map(r -> r.again().name()).toList(),
                rows.stream().map(Row::heals).toList(),
                rows.stream().map(r -> r.matters().name()).toList(),
                String.join("\n", all(kept.words(), "do").toList()),
                first(kept.words(), "watch"),
                first(kept.words(), "by-hand"),
                first(kept.words(), "call"));
    }

    private static Row row(String step, Catalogue catalogue) {
        String[] parts = step.split(" \\| ");
        Matcher repeated = REPEATED.matcher(parts[2]);
        String written = repeated.matches() ? repeated.group(1) : parts[2];
        Matcher heals = HEALS.matcher(written);
        String days = heals.find() ? heals.group(1) : "";
        return new Row(
                catalogue.capabilities().stream()
                        .filter(c -> c.id().equals(parts[0]))
                        .map(Capability::name)
                        .findFirst()
                        .orElse(parts[0]),
                parts[1],
                Arrays.stream(ProblemForm.Again.values())
                        .filter(a -> a.written().replace("H", days).equals(written))
                        .findFirst()
                        .orElse(ProblemForm.Again.ONCE),
                days,
                Importance.valueOf(parts[3].toUpperCase(Locale.ROOT)));
    }

    /** Constants' names of the tags of one kind. */
    private static List<String> needs(String text, String kind) {
        return all(text, "needs")
                .flatMap(line -> Stream.of(line.split(" ")))
                .map(Tag::parse)
                .filter(t -> t.kind().equals(kind))
                .map(t -> t.value().toUpperCase(Locale.ROOT).replace('-', '_'))
                .toList();
    }

    private static Stream<String> all(String text, String key) {
        return text.lines().filter(l -> l.startsWith(key + " = ")).map(l -> l.substring(key.length() + " = ".length()));
    }

    private static String first(String text, String key) {
        return all(text, key).findFirst().orElse("");
    }
}
