package hodeon.app.packing.box;

import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.shell.NotHere;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.packing.Arrangement;
import hodeon.core.packing.BoxShapes;
import hodeon.core.packing.Compartment;
import hodeon.core.packing.Laid;
import hodeon.core.packing.Urgency;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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

    /**
     * A box as it is.
     *
     * @param things what lies directly in the kit, in the order of the catalogue
     * @param where compartment by supply id; what was laid nowhere is missing
     * @param grave ids of what decides whether somebody lives or keeps a limb
     */
    public record Box(
            String name, List<Compartment> parts, List<Laid> things, Map<String, String> where, Set<String> grave) {

        /** Where a supply lies. */
        public Optional<Compartment> of(String supply) {
            return parts.stream().filter(p -> p.id().equals(where.get(supply))).findFirst();
        }
    }

    /** Throws {@link NotHere} for what is no kit or module of the household. */
    @Transactional(readOnly = true)
    public Box of(UUID household, UUID kit) {
        String name = stock.place(household, kit).name();
        List<Compartment> box = parts.findByHouseholdIdAndKitIdOrderByPosition(household, kit).stream()
                .map(PartRow::compartment)
                .toList();
        Map<String, LaidRow> rows = new LinkedHashMap<>();
        laid.findByHouseholdIdAndKitId(household, kit).forEach(r -> rows.put(r.supplyId, r));
        Map<String, Integer> pieces = new LinkedHashMap<>();
        Stock all = stock.of(household);
        all.at(kit).forEach(h -> pieces.merge(h.lot().supply(), h.pieces(), Integer::sum));
        Catalogue catalogue = knowledge.of(household).catalogue();
        Map<String, Double> urgency = Urgency.of(catalogue);
        List<Laid> things = new ArrayList<>();
        Map<String, String> where = new LinkedHashMap<>();
        all.supplies().values().stream()
                .filter(s -> pieces.getOrDefault(s.id(), 0) > 0)
                .forEach(s -> {
                    Optional<LaidRow> row = Optional.ofNullable(rows.get(s.id()));
                    row.ifPresent(r -> where.put(s.id(), r.partId.toString()));
                    things.add(new Laid(
                            s,
                            pieces.getOrDefault(s.id(), 0),
                            urgency.getOrDefault(s.id(), 0.0),
                            row.filter(r -> r.pinned).map(r -> r.partId.toString())));
                });
        return new Box(name, box, things, where, Urgency.grave(catalogue));
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
        Arrangement arranged = Arrangement.of(box.parts(), box.things(), PATIENCE);
        Set<String> pinned = box.things().stream()
                .filter(t -> t.pinned().isPresent())
                .map(t -> t.supply().id())
                .collect(Collectors.toSet());
        laid.deleteAll(laid.findByHouseholdIdAndKitId(household, kit));
        laid.flush();
        arranged.compartments()
                .forEach((supply, part) ->
                        laid.save(new LaidRow(household, kit, supply, UUID.fromString(part), pinned.contains(supply))));
        return arranged.gap();
    }

    /** By hand: it stays there when all is arranged. */
    public void lay(UUID household, UUID kit, String supply, UUID part) {
        part(household, kit, part);
        if (of(household, kit).things().stream().noneMatch(t -> t.supply().id().equals(supply))) {
            throw new NotHere("supply " + supply + " in this kit");
        }
        laid.save(new LaidRow(household, kit, supply, part, true));
    }

    /** It may be moved when all is arranged. */
    public void letGo(UUID household, UUID kit, String supply) {
        laid.findByHouseholdIdAndKitId(household, kit).stream()
                .filter(r -> r.supplyId.equals(supply))
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
