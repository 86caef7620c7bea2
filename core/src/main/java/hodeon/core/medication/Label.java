package hodeon.core.medication;

import java.util.List;

/**
 * What a pack says about one ingredient, or about one product that mixes several.
 *
 * @param of id of the ingredient, or of the product where it speaks in pieces
 * @param tradition whose way of labelling it follows
 * @param measure what its figures count
 * @param bands for whom it speaks; nobody outside them
 * @param source where it comes from
 */
public record Label(String of, Tradition tradition, Measure measure, List<Band> bands, String source) {

    /** What a label's figures count. */
    public enum Measure {
        MILLIGRAMS,
        UNITS
    }

    public Label {
        bands = List.copyOf(bands);
        if (bands.isEmpty()) {
            throw new IllegalArgumentException("A label speaks for somebody.");
        }
    }
}
