package hodeon.app.catalogue.problem;

import hodeon.app.catalogue.OwnKey;
import hodeon.app.catalogue.OwnProblems.Described;
import hodeon.app.catalogue.OwnProblems.NewAbility;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.RepeatedFields;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Severity;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.procedure.Procedure;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Turns what was typed about a problem into the text that it is kept as, with every fault told at once. */
final class TypedProblem {

    private static final int MOST_ROWS = 12;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_WORDS = 200;
    private static final int MOST_USES = 50;
    private static final int MOST_DAYS = 60;
    private static final int MOST_COUNTED = 10_000;
    private static final BigDecimal LEAST_TIMES = new BigDecimal("0.001");

    private final ProblemForm form;
    private final Catalogue known;
    private final Faults faults;
    private final FieldReader fields;
    private final Map<String, String> abilities = new LinkedHashMap<>();
    private final List<NewAbility> added = new ArrayList<>();

    /** @param faults where everything is added that cannot be read */
    TypedProblem(ProblemForm form, Catalogue known, Faults faults) {
        this.form = form;
        this.known = known;
        this.faults = faults;
        this.fields = new FieldReader(faults);
        known.capabilities().forEach(c -> abilities.put(c.name().toLowerCase(Locale.ROOT), c.id()));
    }

    /** What the form comes to. @param abilities that are new */
    record Read(Described problem, List<NewAbility> abilities) {}

    /** Empty where there is a fault. @param today when it was written */
    Optional<Read> read(LocalDate today) {
        fields.line("name", form.name(), "What could happen", LONGEST_NAME);
        List<String> text = new ArrayList<>(List.of("name = " + form.name()));
        text.add("severity = " + fields.whole("severity", form.severity(), 1, Severity.WORST, "How bad it is"));
        text.add(counted());
        needs(text, "activity", fields.choices("activity", sent(form.activity()), "An activity", Activity.class));
        needs(
                text,
                "environment",
                fields.choices("environment", sent(form.environment()), "A surrounding", Environment.class));
        text.addAll(steps());
        List<String> words = words(today);
        if (!faults.none()) {
            return Optional.empty();
        }
        String id = form.id().isEmpty()
                ? OwnKey.newId(
                        "own " + form.name(),
                        "own-problem",
                        known.problems().stream().map(Problem::id).toList())
                : form.id();
        return Optional.of(new Read(new Described(id, form.name(), section(id, text), section(id, words)), added));
    }

    private String counted() {
        BigDecimal times = fields.decimal(
                "times", form.times(), LEAST_TIMES, BigDecimal.valueOf(MOST_COUNTED), "How often it happened", 3, "");
        return "counted = " + times.toPlainString() + " times to "
                + fields.whole("people", form.people(), 1, MOST_COUNTED, "The number of people") + " people in "
                + fields.whole("days", form.days(), 1, MOST_COUNTED, "The number of days") + " days";
    }

    private static <E extends Enum<E>> void needs(List<String> text, String kind, Set<E> chosen) {
        if (!chosen.isEmpty()) {
            text.add("needs = "
                    + chosen.stream().map(c -> Tag.of(kind, c).toString()).collect(Collectors.joining(" ")));
        }
    }

    private List<String> steps() {
        List<String> steps = new ArrayList<>();
        for (int row = 0; row < Math.min(MOST_ROWS, sent(form.what()).size()); row++) {
            if (!form.whatAt(row).isEmpty()) {
                steps.add(step(row));
            }
        }
        if (steps.isEmpty()) {
            faults.add(
                    "what",
                    "",
                    "a problem takes at least one thing to be done",
                    "Choose it from the list, or say it in your own words");
        }
        return steps;
    }

    private String step(int row) {
        String words = form.whatAt(row);
        fields.line("what", words, "What has to be done", LONGEST_NAME);
        int first = fields.whole("uses", form.usesAt(row), 1, MOST_USES, "How many times “" + words + "” at first");
        ProblemForm.Again again = fields.choice(
                "again", form.againAt(row), "Whether “" + words + "” is done again", ProblemForm.Again.class);
        String repeat = again.heals()
                ? again.written()
                        .replace(
                                "H",
                                String.valueOf(fields.whole(
                                        "heals",
                                        form.healsAt(row),
                                        1,
                                        MOST_DAYS,
                                        "The days until “" + words + "” is healed")))
                : again.written();
        Importance matters =
                fields.choice("matters", form.mattersAt(row), "How much “" + words + "” matters", Importance.class);
        return "step = " + ability(words) + " | " + first + " | " + repeat
                + (again == ProblemForm.Again.ONCE ? "" : " x " + first) + " | " + Tag.idOf(matters);
    }

    /** The id of what goes by these words; what nobody knew is new. */
    private String ability(String words) {
        return abilities.computeIfAbsent(words.toLowerCase(Locale.ROOT), w -> {
            List<String> taken = new ArrayList<>(
                    known.capabilities().stream().map(Capability::id).toList());
            added.forEach(a -> taken.add(a.id()));
            added.add(new NewAbility(OwnKey.newId("own " + words, "own-ability", taken), words, "use"));
            return added.getLast().id();
        });
    }

    private List<String> words(LocalDate today) {
        List<String> lines =
                form.todo().lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
        if (lines.isEmpty() || lines.size() > Procedure.MOST_LINES) {
            faults.add(
                    "todo",
                    String.valueOf(lines.size()),
                    "what to do has 1 to " + Procedure.MOST_LINES + " lines",
                    lines.isEmpty() ? "Write what the one who finds it does first" : "Leave out what can wait");
        }
        List<String> text = new ArrayList<>();
        lines.forEach(l -> text.add("do = " + fields.line("todo", l, "A line of what to do", LONGEST_WORDS)));
        said(text, "watch", "watch", form.watch(), "What to watch for");
        said(text, "byHand", "by-hand", form.byHand(), "What to do without any gear");
        said(text, "call", "call", form.call(), "When to call for help");
        text.add("written = " + today);
        return text;
    }

    private void said(List<String> text, String field, String key, String typed, String what) {
        if (!fields.lineOrNothing(field, typed, what, LONGEST_WORDS).isEmpty()) {
            text.add(key + " = " + typed);
        }
    }

    private static String section(String id, List<String> lines) {
        return "[" + id + "]\n" + String.join("\n", lines) + "\n";
    }

    private static List<String> sent(@Nullable List<String> values) {
        return RepeatedFields.sent(values);
    }
}
