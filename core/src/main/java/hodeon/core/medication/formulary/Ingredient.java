package hodeon.core.medication.formulary;

import java.util.Set;

/**
 * A substance that does something, by its generic name.
 *
 * @param id stable, lower case with hyphens
 * @param otherNames what the same substance is called elsewhere
 * @param classes what kinds of thing it is
 * @param ceilings what nobody passes without a reason
 * @param interactionsKnown whether the list of cautions was written with it in mind; not so for what a household named itself
 */
public record Ingredient(
        String id,
        String name,
        Set<String> otherNames,
        Set<DrugClass> classes,
        Ceilings ceilings,
        boolean interactionsKnown) {

    public Ingredient {
        otherNames = Set.copyOf(otherNames);
        classes = Set.copyOf(classes);
    }

    /** One that a household named itself, with the classes it said it belongs to. */
    public static Ingredient ofHousehold(String id, String name, Set<DrugClass> classes) {
        return new Ingredient(id, name, Set.of(), classes, Ceilings.NONE, false);
    }

    public boolean is(DrugClass of) {
        return classes.contains(of);
    }
}
