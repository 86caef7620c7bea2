package hodeon.app.plan;

import hodeon.core.catalogue.Severity;
import hodeon.core.plan.tradeoff.IfItHappens;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a kit can do if it happens, for pages: the worst unanswered first, so that no share of a trip calms wrongly.
 *
 * @param worst the first few
 * @param others the rest
 */
public record Headline(List<Row> worst, List<Row> others) {

    private static final int NAMED = 3;

    /**
     * @param marks one for each degree of severity
     * @param can what the kit can do: “nothing”, “34 %”
     * @param lacking what it has nothing for, in words; empty if it can do the most of every step
     */
    record Row(
            String id, String name, List<Integer> marks, String severity, String can, String lacking, boolean weak) {}

    public static Headline of(List<IfItHappens> answers) {
        List<Row> rows = answers.stream().map(Headline::row).toList();
        int named = Math.min(NAMED, rows.size());
        return new Headline(rows.subList(0, named), rows.subList(named, rows.size()));
    }

    private static Row row(IfItHappens answer) {
        return new Row(
                answer.problem().problem().id(),
                answer.problem().problem().name(),
                IntStream.range(0, answer.severity()).boxed().toList(),
                Severity.label(answer.severity()),
                Math.round(100 * answer.met()) == 0 ? "nothing" : Math.round(100 * answer.met()) + " %",
                String.join(", ", answer.lacking()),
                answer.met() < 0.5);
    }
}
