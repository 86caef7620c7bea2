package hodeon.app.shell;

import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.finding.Finding;
import hodeon.core.medication.finding.MixUp;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.DrugClass;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Condition;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Says what was found about a dose. Each kind of finding is a record of core and has a sentence of its own in
 * {@code words.properties}, such as {@code finding.Because.Takes}, that names its components by their number.
 */
public final class FindingWords {

    private FindingWords() {}

    public static String say(Finding finding) {
        return Wording.says(key(finding.getClass()), components(finding));
    }

    /** What to do instead, a sentence. */
    public static String remedy(WhyNot whyNot) {
        return Wording.says(remedyKey(whyNot.getClass()));
    }

    static String remedyKey(Class<?> whyNot) {
        return "remedy." + whyNot.getSimpleName();
    }

    static String key(Class<?> finding) {
        return "finding." + finding.getEnclosingClass().getSimpleName() + "." + finding.getSimpleName();
    }

    private static Object[] components(Finding finding) {
        String between = finding instanceof MixUp.Strengths ? " " + Wording.says("sheetController.and") + " " : ", ";
        return Arrays.stream(finding.getClass().getRecordComponents())
                .map(c -> said(value(c, finding), between))
                .toArray();
    }

    private static Object value(RecordComponent component, Finding finding) {
        try {
            return component.getAccessor().invoke(finding);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("A finding cannot be read: " + finding, e);
        }
    }

    private static Object said(Object value, String between) {
        return switch (value) {
            case Finding finding -> say(finding);
            case Integer count -> count;
            case BigDecimal number -> number.stripTrailingZeros().toPlainString();
            case Duration time -> DoseAnswer.hours(time);
            case DrugClass kind -> kind.label();
            case Condition condition -> condition.label();
            case Tradition tradition -> tradition.label();
            case Enum<?> code -> code.name();
            case List<?> several ->
                several.stream().map(v -> String.valueOf(said(v, between))).collect(Collectors.joining(between));
            default -> value.toString();
        };
    }
}
