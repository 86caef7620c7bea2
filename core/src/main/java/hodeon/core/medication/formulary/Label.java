package hodeon.core.medication.formulary;

import java.util.List;

/**
 * What a pack says about one ingredient, or about one product that mixes several.
 *
 * @param of id of the ingredient, or of the product where it speaks in pieces
 * @param tradition whose way of labelling it follows
 * @param measure what its figures count
 * @param bands for whom it speaks; nobody outside them
 * @param source where it comes from
 * @param own whether a household typed it from its own pack
 * @param confirmed why the household says that it is right although it looked like a slip; empty where it did not have to
 */
public record Label(
        String of,
        Tradition tradition,
        Measure measure,
        List<Band> bands,
        String source,
        boolean own,
        String confirmed) {

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

    public static Label shipped(String of, Tradition tradition, Measure measure, List<Band> bands, String source) {
        return new Label(of, tradition, measure, bands, source, false, "");
    }

    public static Label ofHousehold(
            String of, Tradition tradition, Measure measure, List<Band> bands, String confirmed) {
        return new Label(of, tradition, measure, bands, "your own pack", true, confirmed);
    }

    /** Age in months from which it speaks. */
    public int youngestMonths() {
        return bands.stream().mapToInt(Band::fromMonths).min().orElseThrow();
    }
}
