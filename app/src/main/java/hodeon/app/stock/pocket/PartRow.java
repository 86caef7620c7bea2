package hodeon.app.stock.pocket;

import hodeon.core.packing.AccessStep;
import hodeon.core.packing.Compartment;
import hodeon.core.units.Volume;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A compartment of a kit or module. */
@Entity
@Table(name = "kit_part")
class PartRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID kitId = new UUID(0, 0);
    int position;
    String name = "";
    int millilitres;

    /** Constants of the steps to open it, a blank between. */
    String steps = "";

    /** Seconds by the watch; empty if nobody timed it. */
    @Nullable
    Integer measured;

    boolean outside;
    boolean waterproof;
    boolean closes;

    Compartment compartment() {
        return new Compartment(
                id.toString(),
                name,
                new Volume(1000L * millilitres),
                Stream.of(steps.split(" "))
                        .filter(s -> !s.isEmpty())
                        .map(AccessStep::valueOf)
                        .toList(),
                measured == null ? OptionalInt.empty() : OptionalInt.of(measured),
                outside,
                waterproof,
                closes);
    }

    void is(Compartment part) {
        name = part.name();
        millilitres = (int) (part.room().microlitres() / 1000);
        steps = steps(part.steps());
        measured = part.measured().isPresent() ? part.measured().getAsInt() : null;
        outside = part.outside();
        waterproof = part.waterproof();
        closes = part.closes();
    }

    private static String steps(List<AccessStep> steps) {
        return steps.stream().map(AccessStep::name).collect(Collectors.joining(" "));
    }
}
