package hodeon.core.choice;

import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Uses that the same candidates serve equally well, put together: it does not matter which of them a piece is set aside
 * for, so the most worth comes first. Steps of many problems that ask for one capability shrink to one pool, and the
 * model with them. A use with a floor stays alone.
 */
final class Pools {

    /** The {@code k}-th use of {@code use}, k from 0, with what it is worth at full effect. */
    record Slot(int use, int k, double worth) {}

    /** What a candidate does for every use of a pool. */
    record Offer(int candidate, double effect) {}

    /**
     * @param slots the most worth first
     * @param offers by candidate number
     * @param floor fewest slots that must be served
     */
    record Pool(List<Slot> slots, List<Offer> offers, int floor) {

        double worth() {
            return slots.stream().mapToDouble(Slot::worth).sum();
        }
    }

    private Pools() {}

    static List<Pool> of(Choice choice) {
        List<List<Offer>> offers = new ArrayList<>();
        for (int u = 0; u < choice.uses().size(); u++) {
            offers.add(new ArrayList<>());
        }
        for (int i = 0; i < choice.candidates().size(); i++) {
            for (Service service : choice.candidates().get(i).serves()) {
                offers.get(service.use()).add(new Offer(i, service.effect()));
            }
        }
        Map<Object, List<Integer>> alike = new LinkedHashMap<>();
        for (int u = 0; u < choice.uses().size(); u++) {
            Object key = choice.uses().get(u).floor() > 0 ? Integer.valueOf(u) : offers.get(u);
            alike.computeIfAbsent(key, k -> new ArrayList<>()).add(u);
        }
        return alike.values().stream()
                .map(uses -> pool(choice, uses, offers.get(uses.getFirst())))
                .toList();
    }

    private static Pool pool(Choice choice, List<Integer> uses, List<Offer> offers) {
        List<Slot> slots = new ArrayList<>();
        for (int u : uses) {
            Use use = choice.uses().get(u);
            for (int k = 0; k < use.slots(); k++) {
                slots.add(new Slot(u, k, use.worthOf(k)));
            }
        }
        slots.sort(Comparator.comparingDouble(Slot::worth).reversed());
        return new Pool(
                List.copyOf(slots),
                List.copyOf(offers),
                choice.uses().get(uses.getFirst()).floor());
    }
}
