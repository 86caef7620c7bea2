package hodeon.app.catalogue.problem;

import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Texts;
import hodeon.core.catalogue.Importance;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A problem of one's own as it is typed into a form. It is kept as text in the format of the reference files, so that odds, mats and
 * papers read it as they read those that ship.
 *
 * @param id empty for a new one
 * @param times how often it happened, to so many {@code people} in so many {@code days}
 * @param activity ids of activities, on one of which it can happen; none for all, and likewise {@code environment}
 * @param what what has to be done, in the words of a capability, one a row; with {@code uses} at first, {@code again} in the words of
 *     {@link Again}, days until it is healed, and how much it {@code matters}
 * @param todo what to do, a line for each thing
 */
public record ProblemForm(
        String id,
        String name,
        String severity,
        String times,
        String people,
        String days,
        @Nullable List<String> activity,
        @Nullable List<String> environment,
        @Nullable List<String> what,
        @Nullable List<String> uses,
        @Nullable List<String> again,
        @Nullable List<String> heals,
        @Nullable List<String> matters,
        String todo,
        String watch,
        String byHand,
        String call) {

    private static final int LEAST_ROWS = 3;

    public ProblemForm {
        id = Texts.given(id).strip();
        name = Texts.given(name).strip();
        severity = Texts.given(severity);
        times = Texts.given(times).strip();
        people = Texts.given(people).strip();
        days = Texts.given(days).strip();
        todo = Texts.given(todo).strip();
        watch = Texts.given(watch).strip();
        byHand = Texts.given(byHand).strip();
        call = Texts.given(call).strip();
    }

    static final ProblemForm NEW =
            new ProblemForm("", "", "2", "", "", "", null, null, null, null, null, null, null, "", "", "", "");

    /** How a step goes on after the first uses. @param written as problems.txt has it, with H for the days until it is healed */
    enum Again {
        ONCE("not again", "once"),
        DAILY("every day until it is healed", "redress 1 d heal H d"),
        SECOND_DAY("every 2 days until it is healed", "redress 2 d heal H d"),
        THIRD_DAY("every 3 days until it is healed", "redress 3 d heal H d"),
        FOUR_HOURS("every 4 hours until help is reached", "every 4 h until care"),
        EIGHT_HOURS("every 8 hours until help is reached", "every 8 h until care"),
        TWELVE_HOURS("every 12 hours until help is reached", "every 12 h until care");

        private final String label;
        private final String written;

        Again(String label, String written) {
            this.label = label;
            this.written = written;
        }

        public String label() {
            return label;
        }

        boolean heals() {
            return written.contains("H");
        }

        String written() {
            return written;
        }
    }

    /** Rows to say what has to be done: one for each, one to spare, and three at the least. */
    public int rows() {
        return Math.max(LEAST_ROWS, RepeatedFields.sent(what).size() + 1);
    }

    public String whatAt(int row) {
        return RepeatedFields.at(RepeatedFields.sent(what), row).strip();
    }

    public String usesAt(int row) {
        return or(RepeatedFields.at(RepeatedFields.sent(uses), row).strip(), "1");
    }

    public String againAt(int row) {
        return or(RepeatedFields.at(RepeatedFields.sent(again), row), Again.ONCE.name());
    }

    public String healsAt(int row) {
        return RepeatedFields.at(RepeatedFields.sent(heals), row).strip();
    }

    public String mattersAt(int row) {
        return or(RepeatedFields.at(RepeatedFields.sent(matters), row), Importance.CRITICAL.name());
    }

    private static String or(String typed, String otherwise) {
        return typed.isEmpty() ? otherwise : typed;
    }

    public boolean on(String activityId) {
        return RepeatedFields.sent(activity).contains(activityId);
    }

    public boolean in(String environmentId) {
        return RepeatedFields.sent(environment).contains(environmentId);
    }

    /** The same to begin another with. */
    ProblemForm copied() {
        return new ProblemForm(
                "",
                name + " (copy)",
                severity,
                times,
                people,
                days,
                activity,
                environment,
                what,
                uses,
                again,
                heals,
                matters,
                todo,
                watch,
                byHand,
                call);
    }
}
