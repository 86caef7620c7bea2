package hodeon.core.catalogue;

/**
 * Something the party must be able to do.
 *
 * @param id stable id
 * @param name plain words
 * @param unit what one use is counted in, singular
 */
public record Capability(String id, String name, String unit) {}
