package hodeon.app.kits;

import hodeon.app.brief.TripService;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.shell.NotHere;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.notice.Fault;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's saved kits. */
@Service
@Transactional
public class KitService {

    static final int LONGEST_NAME = 80;

    private final KitRepository kits;
    private final OwnCatalogue catalogues;
    private final Clock clock;

    KitService(KitRepository kits, OwnCatalogue catalogues, Clock clock) {
        this.kits = kits;
        this.catalogues = catalogues;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Kit> all(UUID householdId) {
        return kits.findByHouseholdIdOrderByNameAsc(householdId).stream()
                .map(this::kit)
                .toList();
    }

    @Transactional(readOnly = true)
    public Kit find(UUID householdId, UUID id) {
        return kits.findByIdAndHouseholdId(id, householdId).map(this::kit).orElseThrow(() -> new NotHere("kit " + id));
    }

    @Transactional(readOnly = true)
    public Optional<Kit> ofTrip(UUID householdId, UUID tripId) {
        return kits.findByTripIdAndHouseholdId(tripId, householdId).map(this::kit);
    }

    /** Saves contents as a trip's kit, under a name of 1 to 80 characters; answers the kit's id. */
    public UUID save(UUID householdId, UUID tripId, String name, Map<String, Integer> pieces) {
        KitRow row = kits.findByTripIdAndHouseholdId(tripId, householdId).orElseGet(KitRow::new);
        row.tripId = tripId;
        return save(householdId, row, name, pieces);
    }

    /** Saves contents as a kit of its own, for no trip; answers the kit's id. */
    public UUID save(UUID householdId, String name, Map<String, Integer> pieces) {
        return save(householdId, new KitRow(), name, pieces);
    }

    private UUID save(UUID householdId, KitRow row, String name, Map<String, Integer> pieces) {
        row.householdId = householdId;
        row.name = name;
        row.savedAt = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        row.lines.clear();
        catalogues.of(householdId).catalogue().supplies().stream()
                .filter(s -> pieces.getOrDefault(s.id(), 0) > 0)
                .forEach(s -> row.lines.add(new KitRow.Line(s.id(), pieces.getOrDefault(s.id(), 0))));
        return kits.save(row).id;
    }

    /** What is wrong with a kit's name, if anything is. */
    public static Optional<Fault> nameFault(String typed) {
        String name = typed.strip();
        if (!name.isEmpty() && name.length() <= LONGEST_NAME && name.chars().noneMatch(Character::isISOControl)) {
            return Optional.empty();
        }
        return Optional.of(new Fault(
                "name",
                name.replaceAll("\\p{Cntrl}", "?"),
                "a kit's name is one line of 1 to " + LONGEST_NAME + " characters",
                name.isEmpty() ? "Give it one" : "Shorten it"));
    }

    /** Puts it in the bin. */
    public void delete(UUID householdId, UUID id) {
        KitRow row = kits.findByIdAndHouseholdId(id, householdId).orElseThrow(() -> new NotHere("kit " + id));
        row.deletedAt = LocalDateTime.now(clock);
        row.binnedTrip = row.tripId;
        row.tripId = null;
    }

    /** A kit whose trip lies in the bin is for no trip until that comes back. */
    @EventListener
    void binned(TripService.Binned trip) {
        kits.findByTripIdAndHouseholdId(trip.tripId(), trip.householdId()).ifPresent(row -> {
            row.binnedTrip = row.tripId;
            row.tripId = null;
        });
    }

    private Kit kit(KitRow row) {
        Catalogue catalogue = catalogues.of(row.householdId).catalogue();
        List<Kit.Line> lines = row.lines.stream()
                .flatMap(l -> catalogue.supply(l.supplyId).map(s -> new Kit.Line(s, l.pieces)).stream())
                .collect(Collectors.toList());
        return new Kit(row.id, row.name, Optional.ofNullable(row.tripId), row.savedAt, lines);
    }
}
