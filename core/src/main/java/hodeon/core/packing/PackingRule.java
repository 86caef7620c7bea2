package hodeon.core.packing;

import hodeon.core.catalogue.Form;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import java.util.Arrays;
import java.util.List;
import java.util.Set;

/** Where things of a kind belong, whatever is quickest. A rule binds only where the box has a compartment that keeps it. */
public enum PackingRule {
    OUTERMOST("outermost, out of its wrapping and ready", "the tourniquet lies outermost, staged", 1),
    FIRST("first to hand", "gloves and the prompt card are what a hand meets first", 2),
    CLOSED("where no child opens it", "medicine lies closed", 0),
    BAGGED("where it cannot run out over the rest", "liquids lie bagged", 0),
    COVERED("covered, not in an outer pocket", "points and blades lie covered", 0);

    private static final Set<Form> LIQUIDS = Set.of(Form.BOTTLE, Form.POD, Form.TUBE);
    private static final Set<Form> SHARPS = Set.of(Form.PIN, Form.SCISSORS);
    private static final Set<String> FIRST_NEEDED = Set.of("gloves", "know-what-first");

    private final String where;
    private final String says;

    /** It binds so many pieces, the others being spares; 0 for all of them. */
    private final int first;

    PackingRule(String where, String says, int first) {
        this.where = where;
        this.says = says;
        this.first = first;
    }

    /** Where it wants the thing. */
    public String where() {
        return where;
    }

    /** The rule aloud. */
    public String says() {
        return says;
    }

    boolean of(Supply supply) {
        return switch (this) {
            case OUTERMOST -> supply.form() == Form.TOURNIQUET;
            case FIRST -> supply.serves().keySet().stream().anyMatch(FIRST_NEEDED::contains);
            case CLOSED -> supply.group() == Group.MEDICINE;
            case BAGGED -> LIQUIDS.contains(supply.form());
            case COVERED -> SHARPS.contains(supply.form());
        };
    }

    /** Whether a compartment keeps it, among those of its box. */
    boolean keptBy(Compartment compartment, List<Compartment> all) {
        int least = all.stream().mapToInt(Compartment::seconds).min().orElse(0);
        return switch (this) {
            case OUTERMOST ->
                all.stream().anyMatch(Compartment::outside) ? compartment.outside() : compartment.seconds() == least;
            case FIRST -> compartment.seconds() == inner(all);
            case CLOSED -> compartment.closes();
            case BAGGED -> compartment.waterproof();
            case COVERED -> !compartment.outside();
        };
    }

    /** The quickest that is not on the outside, where the staged things hang; of all if everything is. */
    private static int inner(List<Compartment> all) {
        return all.stream()
                .filter(c -> !c.outside())
                .mapToInt(Compartment::seconds)
                .min()
                .orElse(all.stream().mapToInt(Compartment::seconds).min().orElse(0));
    }

    /** Whether it is about a thing, and any compartment of the box keeps it. */
    public boolean binds(Laid thing, List<Compartment> all) {
        return thing instanceof Laid.Handful h && !(h.spare() && first > 0) && binds(h.supply(), all);
    }

    private boolean binds(Supply supply, List<Compartment> all) {
        return of(supply) && all.stream().anyMatch(c -> keptBy(c, all));
    }

    /** So many pieces of a supply go before their spares; 0 where none do. */
    static int firstPieces(Supply supply, List<Compartment> all) {
        return Arrays.stream(values())
                .filter(r -> r.first > 0 && r.binds(supply, all))
                .mapToInt(r -> r.first)
                .max()
                .orElse(0);
    }
}
