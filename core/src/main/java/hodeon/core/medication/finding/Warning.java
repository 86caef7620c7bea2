package hodeon.core.medication.finding;

import hodeon.core.medication.formulary.DrugClass;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.util.List;

/** What there is to know before somebody takes something. */
public sealed interface Warning extends Finding {

    /** @param text as the list of cautions words it */
    record Stated(String text) implements Warning {}

    record InIt() implements Warning {}

    /** @param name of what it holds, of the same kind as what they react to */
    record KinTo(String name) implements Warning {}

    record SameTwice() implements Warning {}

    record TwoOfOneKind(DrugClass kind) implements Warning {}

    record NotKnownHere() implements Warning {}

    /** The direction is old. */
    record StillHolds() implements Warning {}

    /** @param name of what was directed */
    record ForAnotherAge(String name) implements Warning {}

    /** @param name of what was directed, of several that are in it */
    record DirectsNotTheRest(String name) implements Warning {}

    record ChildrenOutgrow() implements Warning {}

    record UnlikelyMass() implements Warning {}

    /** @param reason written down with the direction */
    record MayPassCeilings(String reason) implements Warning {}

    /** What was directed for a day is held down. */
    record HeldDown(Dose directed, Dose most) implements Warning {}

    record OutsideLabel(OffLabel label) implements Warning {}

    record MoreThanLabel(BigDecimal milligrams) implements Warning {}

    /** In 24 hours. */
    record NeverMore(Dose most, String name) implements Warning {}

    /** For each kilogram, at once and in 24 hours. */
    record NeverMoreForMass(Dose once, String name, Dose day) implements Warning {}

    /** @param reason why a household's own pack may pass a ceiling */
    record EntrySaysWhy(String reason) implements Warning {}

    record UsualLabelDoesNot(OffLabel label) implements Warning {}

    record PackSays(List<MoreThanUsual> more) implements Warning {}

    /** @param days that the label lets pass */
    record AskAfter(int days) implements Warning {}
}
