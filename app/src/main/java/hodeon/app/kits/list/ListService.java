package hodeon.app.kits.list;

import hodeon.app.brief.TripService;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.readiness.KitList;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's lists of what belongs in kits, and every version of them. */
@Service
@Transactional
public class ListService {

    public static final int LONGEST_NAME = 80;
    public static final int LONGEST_WHY = 200;

    private final ListRepository lists;
    private final ListVersionRepository versions;
    private final SavedLines saved;
    private final OwnCatalogue catalogues;
    private final Clock clock;

    ListService(
            ListRepository lists,
            ListVersionRepository versions,
            SavedLines saved,
            OwnCatalogue catalogues,
            Clock clock) {
        this.saved = saved;
        this.lists = lists;
        this.versions = versions;
        this.catalogues = catalogues;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<StoredList> all(UUID householdId) {
        Map<String, Supply> supplies = supplies(householdId);
        List<ListRow> rows = lists.findByHouseholdIdOrderByNameAsc(householdId);
        Map<UUID, List<KitList.Line>> lines = saved.of(rows, () -> lists.findFilledByHouseholdId(householdId));
        return rows.stream()
                .map(row -> stored(row, lines.getOrDefault(row.id, List.of()), supplies))
                .toList();
    }

    /** Names by id, in their order. */
    @Transactional(readOnly = true)
    public Map<UUID, String> names(UUID householdId) {
        Map<UUID, String> names = new LinkedHashMap<>();
        lists.findNamedByHouseholdIdOrderByNameAsc(householdId).forEach(n -> names.put(n.getId(), n.getName()));
        return names;
    }

    @Transactional(readOnly = true)
    public StoredList find(UUID householdId, UUID id) {
        return stored(row(householdId, id), supplies(householdId));
    }

    @Transactional(readOnly = true)
    public boolean isOne(UUID householdId, UUID id) {
        return lists.findByIdAndHouseholdId(id, householdId).isPresent();
    }

    @Transactional(readOnly = true)
    public Optional<StoredList> ofTrip(UUID householdId, UUID tripId) {
        return lists.findByTripIdAndHouseholdId(tripId, householdId).map(row -> stored(row, supplies(householdId)));
    }

    /** Saves contents as an outing's list, under a name of 1 to 80 characters; answers the list's id. */
    public UUID save(UUID householdId, UUID tripId, String name, Map<String, Integer> pieces) {
        return save(householdId, tripId, name, pieces, Map.of());
    }

    /** @param least counts by supply id, for lines that have none yet */
    public UUID save(
            UUID householdId, UUID tripId, String name, Map<String, Integer> pieces, Map<String, Integer> least) {
        ListRow row = lists.findByTripIdAndHouseholdId(tripId, householdId).orElseGet(ListRow::new);
        row.tripId = tripId;
        KitList list = replenished(row, pieces).withLeast(least);
        return save(householdId, row, name, list, "", "from the mat");
    }

    /** Saves contents as a list of its own, for no outing; answers the list's id. */
    public UUID save(UUID householdId, String name, Map<String, Integer> pieces) {
        return save(householdId, new ListRow(), name, replenished(new ListRow(), pieces), "", "");
    }

    /** Saves a list of its own with all that its lines say; answers its id. */
    public UUID save(UUID householdId, String name, KitList list) {
        return save(householdId, new ListRow(), name.strip(), list, "", "");
    }

    /**
     * Writes a new version of a list, unless nothing is other than it was.
     *
     * @param seen the version of the row that was looked at; throws {@link OptimisticLockingFailureException} if it was changed since
     * @param why it was changed, at most {@value #LONGEST_WHY} characters, perhaps none
     */
    public void write(UUID householdId, UUID id, long seen, KitList list, String who, String why) {
        ListRow row = row(householdId, id);
        StoredList now = stored(row, supplies(householdId));
        if (now.version() != seen) {
            throw new OptimisticLockingFailureException(Wording.says("listService.listWasChangedSince", id));
        }
        save(householdId, row, row.name, list, who, why);
    }

    /** The outing of a list takes a kit along. */
    public void takeAlong(UUID householdId, UUID id, UUID base) {
        row(householdId, id).basePlace = base;
    }

    /** The outing of a list takes no kit along any more. */
    public void leave(UUID householdId, UUID id) {
        row(householdId, id).basePlace = null;
    }

    /** What the kit lacks that the outing takes along lies in a module. */
    public void carry(UUID householdId, UUID id, Optional<UUID> module) {
        row(householdId, id).baseModule = module.orElse(null);
    }

    public void rename(UUID householdId, UUID id, String name) {
        row(householdId, id).name = name.strip();
    }

    /** The same pieces in the lines there are: a mat knows how many of each come, and neither least counts nor modules. */
    private static KitList replenished(ListRow row, Map<String, Integer> pieces) {
        Map<String, Integer> left = new HashMap<>(pieces);
        List<KitList.Line> lines = new ArrayList<>();
        for (ListRow.Line line : row.lines) {
            boolean last = row.lines.stream()
                            .filter(l -> l.supplyId.equals(line.supplyId))
                            .toList()
                            .getLast()
                    == line;
            int most = left.getOrDefault(line.supplyId, 0);
            int target = last ? most : Math.min(line.pieces, most);
            if (target > 0) {
                lines.add(new KitList.Line(line.supplyId, target, Math.min(line.least, target), line.module, line.why));
                left.put(line.supplyId, most - target);
            }
        }
        left.forEach((supply, n) -> {
            if (n > 0) {
                lines.add(new KitList.Line(supply, n, 0, "", ""));
            }
        });
        return new KitList(lines);
    }

    private UUID save(UUID householdId, ListRow row, String name, KitList list, String who, String why) {
        Map<String, Integer> order = positions(catalogues.of(householdId).catalogue());
        List<KitList.Line> lines = list.lines().stream()
                .filter(l -> order.containsKey(l.supply()))
                .sorted(Comparator.comparingInt(l -> order.getOrDefault(l.supply(), 0)))
                .toList();
        boolean changed =
                !lines.equals(row.lines.stream().map(ListRow.Line::line).toList());
        row.householdId = householdId;
        row.name = name;
        row.savedAt = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        if (changed) {
            row.lines.clear();
            lines.forEach(l -> row.lines.add(new ListRow.Line(l)));
        }
        UUID id = lists.save(row).id;
        List<ListVersionRow> earlier = versions.findByKitIdOrderByNumberDesc(id);
        if (changed || (earlier.isEmpty() && !lines.isEmpty())) {
            ListVersionRow version = new ListVersionRow();
            version.kitId = id;
            version.number = earlier.isEmpty() ? 1 : earlier.getFirst().number + 1;
            version.madeAt = row.savedAt;
            version.madeBy = who;
            version.why = why;
            lines.forEach(l -> version.lines.add(new ListRow.Line(l)));
            versions.save(version);
        }
        return id;
    }

    private static Map<String, Integer> positions(Catalogue catalogue) {
        Map<String, Integer> order = new HashMap<>();
        catalogue.supplies().forEach(s -> order.put(s.id(), order.size()));
        return order;
    }

    /**
     * A version of a list.
     *
     * @param who made it; empty where that was not written down
     * @param changes to the version before; every line of the first
     */
    public record Version(int number, LocalDateTime madeAt, String who, String why, List<KitList.Change> changes) {}

    /** The latest first. */
    @Transactional(readOnly = true)
    public List<Version> versions(UUID householdId, UUID id) {
        row(householdId, id);
        List<ListVersionRow> rows = versions.findByKitIdOrderByNumberDesc(id);
        List<Version> told = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            ListVersionRow row = rows.get(i);
            KitList before = i + 1 < rows.size() ? list(rows.get(i + 1)) : new KitList(List.of());
            told.add(new Version(
                    row.number, row.madeAt, row.madeBy, row.why, list(row).since(before)));
        }
        return told;
    }

