package hodeon.core.catalogue;

import java.util.Locale;

/**
 * A circumstance that changes a rate or who may use a supply, written {@code kind:value} in the reference files.
 *
 * @param kind activity, environment, season, age, condition or allergy
 * @param value the circumstance, lower case with hyphens
 */
public record Tag(String kind, String value) implements Comparable<Tag> {

    /** Reads {@code kind:value}; throws {@link IllegalArgumentException} without a colon. */
    public static Tag parse(String text) {
        int colon = text.indexOf(':');
        if (colon < 1 || colon == text.length() - 1) {
            throw new IllegalArgumentException("“" + text + "” is not a tag; write it as kind:value.");
        }
        return new Tag(text.substring(0, colon), text.substring(colon + 1));
    }

    /** The tag of an enum constant: {@code HILL_WALKING} becomes {@code hill-walking}. */
    public static Tag of(String kind, Enum<?> constant) {
        return new Tag(kind, idOf(constant));
    }

    public static String idOf(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public int compareTo(Tag other) {
        return toString().compareTo(other.toString());
    }

    @Override
    public String toString() {
        return kind + ":" + value;
    }
}
