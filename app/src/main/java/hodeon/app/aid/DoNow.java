package hodeon.app.aid;

import hodeon.app.aid.KitAtHand.Lying;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.catalogue.procedure.Casualty;
import hodeon.core.catalogue.procedure.DoLine;
import hodeon.core.catalogue.procedure.Guidance;
import hodeon.core.catalogue.procedure.Procedure;
import hodeon.core.catalogue.procedure.School;
import hodeon.core.catalogue.procedure.Teaching;
import hodeon.core.catalogue.procedure.Timer;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * What to do about one problem with the kit that is at hand, in the words of the page.
 *
 * @param casualties those for whom something else is done, a grown-up first; one where all is the same
 * @param lines for all of them on one list; each says for whom it is
 * @param watch what to look for afterwards
 * @param byHand with no gear, sentence by sentence
 * @param rests the class of teaching it was checked against, and when
 */
public record DoNow(
        String id,
        String name,
        int severity,
        List<Whom> casualties,
        List<Line> lines,
        List<Clock> clocks,
        String watch,
        List<String> byHand,
        String call,
        List<Follows> follows,
        List<HowTo> howTo,
        String rests) {

    /** @param key the casualty's constant */
    public record Whom(String key, String label) {}

    /**
     * @param lacking what the kit has nothing for, so that {@code words} say what to do without where that is known; else empty
     * @param whom for whom it is, in words; empty for everybody
     * @param keys the same as constants, a blank between
     */
    public record Line(String words, List<Has> has, String lacking, String whom, String keys) {

        public boolean forGrownUps() {
            return keys.isEmpty() || keys.contains(Casualty.ADULT.name());
        }
    }

    /** What of the kit a line needs. @param makeshift it was not made for it */
    public record Has(String name, String where, boolean makeshift) {}

    /** @param kind since, after or beat @param figure minutes, or beats a minute */
    public record Clock(String kind, String words, int figure) {}

    /** A topic on which schools differ: what is followed here, and what else is taught. */
    public record Follows(String topic, String name, String taught, List<String> elsewhere) {}

    /** How a supply is used that hurts when it is misused. */
    public record HowTo(String id, String name, List<String> lines, String never) {}

    /** So many things of the kit are named for one line: the best first. */
    private static final int MOST_NAMED = 2;

    /**
     * @param household choices of schools by topic
     * @param around facts about the region
     * @param kit what is at hand; empty where nobody says which kit
     */
    static DoNow of(
            Problem problem,
            Catalogue catalogue,
            Guidance guidance,
            Map<String, String> household,
            Set<Tag> around,
            Optional<List<Lying>> kit) {
        Procedure procedure = guidance.procedure(problem.id());
        Map<String, String> schools = School.followed(guidance.schools(), household, around);
        List<Casualty> casualties = procedure.casualties(schools);
        boolean own = procedure.reviewed().teaching() == Teaching.OWN;
        // What a household wrote is shown as it wrote it; what ships, in its units.
        UnaryOperator<String> says = own ? UnaryOperator.identity() : HouseStyle.here()::says;
        return new DoNow(
                problem.id(),
                problem.name(),
                problem.severity(),
                casualties.stream().map(c -> new Whom(c.name(), c.label())).toList(),
                procedure.together(schools).stream()
                        .map(f -> line(
                                f.line(),
                                f.whom().size() == casualties.size() ? List.of() : f.whom(),
                                kit,
                                catalogue,
                                says))
                        .toList(),
                procedure.timers(Casualty.ADULT, schools).stream()
                        .map(DoNow::clock)
                        .toList(),
                says.apply(procedure.watch()),
                procedure.byHand().isEmpty()
                        ? List.of()
                        : List.of(says.apply(procedure.byHand()).split("(?<=[.!?]) (?=\\p{Lu})")),
                says.apply(procedure.call()),
                procedure.topics().stream()
                        .map(t -> follows(guidance.school(t).orElseThrow(), schools))
                        .toList(),
                howTo(procedure, schools, guidance, kit.orElse(List.of())),
                own
                        ? Wording.says(
                                "doNow.writtenByYourHouseholdOnNobodyElse",
                                procedure.reviewed().on())
                        : Wording.says(
                                "doNow.checkedAgainst",
                                procedure.reviewed().teaching().label(),
                                procedure.reviewed().on()));
    }

    private static Line line(
            DoLine line,
            List<Casualty> some,
            Optional<List<Lying>> kit,
            Catalogue catalogue,
            UnaryOperator<String> says) {
        String words = says.apply(line.words());
        String whom = some.stream().map(Casualty::word).collect(Collectors.joining(", "));
        String keys = some.stream().map(Casualty::name).collect(Collectors.joining(" "));
        if (kit.isEmpty() || line.capability().isEmpty()) {
            return new Line(words, List.of(), "", whom, keys);
        }
        List<Has> has = serving(line.capability().get(), kit.get()).stream()
                .limit(MOST_NAMED)
                .map(l -> new Has(
                        l.pieces() > 1
                                ? Figures.named(l.pieces(), l.supply())
                                : l.supply().name(),
                        l.where(),
                        l.supply().serves().get(line.capability().get()) == Tier.IMPROVISED))
                .toList();
        return has.isEmpty()
                ? new Line(
                        line.without().map(says).orElse(words),
                        List.of(),
                        lacking(line.capability().get(), catalogue),
                        whom,
                        keys)
                : new Line(words, has, "", whom, keys);
    }

    private static String lacking(String capability, Catalogue catalogue) {
        String name = catalogue.capability(capability).name();
        return Wording.says(
                "doNow.nothingInThisKitTo", name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1));
    }

    /** The best first; what is only makeshift stays unnamed beside something better. */
    private static List<Lying> serving(String capability, List<Lying> kit) {
        List<Lying> all = kit.stream()
                .filter(l -> l.supply().serves().containsKey(capability))
                .sorted(Comparator.comparing((Lying l) -> l.supply().serves().get(capability)))
                .toList();
        List<Lying> well = all.stream()
                .filter(l -> l.supply().serves().get(capability) != Tier.IMPROVISED)
                .toList();
        return well.isEmpty() ? all : well;
    }

    private static Clock clock(Timer timer) {
        return switch (timer) {
            case Timer.Since(String words) -> new Clock("since", words, 0);
            case Timer.After(String words, int minutes) -> new Clock("after", words, minutes);
            case Timer.Beat(String words, int perMinute) -> new Clock("beat", words, perMinute);
        };
    }

    private static Follows follows(School school, Map<String, String> schools) {
        String followed = schools.getOrDefault(school.id(), "");
        return new Follows(
                school.id(),
                school.name(),
                school.choice(followed).orElseThrow().teaches(),
                school.choices().stream()
                        .filter(c -> !c.id().equals(followed))
                        .map(c -> c.name().substring(0, 1).toUpperCase(Locale.ROOT)
                                + c.name().substring(1) + ": " + c.teaches())
                        .toList());
    }

    private static List<HowTo> howTo(
            Procedure procedure, Map<String, String> schools, Guidance guidance, List<Lying> kit) {
        Set<String> needed = procedure.casualties(schools).stream()
                .flatMap(c -> procedure.lines(c, schools).stream())
                .flatMap(l -> l.capability().stream())
                .collect(Collectors.toSet());
        return kit.stream()
                .map(Lying::supply)
                .distinct()
                .filter(s -> s.serves().keySet().stream().anyMatch(needed::contains))
                .flatMap(s -> guidance.handling(s.id()).stream()
                        .map(h -> new HowTo(
                                s.id(),
                                s.name(),
                                h.lines().stream().map(HouseStyle.here()::says).toList(),
                                h.never())))
                .toList();
    }
}