    private static KitList list(ListVersionRow row) {
        return new KitList(row.lines.stream().map(ListRow.Line::line).toList());
    }

    /** What is wrong with a list's name, if anything is. */
    public static Optional<Fault> nameFault(String typed) {
        String name = typed.strip();
        if (!name.isEmpty() && name.length() <= LONGEST_NAME && name.chars().noneMatch(Character::isISOControl)) {
            return Optional.empty();
        }
        return Optional.of(new Fault(
                "name",
                name.replaceAll("\\p{Cntrl}", "?"),
                Wording.says("listService.aKitsNameIsOneLineOf", LONGEST_NAME),
                name.isEmpty() ? Wording.says("listService.giveItOne") : Wording.says("doseLines.shortenIt")));
    }

    /** Puts it in the bin. */
    public void delete(UUID householdId, UUID id) {
        ListRow row = row(householdId, id);
        row.deletedAt = LocalDateTime.now(clock);
        row.binnedTrip = row.tripId;
        row.tripId = null;
    }

    /** A list that is for nothing yet is for this. */
    @EventListener
    void added(TripService.AddedFor use) {
        lists.findByIdAndHouseholdId(use.listId(), use.householdId())
                .filter(row -> row.tripId == null)
                .ifPresent(row -> row.tripId = use.tripId());
    }

    /** A list whose trip lies in the bin is for no trip until that comes back. */
    @EventListener
    void binned(TripService.Binned trip) {
        lists.findByTripIdAndHouseholdId(trip.tripId(), trip.householdId()).ifPresent(row -> {
            row.binnedTrip = row.tripId;
            row.tripId = null;
        });
    }

    private ListRow row(UUID householdId, UUID id) {
        return lists.findByIdAndHouseholdId(id, householdId).orElseThrow(() -> new NotHere("list " + id));
    }

    private Map<String, Supply> supplies(UUID householdId) {
        return catalogues.of(householdId).catalogue().supplies().stream()
                .collect(Collectors.toMap(Supply::id, Function.identity()));
    }

    private StoredList stored(ListRow row, Map<String, Supply> supplies) {
        return stored(row, saved.of(row), supplies);
    }

    private static StoredList stored(ListRow row, List<KitList.Line> saved, Map<String, Supply> supplies) {
        List<StoredList.Line> lines = saved.stream()
                .flatMap(
                        l -> Optional.ofNullable(supplies.get(l.supply())).map(s -> new StoredList.Line(s, l)).stream())
                .toList();
        return new StoredList(
                row.id,
                row.name,
                Optional.ofNullable(row.tripId),
                Optional.ofNullable(row.basePlace),
                Optional.ofNullable(row.baseModule),
                row.savedAt,
                Objects.requireNonNullElse(row.version, 0L),
                lines);
    }
}
