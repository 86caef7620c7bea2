package hodeon.core.medication;

import hodeon.core.units.Dose;
import java.util.Optional;
import java.util.Set;

/**
 * A substance that does something, by its generic name.
 *
 * @param id stable, lower case with hyphens
 * @param otherNames what the same substance is called elsewhere
 * @param classes what kinds of thing it is
 * @param perKilogramADay more than this in 24 h for each kilogram of body calls for asking, whatever an age band says
 */
public record Ingredient(
        String id, String name, Set<String> otherNames, Set<DrugClass> classes, Optional<Dose> perKilogramADay) {

    public Ingredient {
        otherNames = Set.copyOf(otherNames);
        classes = Set.copyOf(classes);
    }
}
