package hodeon.core.medication;

import hodeon.core.brief.Passage;
import hodeon.core.catalogue.Crossing.Border;
import hodeon.core.catalogue.Crossing.Cabin;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What a border or a cabin asks of what comes along.
 *
 * <p>Worked example, a test: over a border with an auto-injector and paracetamol, the injector asks for a copy of the prescription,
 * both for their own packaging.
 *
 * @param asks each demand with what it concerns, in order of weight
 * @param buyThere what stays at home for the crossing's sake and is bought on the other side
 */
public record BorderPapers(List<Ask> asks, List<String> buyThere) {

    /** One demand, and what it concerns. */
    public record Ask(String demand, List<String> supplies) {}

    /**
     * @param supplies of the catalogue
     * @param kit ids of what comes along
     */
    public static BorderPapers of(Set<Passage> passage, List<Supply> supplies, Set<String> kit) {
        List<Supply> onMat = supplies.stream().filter(s -> kit.contains(s.id())).toList();
        List<Ask> asks = new ArrayList<>();
        if (passage.contains(Passage.BORDER)) {
            for (Border border : List.of(Border.PRESCRIPTION, Border.ORIGINAL, Border.RESTRICTED)) {
                add(asks, border.label(), names(onMat, s -> s.crossing().border() == border));
            }
        }
        if (passage.contains(Passage.CABIN)) {
            for (Cabin cabin : List.of(Cabin.LIQUID, Cabin.HOLD)) {
                add(asks, cabin.label(), names(onMat, s -> s.crossing().cabin() == cabin));
            }
        }
        return new BorderPapers(asks, names(supplies, s -> s.prescribed().isEmpty() && staysOut(s, passage)));
    }

    /** Whether a thing may not come along for the border's or the cabin's sake. */
    private static boolean staysOut(Supply supply, Set<Passage> passage) {
        return passage.contains(Passage.BORDER) && supply.crossing().border() == Border.RESTRICTED
                || passage.contains(Passage.CABIN) && supply.crossing().cabin() == Cabin.HOLD;
    }

    private static void add(List<Ask> asks, String demand, List<String> supplies) {
        if (!supplies.isEmpty()) {
            asks.add(new Ask(demand, supplies));
        }
    }

    private static List<String> names(List<Supply> supplies, Predicate<Supply> which) {
        return supplies.stream().filter(which).map(Supply::name).sorted().toList();
    }
}
