package hodeon.app.mat.page;

import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Tag;
import hodeon.core.plan.tradeoff.Absence;
import hodeon.core.plan.tradeoff.Absence.Because;
import java.util.stream.Collectors;

/** What a leader would ask about and not find on the mat, in one sentence. */
final class Absences {

    private Absences() {}

    /** @param noRoom whether it would earn what it costs, if only the limits had room */
    static String of(Absence absence, boolean noRoom) {
        String often = absence.chance() > 0
                ? " (asked for on " + Figures.chance(absence.chance()) + " outings like this)"
                : "";
        return "No " + absence.capability().askedAbout().orElseThrow() + ": "
                + switch (absence.because()) {
                    case Because.SomethingElse(var atHand) -> "use " + atHand.with() + ".";
                    case Because.Untrained(var needed) -> "it takes " + needed.label() + " to use" + often + ".";
                    case Because.NothingAsksForIt(var why) -> why + often + ".";
                    case Because.OfThePlace(var tags) ->
                        tags.stream().map(Absences::place).collect(Collectors.joining(", ")) + often + ".";
                    case Because.NotPrescribed() -> "nobody who comes along has it prescribed" + often + ".";
                    case Because.TooSeldom() ->
                        (noRoom ? "the limit has no room for it" : "not worth its grams and its place") + often + ".";
                };
    }

    private static String place(Tag tag) {
        return switch (tag.toString()) {
            case "carriage:on-body" -> "a pouch on the body keeps to what comes first";
            case "carriage:stays-put" -> "the kit stays in a house";
            case "reach:roof" -> "a roof is near";
            case "reach:phone" -> "a phone reaches help";
            case "reach:beacon" -> "somebody carries a beacon anyway";
            case "reach:shop" -> "a shop is near";
            case "reach:tap" -> "a tap is near";
            case "stance:fix-the-likely" -> "you asked for the likely first";
            case "training:wilderness" -> "the trained here improvise it";
            case "season:winter", "environment:winter" -> "in winter it is seldom needed";
            case "gear:no-stove" -> "nothing is cooked";
            case "company:visitors" -> "what whoever comes by may not have is not known";
            default -> Reasons.words(tag);
        };
    }
}
