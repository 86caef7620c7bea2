package hodeon.app.dose;

import hodeon.app.shell.FindingWords;
import hodeon.app.shell.Wording;
import hodeon.core.medication.Caution;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.gate.Moments;
import hodeon.core.medication.gate.Objection;
import hodeon.core.medication.gate.Objection.Subject;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.util.StringUtils;

/** Says what speaks against a dose, in one sentence or two, with moments as a clock in some zone shows them. */
public final class ObjectionWords {

    private final ZoneId zone;

    public ObjectionWords(ZoneId zone) {
        this.zone = zone;
    }

    public List<String> say(List<Objection> objections) {
        return objections.stream().map(this::say).toList();
    }

    public String say(Objection objection) {
        return switch (objection) {
            case Objection.InTheFuture future -> Wording.says("dose.against.future");
            case Objection.Dog dog ->
                FindingWords.say(dog.refused().whyNot()) + " "
                        + FindingWords.remedy(dog.refused().whyNot());
            case Objection.NotSaid notSaid -> FindingWords.say(notSaid.refused().whyNot());
            case Objection.Unreadable unreadable ->
                Wording.says("dose.against.unreadable", Moments.dated(unreadable.dose(), ZoneOffset.UTC));
            case Objection.TooMuchAtOnce much ->
                Wording.says("dose.against.once", much.product().says(much.most()));
            case Objection.TooSoon soon ->
                Wording.says(
                        "dose.against.near",
                        name(soon.of()),
                        DoseAnswer.hours(soon.apart()),
                        soon.before() ? "before" : "after",
                        said(soon.dose()));
            case Objection.TooManyInADay many ->
                Wording.says("dose.against.many", name(many.of()), many.times(), day(many.upTo()));
            case Objection.TooMuchInADay much ->
                Wording.says(
                        "dose.against.much",
                        name(much.of()),
                        amount(much.of(), much.sum()),
                        day(much.upTo()),
                        amount(much.of(), much.most()));
            case Objection.TwoOfAKind two -> caution(two.caution());
            case Objection.TooManyDays days -> caution(days.caution());
            case Objection.KeepApart apart ->
                Wording.says(
                        "dose.against.apart",
                        DoseAnswer.hours(apart.apart()),
                        apart.name(),
                        said(apart.dose()),
                        apart.because());
        };
    }

    private String day(Optional<Instant> upTo) {
        return upTo.map(at -> Wording.says("dose.against.upto", said(at)))
                .orElseGet(() -> Wording.says("dose.against.day"));
    }

    private String said(Instant at) {
        return Moments.said(at, zone);
    }

    private static String caution(Caution caution) {
        return StringUtils.capitalize(FindingWords.say(caution.because())) + ". " + FindingWords.say(caution.warning());
    }

    private static String name(Subject of) {
        return switch (of) {
            case Subject.OfIngredient ingredient -> StringUtils.capitalize(ingredient.name());
            case Subject.OfProduct product -> product.product().name();
        };
    }

    private static String amount(Subject of, BigDecimal amount) {
        return switch (of) {
            case Subject.OfIngredient ingredient ->
                Wording.says("counting.mg", amount.stripTrailingZeros().toPlainString());
            case Subject.OfProduct product -> product.product().says(amount);
        };
    }
}
