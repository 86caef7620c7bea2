package hodeon.core.catalogue.file;

import hodeon.core.catalogue.Crossing;
import hodeon.core.catalogue.Crossing.Border;
import hodeon.core.catalogue.Crossing.Cabin;
import hodeon.core.catalogue.Fit;
import hodeon.core.catalogue.Form;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Keeping;
import hodeon.core.catalogue.PriceBand;
import hodeon.core.catalogue.Purchase;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.units.Mass;
import hodeon.core.units.Volume;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;

/**
 * Reads a section of supplies.txt as a supply.
 *
 * @param vocabulary every tag there is
 */
record SupplyReader(Set<Tag> vocabulary) {

    static final Set<String> KEYS = Set.of(
            "name",
            "group",
            "form",
            "piece",
            "mass",
            "volume",
            "uses",
            "per-use",
            "durable",
            "serves",
            "training",
            "contains",
            "not-for",
            "prescribed",
            "each",
            "most",
            "least-if-any",
            "size",
            "price",
            "pack",
            "shelf-life",
            "opened",
            "battery",
            "power",
            "uses-up",
            "counted",
            "store-below",
            "border",
            "cabin",
            "superseded",
            "on-request",
            "occupied",
            "only-where",
            "not-where",
            "needs",
            "one-of",
            "heads",
            "whole-pack");

    /** Said of what comes along all the same, such as a keepsake. */
    private static final String NOTHING = "nothing";

    Supply read(SectionValues v) {
        Map<String, Tier> serves = new HashMap<>();
        List<String> said = v.each("serves", text -> {
            if (text.equals(NOTHING)) {
                return text;
            }
            String[] words = text.split(" +");
            if (words.length != 2) {
                throw new IllegalArgumentException("“" + text + "” is not “capability tier”.");
            }
            serves.put(words[0], SectionValues.named(words[1], Tier.class));
            return text;
        });
        if (serves.isEmpty() != said.contains(NOTHING)) {
            v.fault(
                    v.line(),
                    serves.isEmpty()
                            ? "[" + v.id() + "] serves nothing; write “serves = nothing” if it comes all the same."
                            : "[" + v.id() + "] serves something, and nothing.");
        }
        return new Supply(
                v.id(),
                v.text("name"),
                v.constant("group", Group.class),
                v.constant("form", Form.class),
                v.text("piece"),
                v.quantity("mass", Mass.ZERO, Mass::ofGrams),
                v.quantity("volume", Volume.ZERO, Volume::ofMillilitres),
                usesPerPiece(v),
                v.yes("durable"),
                serves,
                v.one(
                        "training",
                        Optional.of(new Tag("training", "untrained")),
                        new Tag("training", "untrained"),
                        text -> v.known("training:" + text, vocabulary)),
                v.tags("contains", "allergy:", vocabulary),
                v.tags("not-for", "", vocabulary),
                v.one(
                        "prescribed",
                        Optional.of(Optional.<Tag>empty()),
                        Optional.empty(),
                        text -> Optional.of(v.known("rescue:" + text, vocabulary))),
                v.whole("each", Optional.of(1), 1, 10),
                v.whole("most", Optional.of(60), 1, 1000),
                v.whole("least-if-any", Optional.of(0), 0, 100),
                v.tags("size", "size:", vocabulary),
                new Purchase(
                        v.constant("price", PriceBand.class).typical(), v.whole("pack", Optional.empty(), 1, 1000)),
                new Keeping(
                        months(v, "shelf-life"),
                        months(v, "opened"),
                        whole(v, "store-below"),
                        v.yes("battery"),
                        v.one("power", Optional.of(""), "", Function.identity()),
                        Set.copyOf(v.each("uses-up", Function.identity())),
                        v.yes("counted")),
                new Crossing(
                        v.one(
                                "border",
                                Optional.of(Border.FREE),
                                Border.FREE,
                                t -> SectionValues.named(t, Border.class)),
                        v.one("cabin", Optional.of(Cabin.FREE), Cabin.FREE, t -> SectionValues.named(t, Cabin.class))),
                v.yes("superseded"),
                fit(v));
    }

    private Fit fit(SectionValues v) {
        Set<Fit.Needed> needs = new HashSet<>(v.each("needs", text -> needed(v, text)));
        if (v.yes("occupied") && !v.yes("durable")) {
            v.fault(v.line(), "[" + v.id() + "] is occupied, but only what is durable can be.");
        }
        return new Fit(
                v.one("on-request", Optional.of(Optional.<String>empty()), Optional.empty(), Optional::of),
                v.yes("occupied"),
                v.tags("only-where", "", vocabulary),
                v.tags("not-where", "", vocabulary),
                needs,
                v.one("one-of", Optional.of(Optional.<String>empty()), Optional.empty(), Optional::of),
                v.whole("heads", Optional.of(1), 1, 50),
                v.yes("whole-pack"));
    }

    /** “capability”, or “capability where tag”. */
    private Fit.Needed needed(SectionValues v, String text) {
        String[] words = text.split(" +");
        return switch (words.length) {
            case 1 -> new Fit.Needed(words[0], Optional.empty());
            case 3 -> new Fit.Needed(words[0], Optional.of(v.known(words[2], vocabulary)));
            default ->
                throw new IllegalArgumentException("“" + text + "” is not “capability” or “capability where tag”.");
        };
    }

    private static double usesPerPiece(SectionValues v) {
        int uses = v.whole("uses", Optional.of(1), 1, 1000);
        int perUse = v.whole("per-use", Optional.of(1), 1, 20);
        if (uses > 1 && perUse > 1) {
            v.fault(v.line(), "[" + v.id() + "] says both how many uses a piece has and how many pieces a use takes.");
        }
        return (double) uses / perUse;
    }

    /** “36 months”, or “at-once” for 0, or missing. */
    private static OptionalInt months(SectionValues v, String key) {
        return v.one(key, Optional.of(OptionalInt.empty()), OptionalInt.empty(), text -> {
            if (text.equals("at-once")) {
                return OptionalInt.of(0);
            } else if (text.matches("\\d{1,3} months")) {
                return OptionalInt.of(Integer.parseInt(text.substring(0, text.indexOf(' '))));
            }
            throw new IllegalArgumentException("“" + text + "” is neither “N months” nor “at-once”.");
        });
    }

    private static OptionalInt whole(SectionValues v, String key) {
        return v.one(
                key, Optional.of(OptionalInt.empty()), OptionalInt.empty(), t -> OptionalInt.of(Integer.parseInt(t)));
    }
}
