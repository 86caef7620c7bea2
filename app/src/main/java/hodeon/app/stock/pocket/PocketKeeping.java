package hodeon.app.stock.pocket;

import hodeon.app.shell.NotHere;
import hodeon.core.packing.Compartment;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Draws compartments into kits and modules, and lays things into them. Whoever calls says that the kit is the household's. */
@Service
@Transactional
public class PocketKeeping {

    private static final UUID NEW = new UUID(0, 0);

    private final PartRepository parts;
    private final LaidRepository laid;

    PocketKeeping(PartRepository parts, LaidRepository laid) {
        this.parts = parts;
        this.laid = laid;
    }

    @Transactional(readOnly = true)
    public Pockets of(UUID household) {
        return Pockets.of(parts.findByHouseholdIdOrderByPosition(household), laid.findByHouseholdId(household));
    }

    /** In place of the compartments there were; nothing lies anywhere then. */
    public void draw(UUID household, UUID kit, List<Compartment> box) {
        laid.deleteAll(laid.findByHouseholdIdAndKitId(household, kit));
        parts.deleteAll(parts.findByHouseholdIdAndKitIdOrderByPosition(household, kit));
        box.forEach(c -> keep(household, kit, new PartRow(), c));
    }

    /** @param part the compartment that is changed; empty for a new one */
    public void keep(UUID household, UUID kit, Optional<UUID> part, Compartment as) {
        keep(household, kit, part.map(id -> part(household, kit, id)).orElseGet(PartRow::new), as);
    }

    private void keep(UUID household, UUID kit, PartRow row, Compartment as) {
        if (row.kitId.equals(NEW)) {
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

    /** Throws {@link NotHere} for what is no compartment of the kit. */
    public void mustHave(UUID household, UUID kit, UUID part) {
        part(household, kit, part);
    }

    private PartRow part(UUID household, UUID kit, UUID part) {
        return parts.findByIdAndHouseholdIdAndKitId(part, household, kit)
                .orElseThrow(() -> new NotHere("compartment " + part));
    }

    /**
     * Lays some things of a kit anew; what else lies in it stays.
     *
     * @param anew by the id of a supply or a module, by compartment how many; those laid nowhere by “”
     * @param pinned compartments where somebody laid the thing by hand
     */
    public void lay(UUID household, UUID kit, Map<String, Map<String, Integer>> anew, Map<String, Set<String>> pinned) {
        List<Compartment> box = parts.findByHouseholdIdAndKitIdOrderByPosition(household, kit).stream()
                .map(PartRow::compartment)
                .toList();
        laid.deleteAll(laid.findByHouseholdIdAndKitId(household, kit).stream()
                .filter(r -> anew.containsKey(r.thing))
                .toList());
        laid.flush();
        anew.forEach((thing, pieces) -> {
            Optional<String> rest = restsIn(pieces, box);
            pieces.entrySet().stream()
                    .filter(e -> !e.getKey().isEmpty())
                    .forEach(e -> laid.save(new LaidRow(
                            household,
                            kit,
                            thing,
                            UUID.fromString(e.getKey()),
                            rest.filter(e.getKey()::equals).isPresent() ? 0 : e.getValue(),
                            pinned.getOrDefault(thing, Set.of()).contains(e.getKey()))));
        });
    }

    /** Where most lie, or it is slowest to reach, all lie that lie nowhere else: what comes and goes does so there. */
    private static Optional<String> restsIn(Map<String, Integer> pieces, List<Compartment> box) {
        if (pieces.containsKey("")) {
            return Optional.empty();
        }
        return pieces.entrySet().stream()
                .max(Map.Entry.<String, Integer>comparingByValue().thenComparing(e -> box.stream()
                        .filter(c -> c.id().equals(e.getKey()))
                        .mapToInt(Compartment::seconds)
                        .max()
                        .orElse(0)))
                .map(Map.Entry::getKey);
    }

    /** It may be moved when all is arranged. */
    public void letGo(UUID household, UUID kit, String thing) {
        laid.findByHouseholdIdAndKitId(household, kit).stream()
                .filter(r -> r.thing.equals(thing))
                .forEach(r -> r.pinned = false);
    }
}
