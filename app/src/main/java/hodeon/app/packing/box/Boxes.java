package hodeon.app.packing.box;

import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.shell.NotHere;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
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

    private static final Duration PATIENCE = Duration.ofSeconds(3);

    private final PartRepository parts;
    private final LaidRepository laid;
    private final StockService stock;
    private final HouseholdEvidence knowledge;

    Boxes(PartRepository parts, LaidRepository laid, StockService stock, HouseholdEvidence knowledge) {
        this.parts = parts;
        this.laid = laid;
        this.stock = stock;
        this.knowledge = knowledge;
    }

    /** In which compartment everything of a household lies. */
    @Transactional(readOnly = true)
    public Layout layout(UUID household, Stock all) {
        return Layout.of(all, parts.findByHouseholdIdOrderByPosition(household), laid.findByHouseholdId(household));
    }

    /** Throws {@link NotHere} for what is no kit or module of the household. */
    @Transactional(readOnly = true)
    Box of(UUID household, UUID kit) {
        String name = stock.place(household, kit).name();
        Stock all = stock.of(household);
        Layout layout = layout(household, all);
        Catalogue catalogue = knowledge.of(household).catalogue();
        Map<String, Double> urgency = Urgency.of(catalogue);
        List<Box.Lying> things = new ArrayList<>();
        for (Layout.Placed p : layout.placed(kit)) {
            Supply supply = Objects.requireNonNull(all.supplies().get(p.supply()));
            String part = p.where().map(Compartment::id).orElse("");
            things.add(new Box.Lying(
                    p.supply(),
                    new Laid.Handful(
                            p.supply() + " " + part,
                            supply,
                            p.pieces(),
                            things.stream().anyMatch(t -> t.key().equals(p.supply())),
                            urgency.getOrDefault(p.supply(), 0.0),
                            p.pinned() ? p.where().map(Compartment::id) : Optional.empty()),
                    p.where()));
        }
        for (Place module : all.modules(kit)) {
            Optional<Compartment> where = layout.module(kit, module.id());
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
                            layout.pinned(kit, module.id()) ? where.map(Compartment::id) : Optional.empty()),
                    where));
        }
        return new Box(name, layout.parts(kit), things, grave(all, layout, kit, Urgency.grave(catalogue), urgency));
    }

    private static double litres(Stock all, UUID place) {
        return all.inKit(place).stream()
                .mapToDouble(h -> Optional.ofNullable(all.supplies().get(h.lot().supply()))
                        .map(s -> s.volume().times(h.pieces()).litres())
                        .orElse(0.0))
                .sum();
    }

    private static List<Box.Grave> grave(
            Stock all, Layout layout, UUID kit, Set<String> decisive, Map<String, Double> urgency) {
        Map<String, Optional<Layout.Way>> ways = new LinkedHashMap<>();
        for (Held held : all.inKit(kit)) {
            String supply = held.lot().supply();
            if (decisive.contains(supply)) {
                ways.merge(supply, layout.way(kit, held.place(), supply), Boxes::quicker);
            }
        }
        return ways.entrySet().stream()
                .sorted(Comparator.comparingDouble(e -> -urgency.getOrDefault(e.getKey(), 0.0)))
                .map(e -> new Box.Grave(e.getKey(), all.nameOf(e.getKey()), e.getValue()))
                .toList();
    }

    private static Optional<Layout.Way> quicker(Optional<Layout.Way> a, Optional<Layout.Way> b) {
        return Stream.of(a, b).flatMap(Optional::stream).min(Comparator.comparingInt(Layout.Way::seconds));
    }

    /** Compartments of a shape in place of those there were; nothing lies anywhere then. */
    public void start(UUID household, UUID kit, String shape) {
        stock.place(household, kit);
        BoxShapes.Shape chosen = BoxShapes.shipped().stream()
                .filter(s -> s.id().equals(shape))
                .findFirst()
                .orElseThrow(() -> new NotHere("shape " + shape));
        laid.deleteAll(laid.findByHouseholdIdAndKitId(household, kit));
        parts.deleteAll(parts.findByHouseholdIdAndKitIdOrderByPosition(household, kit));
        chosen.compartments().forEach(c -> keep(household, kit, new PartRow(), c));
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
        Map<String, Laying> byThing = new LinkedHashMap<>();
        things.forEach(t -> {
            Laying laying = byThing.computeIfAbsent(
                    Objects.requireNonNull(keys.get(t.id())), k -> new Laying(new LinkedHashMap<>(), new HashSet<>()));
            String part = arranged.compartments().getOrDefault(t.id(), "");
            laying.pieces().merge(part, t instanceof Laid.Handful h ? h.pieces() : 1, Integer::sum);
            t.pinned().ifPresent(laying.pinned()::add);
        });
        laid.deleteAll(laid.findByHouseholdIdAndKitId(household, kit));
        laid.flush();
        byThing.forEach((thing, laying) -> save(household, kit, thing, laying));
        return arranged.gap();
    }

    /** @param pieces by compartment, those laid nowhere under “” */
    private record Laying(Map<String, Integer> pieces, Set<String> pinned) {}

    /** Where most lie, or it is slowest to reach, all lie that lie nowhere else: what comes and goes does so there. */
    private void save(UUID household, UUID kit, String thing, Laying laying) {
        Map<String, Integer> seconds = new LinkedHashMap<>();
        parts.findByHouseholdIdAndKitIdOrderByPosition(household, kit)
                .forEach(p -> seconds.put(p.id.toString(), p.compartment().seconds()));
        Optional<String> most = laying.pieces().containsKey("")
                ? Optional.empty()
                : laying.pieces().entrySet().stream()
                        .max(Map.Entry.<String, Integer>comparingByValue()
                                .thenComparing(e -> seconds.getOrDefault(e.getKey(), 0)))
                        .map(Map.Entry::getKey);
        laying.pieces().forEach((part, pieces) -> {
            if (!part.isEmpty()) {
                laid.save(new LaidRow(
                        household,
                        kit,
                        thing,
                        UUID.fromString(part),
                        most.filter(part::equals).isPresent() ? 0 : pieces,
                        laying.pinned().contains(part)));
            }
        });
    }

    /**
     * By hand: it stays there when all is arranged.
     *
     * @param thing id of a supply or a module
     * @param from compartment where it lies now; empty if nowhere
     * @param pieces that are taken from there, all of them if there are fewer
     */
    public void lay(UUID household, UUID kit, String thing, Optional<UUID> from, int pieces, UUID part) {
        part(household, kit, part);
        List<Box.Lying> lying = of(household, kit).things().stream()
                .filter(t -> t.key().equals(thing))
                .toList();
        if (lying.isEmpty()) {
            throw new NotHere("thing " + thing + " in this kit");
        }
        Laying laying = new Laying(new LinkedHashMap<>(), new HashSet<>());
        lying.forEach(t -> {
            laying.pieces().merge(t.part(), count(t), Integer::sum);
            t.laid().pinned().ifPresent(laying.pinned()::add);
        });
        String at = from.map(UUID::toString)
                .filter(laying.pieces()::containsKey)
                .orElse(lying.getLast().part());
        int moved = Math.min(pieces, laying.pieces().getOrDefault(at, 0));
        laying.pieces().merge(at, -moved, Integer::sum);
        laying.pieces().merge(part.toString(), moved, Integer::sum);
        laying.pieces().values().removeIf(n -> n <= 0);
        laying.pinned().add(part.toString());
        laid.deleteAll(laid.findByHouseholdIdAndKitId(household, kit).stream()
                .filter(r -> r.thing.equals(thing))
                .toList());
        laid.flush();
        save(household, kit, thing, laying);
    }

    private static int count(Box.Lying lying) {
        return lying.laid() instanceof Laid.Handful h ? h.pieces() : 1;
    }

    /** It may be moved when all is arranged. */
    public void letGo(UUID household, UUID kit, String thing) {
        laid.findByHouseholdIdAndKitId(household, kit).stream()
                .filter(r -> r.thing.equals(thing))
                .forEach(r -> r.pinned = false);
    }

    /** @param part the compartment that is changed; empty for a new one */
    public void keep(UUID household, UUID kit, Optional<UUID> part, Compartment as) {
        stock.place(household, kit);
        keep(household, kit, part.map(id -> part(household, kit, id)).orElseGet(PartRow::new), as);
    }

    private void keep(UUID household, UUID kit, PartRow row, Compartment as) {
        if (row.kitId.equals(new UUID(0, 0))) {
            row.householdId = household;
            row.kitId = kit;
            row.position = parts.findByHouseholdIdAndKitIdOrderByPosition(household, kit).stream()
                            .mapToInt(p -> p.position)
                            .max()
                            .orElse(0)
                    + 1;
        }
        row.is(as);
        parts.save(row);
    }

    /** What lay in it lies nowhere then. */
    public void remove(UUID household, UUID kit, UUID part) {
        PartRow row = part(household, kit, part);
        laid.deleteByPartId(part);
        parts.delete(row);
    }

    private PartRow part(UUID household, UUID kit, UUID part) {
        return parts.findByIdAndHouseholdIdAndKitId(part, household, kit)
                .orElseThrow(() -> new NotHere("compartment " + part));
    }
}
