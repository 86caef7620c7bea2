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
                "Needs " + needed.label() + "; the most anybody here has is " + partyHas.label() + ".";
            case Exclusion.Allergen(var substance, var people) ->
                "Contains " + words(substance) + ": "
                        + Wording.says("people.react", people.size(), String.join(", ", people))
                        + " to it, and something else does its work.";
            case Exclusion.ForNobody(var because) -> "For nobody in this party: " + words(because) + ".";
            case Exclusion.Contraindicated(var reasons) ->
                "For nobody in this party. "
                        + reasons.entrySet().stream()
                                .limit(2)
                                .map(e -> e.getKey() + ": " + FindingWords.say(e.getValue()))
                                .collect(Collectors.joining(" "));
            case Exclusion.NotPrescribed() -> "Only for somebody it is prescribed to; nobody here has it prescribed.";
            case Exclusion.WrongSize(var fits) ->
                "Fits only "
                        + fits.stream().sorted().map(t -> t.value() + " sizes").collect(Collectors.joining(", "))
                        + "; nobody here has one.";
            case Exclusion.AtBorder() -> "May not cross every border; the brief says the outing does.";
            case Exclusion.InCabin() -> "Not in a cabin bag: blades, points or pressure.";
            case Exclusion.Superseded() -> "Marked as replaced or recalled.";
            case Exclusion.RidesElsewhere(int pieces) ->
                pieces + " along elsewhere: it serves and weighs nothing here.";
            case Exclusion.NotNeeded() -> "Nothing that can happen on this outing asks for it.";
            case Exclusion.TooRare(double chance) ->
                "Only rare, grave trouble asks for it: " + Figures.chance(chance)
                        + " on this outing. What to do is told all the same; pin it to take it along.";
            case Exclusion.OutOfPlace(var because)
            when because.contains(Drivers.VISITORS) ->
                "Not for people whom nobody here knows: what they may not have is not known, and whoever is responsible for"
                        + " them decides. Pin it if you hand it out all the same.";
            case Exclusion.OutOfPlace out ->
                "Does not belong where this kit goes: what it does is at hand there, or nobody needs it. Pin it to take it along.";
            case Exclusion.OnRequest(String why) ->
                why.equals(Fit.COMFORT)
                        ? "A comfort: it comes when you ask for it. Pin it to take it along."
                        : why + " Pin it to take it along.";
            case Exclusion.Banned() -> "Left out by you.";
        };
    }

    /** In two or three words. */
    static String brief(Exclusion exclusion) {
        return switch (exclusion) {
            case Exclusion.AboveTraining above -> "above your training";
            case Exclusion.Allergen allergen -> "allergy: " + words(allergen.substance());
            case Exclusion.ForNobody nobody -> "for nobody here";
            case Exclusion.Contraindicated no -> "for nobody here";
            case Exclusion.NotPrescribed not -> "not prescribed";
            case Exclusion.WrongSize size -> "fits nobody here";
            case Exclusion.AtBorder border -> "stopped at a border";
            case Exclusion.InCabin cabin -> "not in a cabin bag";
            case Exclusion.Superseded superseded -> "replaced or recalled";
            case Exclusion.RidesElsewhere elsewhere -> "rides elsewhere";
            case Exclusion.NotNeeded not -> "nothing asks for it";
            case Exclusion.TooRare rare -> "for rare trouble only";
            case Exclusion.OutOfPlace out ->
                out.because().contains(Drivers.VISITORS) ? "not for strangers" : "not needed there";
            case Exclusion.OnRequest request -> "on request";
            case Exclusion.Banned banned -> "left out by you";
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
                    case "infant" -> "under 2 years";
                    case "child" -> "under 12 years";
                    case "teen" -> "under 18 years";
                    default -> value;
                };
            case "condition" -> value.equals("blood thinner") ? "takes a blood thinner" : value;
            default -> value.equals("nsaid") ? "anti-inflammatories" : value;
        };
    }
}
