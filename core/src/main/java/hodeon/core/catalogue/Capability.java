package hodeon.core.catalogue;

/**
 * Something the party must be able to do.
 *
 * @param id stable id
 * @param name plain words
 * @param unit what one use is counted in, singular
 * @param leastChance it is planned for where the chance of needing it on a trip is at least this, 0 to 1; 0 for always
 */
public record Capability(String id, String name, String unit, double leastChance) {}
