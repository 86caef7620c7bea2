package hodeon.core.packing;

import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import hodeon.core.units.Volume;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/** The neutral shapes of boxes that somebody can start from, read from {@code shapes.txt}. */
public final class BoxShapes {

    private static final int PARTS = 4;

    private BoxShapes() {}

    /** @param compartments with ids from 1 on, in the order in which a hand meets them */
    public record Shape(String id, String name, List<Compartment> compartments) {}

    /** Throws {@link IllegalStateException} if the file that ships is damaged. */
    public static List<Shape> shipped() {
        List<CatalogueFault> faults = new ArrayList<>();
        SectionFile file = new SectionFile("shapes.txt", faults);
        List<Shape> shapes =
                file.read(SectionFile.shipped(BoxShapes.class, "shapes.txt"), Set.of("name", "part")).stream()
                        .map(s -> new SectionValues(file, s))
                        .map(v -> new Shape(v.id(), v.text("name"), numbered(v.each("part", BoxShapes::part))))
                        .toList();
        if (!faults.isEmpty()) {
            throw new IllegalStateException("BoxShapes of boxes: " + faults);
        }
        return shapes;
    }

    private static List<Compartment> numbered(List<Compartment> parts) {
        List<Compartment> numbered = new ArrayList<>();
        for (Compartment part : parts) {
            numbered.add(new Compartment(
                    String.valueOf(numbered.size() + 1),
                    part.name(),
                    part.room(),
                    part.steps(),
                    part.measured(),
                    part.outside(),
                    part.waterproof(),
                    part.closes()));
        }
        return numbered;
    }

    private static Compartment part(String text) {
        String[] parts = text.split("\\|", -1);
        if (parts.length != PARTS) {
            throw new IllegalArgumentException("“" + text + "” is not “name | litres | steps | what holds of it”.");
        }
        List<String> holds = words(parts[3]);
        return new Compartment(
                "",
                parts[0].strip(),
                Volume.ofMillilitres(new BigDecimal(parts[1].strip()).movePointRight(3)),
                words(parts[2]).stream()
                        .map(w -> SectionValues.named(w, AccessStep.class))
                        .toList(),
                OptionalInt.empty(),
                holds.contains("outside"),
                holds.contains("waterproof"),
                holds.contains("closes"));
    }

    private static List<String> words(String text) {
        return Stream.of(text.strip().split(" +")).filter(w -> !w.isEmpty()).toList();
    }
}
