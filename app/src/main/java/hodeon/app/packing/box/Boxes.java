package hodeon.app.packing.box;

import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.shell.NotHere;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.app.stock.pocket.PocketKeeping;
import hodeon.app.stock.pocket.Pockets;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.packing.Arrangement;
import hodeon.core.packing.BoxShapes;
import hodeon.core.packing.Compartment;
import hodeon.core.packing.Laid;
import hodeon.core.packing.Urgency;
import hodeon.core.stock.Held;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The compartments of kits and modules, and which of their things lies in which. */
@Service
@Transactional
public class Boxes {

    private static final Duration PATIENCE = Duration.ofMillis(900);

    private final PocketKeeping pockets;
    private final StockService stock;
    private final HouseholdEvidence knowledge;

    Boxes(PocketKeeping pockets, StockService stock, HouseholdEvidence knowledge) {
        this.pockets = pockets;
        this.stock = stock;
        this.knowledge = knowledge;
    }

    /** Throws {@link NotHere} for what is no kit or module of the household. */
    @Transactional(readOnly = true)
    Box of(UUID household, UUID kit) {
        String name = stock.place(household, kit).name();
        Stock all = stock.of(household);
        Catalogue catalogue = knowledge.of(household).catalogue();
        Map<String, Double> urgency = Urgency.of(catalogue);
        List<Box.Lying> things = new ArrayList<>();
        for (Pockets.Placed p : all.placed(kit)) {
            Supply supply = Objects.requireNonNull(all.supplies().get(p.thing()));
            String part = p.where().map(Compartment::id).orElse("");
            things.add(new Box.Lying(
                    p.thing(),
                    new Laid.Handful(
                            p.thing() + " " + part,
                            supply,
                            p.pieces(),
                            things.stream().anyMatch(t -> t.key().equals(p.thing())),
                            urgency.getOrDefault(p.thing(), 0.0),
                            p.pinned() ? p.where().map(Compartment::id) : Optional.empty()),
                    p.where()));
        }
        for (Place module : all.modules(kit)) {
            Pockets.Placed lies = Way.module(all, kit, module.id());
            things.add(new Box.Lying(
                    module.id().toString(),
                    new Laid.Pouch(
                            module.id().toString(),
                            module.name(),
                            litres(all, module.id()),
                            all.inKit(module.id()).stream()
                                    .mapToDouble(
                                            h -> urgency.getOrDefault(h.lot().supply(), 0.0))
                                    .max()
                                    .orElse(0),
                            lies.pinned() ? lies.where().map(Compartment::id) : Optional.empty()),
                    lies.where()));
        }
        return new Box(name, all.pockets().of(kit), things, grave(all, kit, Urgency.grave(catalogue), urgency));
    }

    /** The opened box; empty if nobody said what compartments it has. */
    @Transactional(readOnly = true)
    public Optional<BoxDrawing> drawn(UUID household, UUID kit) {
        return Optional.of(of(household, kit)).filter(b -> !b.parts().isEmpty()).map(BoxDrawing::of);
    }

    /** How soon something that decides is in the hand. @param where compartments from the outside in */
    public record Reach(String name, String where, int seconds, boolean oneHanded) {}

    /** What decides whether somebody lives or keeps a limb, the most urgent first; what lies nowhere in particular is missing. */
    @Transactional(readOnly = true)
    public List<Reach> reach(UUID household, UUID kit) {
        return of(household, kit).grave().stream()
                .flatMap(g -> g.way().stream()
                        .map(w -> new Reach(g.name(), String.join(", ", w.names()), w.seconds(), w.oneHanded())))
                .toList();
    }

    private static double litres(Stock all, UUID place) {
        return all.inKit(place).stream()
                .mapToDouble(h -> Optional.ofNullable(all.supplies().get(h.lot().supply()))
                        .map(s -> s.volume().times(h.pieces()).litres())
                        .orElse(0.0))
                .sum();
    }

    private static List<Box.Grave> grave(Stock all, UUID kit, Set<String> decisive, Map<String, Double> urgency) {
        Map<String, Optional<Way>> ways = new LinkedHashMap<>();
        for (Held held : all.inKit(kit)) {
            String supply = held.lot().supply();
            if (decisive.contains(supply)) {
                ways.merge(supply, Way.to(all, kit, held.place(), supply), Boxes::quicker);
            }
        }
        return ways.entrySet().stream()
                .sorted(Comparator.comparingDouble(e -> -urgency.getOrDefault(e.getKey(), 0.0)))
                .map(e -> new Box.Grave(e.getKey(), all.nameOf(e.getKey()), e.getValue()))
                .toList();
    }

