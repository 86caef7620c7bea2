package hodeon.app.mat.page;

import hodeon.app.shell.Figures;
import hodeon.app.shell.FindingWords;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Fit;
import hodeon.core.catalogue.Tag;
import hodeon.core.need.Drivers;
import hodeon.core.plan.Exclusion;
import java.util.List;
import java.util.stream.Collectors;

/** Why a supply stays out, in words. */
final class Reasons {

    private Reasons() {}

    static String of(Exclusion exclusion) {
        return switch (exclusion) {
            case Exclusion.AboveTraining(var needed, var partyHas) ->
                Wording.says("reasons.needsTheMostAnybodyHereHasIs", needed.label(), partyHas.label());
            case Exclusion.Allergen(var substance, var people) ->
                Wording.says(
                        "reasons.containsToItAndSomethingElseDoes",
                        words(substance),
                        Wording.says("people.react", people.size(), String.join(", ", people)));
            case Exclusion.ForNobody(var because) -> Wording.says("reasons.forNobodyInThisParty", words(because));
            case Exclusion.Contraindicated(var reasons) ->
                Wording.says(
                        "reasons.forNobodyInThisParty2",
                        reasons.entrySet().stream()
                                .limit(2)
                                .map(e -> e.getKey() + ": " + FindingWords.say(e.getValue()))
                                .collect(Collectors.joining(" ")));
            case Exclusion.NotPrescribed() -> Wording.says("reasons.onlyForSomebodyItIsPrescribedTo");
            case Exclusion.WrongSize(var fits) ->
                Wording.says(
                        "reasons.fitsOnlyNobodyHereHasOne",
                        fits.stream()
                                .sorted()
                                .map(t -> Wording.says("reasons.sizes", t.value()))
                                .collect(Collectors.joining(", ")));
            case Exclusion.AtBorder() -> Wording.says("reasons.mayNotCrossEveryBorderTheBrief");
            case Exclusion.InCabin() -> Wording.says("reasons.notInACabinBagBladesPoints");
            case Exclusion.Superseded() -> Wording.says("reasons.markedAsReplacedOrRecalled");
            case Exclusion.RidesElsewhere(int pieces) ->
                Wording.says("reasons.alongElsewhereItServesAndWeighs", pieces);
            case Exclusion.NotNeeded() -> Wording.says("reasons.nothingThatCanHappenOnThisOuting");
            case Exclusion.TooRare(double chance) ->
                Wording.says("reasons.onlyRareGraveTroubleAsksForIt", Figures.chance(chance));
            case Exclusion.OutOfPlace(var because)
            when because.contains(Drivers.VISITORS) -> Wording.says("reasons.notForPeopleWhomNobodyHereKnows");
            case Exclusion.OutOfPlace out -> Wording.says("reasons.doesNotBelongWhereThisKitGoes");
            case Exclusion.OnRequest(String why) ->
                why.equals(Fit.COMFORT)
                        ? Wording.says("reasons.aComfortItComesWhenYouAsk")
                        : Wording.says("reasons.pinItToTakeItAlong", why);
            case Exclusion.Banned() -> Wording.says("reasons.leftOutByYou");
        };
    }

    /** In two or three words. */
    static String brief(Exclusion exclusion) {
        return switch (exclusion) {
            case Exclusion.AboveTraining above -> Wording.says("reasons.aboveYourTraining");
            case Exclusion.Allergen allergen -> Wording.says("reasons.allergy", words(allergen.substance()));
            case Exclusion.ForNobody nobody -> Wording.says("reasons.forNobodyHere");
            case Exclusion.Contraindicated no -> Wording.says("reasons.forNobodyHere");
            case Exclusion.NotPrescribed not -> Wording.says("reasons.notPrescribed");
            case Exclusion.WrongSize size -> Wording.says("reasons.fitsNobodyHere");
            case Exclusion.AtBorder border -> Wording.says("reasons.stoppedAtABorder");
            case Exclusion.InCabin cabin -> Wording.says("reasons.notInACabinBag");
            case Exclusion.Superseded superseded -> Wording.says("reasons.replacedOrRecalled");
            case Exclusion.RidesElsewhere elsewhere -> Wording.says("matTiles.ridesElsewhere");
            case Exclusion.NotNeeded not -> Wording.says("reasons.nothingAsksForIt");
            case Exclusion.TooRare rare -> Wording.says("reasons.forRareTroubleOnly");
            case Exclusion.OutOfPlace out ->
                out.because().contains(Drivers.VISITORS)
                        ? Wording.says("reasons.notForStrangers")
                        : Wording.says("reasons.notNeededThere");
            case Exclusion.OnRequest request -> Wording.says("reasons.onRequest");
            case Exclusion.Banned banned -> Wording.says("matTiles.leftOutByYou");
        };
    }

    static String words(List<Tag> tags) {
        return tags.stream().map(Reasons::words).collect(Collectors.joining(", "));
    }

    static String words(Tag tag) {
        String value = tag.value().replace('-', ' ');
        return switch (tag.kind()) {
            case "age" ->
                switch (tag.value()) {
                    case "infant" -> Wording.says("reasons.under2Years");
                    case "child" -> Wording.says("reasons.under12Years");
                    case "teen" -> Wording.says("reasons.under18Years");
                    default -> value;
                };
            case "condition" -> value.equals("blood thinner") ? Wording.says("reasons.takesABloodThinner") : value;
            default -> value.equals("nsaid") ? "anti-inflammatories" : value;
        };
    }
}
