package hodeon.app.medicine;

import hodeon.core.brief.Passage;
import hodeon.core.catalogue.Crossing.Border;
import hodeon.core.catalogue.Crossing.Cabin;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** What a border or a cabin asks of what is on the mat. */
record BorderPapers(List<Ask> asks, List<String> buyThere) {

    /** One demand, and what it concerns. */
    record Ask(String demand, List<String> supplies) {}

    /** @param excluded supplies that may not come along for the border's or the cabin's sake */
    static BorderPapers of(Set<Passage> passage, List<Supply> onMat, List<Supply> excluded) {
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
        return new BorderPapers(asks, names(excluded, s -> true));
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
