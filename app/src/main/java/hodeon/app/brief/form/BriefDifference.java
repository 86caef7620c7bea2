package hodeon.app.brief.form;

import hodeon.app.shell.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Where what is saved and what is on the page differ, in words, for the choice between the two. */
public record BriefDifference(String field, String saved, String yours) {

    public static List<BriefDifference> between(BriefForm saved, BriefForm yours) {
        List<BriefDifference> found = new ArrayList<>();
        add(found, "Name", saved.getName(), yours.getName());
        add(found, Wording.says("briefDifference.firstDay"), saved.getStart(), yours.getStart());
        add(found, Wording.says("briefDifference.lastDay"), saved.getEnd(), yours.getEnd());
        add(found, "Season", saved.getSeason(), yours.getSeason());
        add(found, Wording.says("briefConverter.hoursToCare"), saved.getHoursToCare(), yours.getHoursToCare());
        add(found, "Stance", saved.getStance(), yours.getStance());
        add(found, Wording.says("briefDifference.massLimit"), saved.getMassLimit(), yours.getMassLimit());
        add(found, Wording.says("briefDifference.volumeLimit"), saved.getVolumeLimit(), yours.getVolumeLimit());
        add(found, Wording.says("briefDifference.priceLimit"), saved.getPriceLimit(), yours.getPriceLimit());
        add(found, Wording.says("briefDifference.mostKinds"), saved.getKindsLimit(), yours.getKindsLimit());
        add(found, Wording.says("briefDifference.howItTravels"), saved.getCarriage(), yours.getCarriage());
        add(found, Wording.says("briefDifference.atHand"), reach(saved), reach(yours));
        add(found, Wording.says("briefDifference.howMuch"), saved.getThrift(), yours.getThrift());
        add(found, "Comfort", saved.getComfort(), yours.getComfort());
        add(found, "Dogs", saved.getDogs(), yours.getDogs());
        add(found, Wording.says("briefDifference.strangersShare"), saved.getStrangers(), yours.getStrangers());
        add(found, "Region", listed(saved.getRegion()), listed(yours.getRegion()));
        add(
                found,
                Wording.says("briefDifference.theKitTravels"),
                listed(saved.getPassage()),
                listed(yours.getPassage()));
        add(
                found,
                Wording.says("briefDifference.filledUpAfterDays"),
                saved.getStanding().getRefillDays(),
                yours.getStanding().getRefillDays());
        add(
                found,
                Wording.says("briefDifference.adultsAWeek"),
                saved.getStanding().getAdults(),
                yours.getStanding().getAdults());
        add(
                found,
                Wording.says("briefDifference.childrenAWeek"),
                saved.getStanding().getChildren(),
                yours.getStanding().getChildren());
        add(found, "Legs", legs(saved), legs(yours));
        int rows = Math.max(saved.getPeople().size(), yours.getPeople().size());
        for (int i = 0; i < rows; i++) {
            add(found, Wording.says("briefDifference.person", i + 1), person(saved, i), person(yours, i));
        }
        return List.copyOf(found);
    }

    private static void add(List<BriefDifference> found, String field, String saved, String yours) {
        if (!saved.strip().equals(yours.strip())) {
            found.add(new BriefDifference(field, words(saved), words(yours)));
        }
    }

    private static String words(String text) {
        return text.isBlank() ? "(nothing)" : text.toLowerCase(Locale.ROOT).equals(text) ? text : readable(text);
    }

    private static String readable(String text) {
        return text.matches("[A-Z_]+") ? text.toLowerCase(Locale.ROOT).replace('_', ' ') : text;
    }

    private static String listed(Set<String> constants) {
        return constants.stream().map(BriefDifference::readable).sorted().collect(Collectors.joining(", "));
    }

    private static String reach(BriefForm form) {
        return form.getReachSaid().isBlank()
                ? Wording.says("briefDifference.asThePlaceSuggests")
                : listed(form.getReach());
    }

    private static String legs(BriefForm form) {
        return form.getLegs().stream()
                .map(l -> readable(l.getActivity()) + ", " + readable(l.getEnvironment()) + ", " + l.getDays() + " d")
                .collect(Collectors.joining("; "));
    }

    private static String person(BriefForm form, int i) {
        if (i >= form.getPeople().size()) {
            return "";
        }
        PersonForm p = form.getPeople().get(i);
        String more = Stream.of(p.getAllergies(), p.getConditions(), p.getRescue())
                .flatMap(Set::stream)
                .map(BriefDifference::readable)
                .collect(Collectors.joining(", "));
        return Wording.says(
                "briefDifference.yKg",
                p.getName(),
                p.getAlike(),
                p.getYears(),
                p.getKilograms(),
                readable(p.getTraining()),
                (more.isEmpty() ? "" : ", " + more));
    }
}
