package hodeon.core.catalogue;

import java.util.Set;

/**
 * Something the party must be able to do.
 *
 * @param id stable id
 * @param name plain words
 * @param unit what one use is counted in, singular
 * @param leastChance it is planned for where the chance of needing it on a trip is at least this, 0 to 1; 0 for always
 * @param needlessWhere nobody needs a kit for it where one of these holds
 */
public record Capability(String id, String name, String unit, double leastChance, Set<Tag> needlessWhere) {

    public Capability {
        needlessWhere = Set.copyOf(needlessWhere);
    }
}
