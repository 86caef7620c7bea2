package hodeon.core.medication.finding;

import hodeon.core.units.Dose;
import java.util.List;

/** What could be mixed up in one bag. */
public sealed interface MixUp extends Finding {

    /** One form in several strengths, which is grave. */
    record Strengths(String name, int count, List<Dose> strengths, String unit) implements MixUp {}

    record Products(String name, int count, List<String> products) implements MixUp {}
}
