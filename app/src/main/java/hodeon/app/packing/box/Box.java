package hodeon.app.packing.box;

import hodeon.core.packing.Compartment;
import hodeon.core.packing.Laid;
import java.util.List;
import java.util.Optional;

/**
 * A box as it is.
 *
 * @param things what lies directly in the kit, then its modules
 * @param grave what decides whether somebody lives or keeps a limb, the most urgent first
 */
record Box(String name, List<Compartment> parts, List<Lying> things, List<Grave> grave) {

    /** @param key of the supply or the module, for all its handfuls the same */
    record Lying(String key, Laid laid, Optional<Compartment> where) {

        String part() {
            return where.map(Compartment::id).orElse("");
        }
    }

    /** @param way empty if it lies nowhere in particular */
    record Grave(String supply, String name, Optional<Way> way) {}

    List<Lying> in(Compartment part) {
        return things.stream().filter(t -> t.part().equals(part.id())).toList();
    }

    boolean grave(String key) {
        return grave.stream().anyMatch(g -> g.supply().equals(key));
    }
}