    private static Optional<Way> quicker(Optional<Way> a, Optional<Way> b) {
        return Stream.of(a, b).flatMap(Optional::stream).min(Comparator.comparingInt(Way::seconds));
    }

    /** Compartments of a shape in place of those there were; nothing lies anywhere then. */
    public void start(UUID household, UUID kit, String shape) {
        stock.place(household, kit);
        BoxShapes.Shape chosen = BoxShapes.shipped().stream()
                .filter(s -> s.id().equals(shape))
                .findFirst()
                .orElseThrow(() -> new NotHere("shape " + shape));
        pockets.draw(household, kit, chosen.compartments());
    }

    /** Lays everything out anew; what was pinned stays. Answers how far it may be from the best, as a share. */
    public double arrange(UUID household, UUID kit) {
        Box box = of(household, kit);
        Map<String, String> keys = new LinkedHashMap<>();
        Map<String, Integer> loose = new LinkedHashMap<>();
        List<Laid> things = new ArrayList<>();
        for (Box.Lying lying : box.things()) {
            if (lying.laid() instanceof Laid.Handful h && h.pinned().isEmpty()) {
                loose.merge(lying.key(), h.pieces(), Integer::sum);
            } else {
                keys.put(lying.laid().id(), lying.key());
                things.add(lying.laid());
            }
        }
        Map<String, Supply> supplies = stock.of(household).supplies();
        Map<String, Double> urgency = Urgency.of(knowledge.of(household).catalogue());
        loose.forEach((supply, pieces) -> {
            double share = keys.containsValue(supply) ? Urgency.OF_A_SPARE : 1;
            Laid.Handful.of(
                            Objects.requireNonNull(supplies.get(supply)),
                            pieces,
                            share * urgency.getOrDefault(supply, 0.0),
                            share < 1 ? List.of() : box.parts())
                    .forEach(h -> {
                        keys.put(h.id(), supply);
                        things.add(h);
                    });
        });
        Arrangement arranged = Arrangement.of(box.parts(), things, PATIENCE);
        Map<String, Map<String, Integer>> anew = new LinkedHashMap<>();
        Map<String, Set<String>> pinned = new HashMap<>();
        things.forEach(t -> {
            String key = Objects.requireNonNull(keys.get(t.id()));
            Map<String, Integer> pieces = anew.computeIfAbsent(key, k -> new LinkedHashMap<>());
            pieces.merge(
                    arranged.compartments().getOrDefault(t.id(), ""),
                    t instanceof Laid.Handful h ? h.pieces() : 1,
                    Integer::sum);
            t.pinned().ifPresent(pinned.computeIfAbsent(key, k -> new HashSet<>())::add);
        });
        pockets.lay(household, kit, anew, pinned);
        return arranged.gap();
    }

    /**
     * By hand: it stays there when all is arranged.
     *
     * @param thing id of a supply or a module
     * @param from compartment where it lies now; empty if nowhere
     * @param pieces that are taken from there, all of them if there are fewer
     */
    public void lay(UUID household, UUID kit, String thing, Optional<UUID> from, int pieces, UUID part) {
        pockets.mustHave(household, kit, part);
        List<Box.Lying> lying = of(household, kit).things().stream()
                .filter(t -> t.key().equals(thing))
                .toList();
        if (lying.isEmpty()) {
            throw new NotHere("thing " + thing + " in this kit");
        }
        Map<String, Integer> laid = new LinkedHashMap<>();
        Set<String> pinned = new HashSet<>();
        lying.forEach(t -> {
            laid.merge(t.part(), count(t), Integer::sum);
            t.laid().pinned().ifPresent(pinned::add);
        });
        String at = from.map(UUID::toString)
                .filter(laid::containsKey)
                .orElse(lying.getLast().part());
        int moved = Math.min(pieces, laid.getOrDefault(at, 0));
        laid.merge(at, -moved, Integer::sum);
        laid.merge(part.toString(), moved, Integer::sum);
        laid.values().removeIf(n -> n <= 0);
        pinned.add(part.toString());
        pockets.lay(household, kit, Map.of(thing, laid), Map.of(thing, pinned));
    }

    private static int count(Box.Lying lying) {
        return lying.laid() instanceof Laid.Handful h ? h.pieces() : 1;
    }

    /** It may be moved when all is arranged. */
    public void letGo(UUID household, UUID kit, String thing) {
        stock.place(household, kit);
        pockets.letGo(household, kit, thing);
    }

    /** @param part the compartment that is changed; empty for a new one */
    public void keep(UUID household, UUID kit, Optional<UUID> part, Compartment as) {
        stock.place(household, kit);
        pockets.keep(household, kit, part, as);
    }

    /** What lay in it lies nowhere then. */
    public void remove(UUID household, UUID kit, UUID part) {
        pockets.remove(household, kit, part);
    }
}
