package hodeon.app.mat.page;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
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
                ? " " + Wording.says("absences.askedForOnOutingsLikeThis", Figures.chance(absence.chance()))
                : "";
        String because =
                switch (absence.because()) {
                    case Because.SomethingElse(var atHand) -> Wording.says("absences.use", atHand.with());
                    case Because.Untrained(var needed) -> Wording.says("absences.itTakesToUse", needed.label(), often);
                    case Because.NothingAsksForIt(var why) -> why + often + ".";
                    case Because.OfThePlace(var tags) ->
                        tags.stream().map(Absences::place).collect(Collectors.joining(", ")) + often + ".";
                    case Because.NotPrescribed() -> Wording.says("absences.nobodyWhoComesAlongHasItPrescribed", often);
                    case Because.TooSeldom() ->
                        (noRoom
                                        ? Wording.says("absences.theLimitHasNoRoomForIt")
                                        : Wording.says("absences.notWorthItsGramsAndItsPlace"))
                                + often + ".";
                };
        return Wording.says("absences.no", absence.capability().askedAbout().orElseThrow(), because);
    }

    private static String place(Tag tag) {
        return switch (tag.toString()) {
            case "carriage:on-body" -> Wording.says("absences.aPouchOnTheBodyKeepsTo");
            case "carriage:stays-put" -> Wording.says("absences.theKitStaysInAHouse");
            case "reach:roof" -> Wording.says("absences.aRoofIsNear");
            case "reach:phone" -> Wording.says("absences.aPhoneReachesHelp");
            case "reach:beacon" -> Wording.says("absences.somebodyCarriesABeaconAnyway");
            case "reach:shop" -> Wording.says("absences.aShopIsNear");
            case "reach:tap" -> Wording.says("absences.aTapIsNear");
            case "stance:fix-the-likely" -> Wording.says("absences.youAskedForTheLikelyFirst");
            case "training:wilderness" -> Wording.says("absences.theTrainedHereImproviseIt");
            case "season:winter", "environment:winter" -> Wording.says("absences.inWinterItIsSeldomNeeded");
            case "gear:no-stove" -> Wording.says("absences.nothingIsCooked");
            case "company:visitors" -> Wording.says("absences.whatWhoeverComesByMayNotHave");
            default -> Reasons.words(tag);
        };
    }
}
