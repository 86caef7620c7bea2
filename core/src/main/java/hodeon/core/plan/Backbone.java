package hodeon.core.plan;

import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import hodeon.core.need.Drivers;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * What a kit must be able to do whatever the odds say, in the order in which it is given up where a limit is too tight; see
 * {@code backbone.txt}.
 *
 * @param ribs the most needed first
 */
public record Backbone(List<Rib> ribs) {

    /** What the least is counted by. */
    enum Per {
        PEOPLE,
        PERSON_DAYS,
        HELPERS;

        public long of(Trip trip) {
            return switch (this) {
                case PEOPLE -> trip.party().size();
                case PERSON_DAYS -> (long) trip.party().size() * trip.days();
                case HELPERS -> trip.party().likelyHelpers();
            };
        }
    }

    /** So many uses for each so many, whole ones only. */
    record Added(int uses, int each, Per per) {

        static final Added NOTHING = new Added(0, 1, Per.PEOPLE);

        int to(Trip trip) {
            return (int) (uses * (per.of(trip) / each));
        }
    }

    /**
     * @param does ids of capabilities, any of which will do
     * @param why nobody goes without, as a leader would say it
     * @param least uses before what is added for people or days; below 0 where so many people need none
     * @param added uses more for every so many people, helpers or days
     * @param most uses, however many people and days
     * @param tier the least that counts
     * @param fits the size of body that it must fit; empty for at least half of the party
     * @param where it holds only where one of these does; empty for anywhere
     * @param notWhere it does not hold where one of these does
     * @param heads whether it counts the heads that a piece shelters, instead of uses
     * @param elseBecause why nobody needs it where it does not hold, as one says it; empty if that says itself
     */
    public record Rib(
            String id,
            String name,
            String why,
            Set<String> does,
            int least,
            Added added,
            int most,
            Tier tier,
            Optional<Tag> fits,
            Set<Tag> where,
            Set<Tag> notWhere,
            String elseBecause,
            boolean heads) {

        /** At least so many uses of one capability, anywhere and for everybody. */
        public static Rib of(Capability capability, int least, Tier tier) {
            return new Rib(
                    capability.id(),
                    capability.name(),
                    "",
                    Set.of(capability.id()),
                    least,
                    Added.NOTHING,
                    least,
                    tier,
                    Optional.empty(),
                    Set.of(),
                    Set.of(),
                    "",
                    false);
        }

        public boolean holds(Set<Tag> here) {
            return (where.isEmpty() || where.stream().anyMatch(here::contains))
                    && notWhere.stream().noneMatch(here::contains);
        }

        public int uses(Trip trip) {
            return Math.clamp(least + added.to(trip), 0, most);
        }
    }

    private static final Set<String> KEYS = Set.of(
            "name",
            "why",
            "does",
            "least",
            "add",
            "at-most",
            "tier",
            "fits",
            "where",
            "not-where",
            "else-because",
            "by-heads");

    private static final int FEWEST = -20;
    private static final int MOST = 200;

    public Backbone {
        ribs = List.copyOf(ribs);
    }

    /** What ships with the product; throws {@link IllegalStateException} if it is damaged. */
    public static Backbone shipped() {
        return Shipped.BACKBONE;
    }

    private static final class Shipped {
        private static final Backbone BACKBONE = read(SectionFile.shipped(Backbone.class, "backbone.txt"));
    }

    static Backbone read(String text) {
        List<CatalogueFault> faults = new ArrayList<>();
        SectionFile file = new SectionFile("backbone.txt", faults);
        List<Rib> ribs = file.read(text, KEYS).stream()
                .map(s -> rib(new SectionValues(file, s)))
                .toList();
        if (!faults.isEmpty()) {
            throw new IllegalStateException("Reference data: " + faults);
        }
        return new Backbone(ribs);
    }

    private static Rib rib(SectionValues v) {
        Set<String> does = new HashSet<>();
        v.each("does", text -> does.addAll(List.of(text.split(" +"))));
        return new Rib(
                v.id(),
                v.text("name"),
                v.text("why"),
                Set.copyOf(does),
                v.whole("least", Optional.of(1), FEWEST, MOST),
                v.one("add", Optional.of(Added.NOTHING), Added.NOTHING, Backbone::added),
                v.whole("at-most", Optional.of(MOST), 1, MOST),
                v.one("tier", Optional.of(Tier.IMPROVISED), Tier.IMPROVISED, t -> SectionValues.named(t, Tier.class)),
                v.one(
                        "fits",
                        Optional.of(Optional.<Tag>empty()),
                        Optional.empty(),
                        t -> Optional.of(v.known("size:" + t, Drivers.vocabulary()))),
                v.tags("where", "", Drivers.vocabulary()),
                v.tags("not-where", "", Drivers.vocabulary()),
                v.one("else-because", Optional.of(""), "", Function.identity()),
                v.yes("by-heads"));
    }

    /** “2 per 5 person-days”. */
    private static Added added(String text) {
        String[] words = text.split(" +");
        if (words.length != 4 || !words[1].equals("per")) {
            throw new IllegalArgumentException("“" + text + "” is not “N per N people, helpers or person-days”.");
        }
        return new Added(
                Integer.parseInt(words[0]),
                Integer.parseInt(words[2]),
                Per.valueOf(words[3].toUpperCase(Locale.ROOT).replace('-', '_')));
    }
}
