package hodeon.app.stock.place;

import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Fault;
import hodeon.core.stock.Nesting;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What becomes of kits and modules as things: what is known of them, what they are filled from, lifted out and put in, copied, retired,
 * deleted. Pieces are never touched: what lies in a module goes where it goes.
 */
@Service
@Transactional
public class KitKeeping {

    private final PlaceRepository places;
    private final PlaceMoveRepository moves;
    private final Clock clock;

    KitKeeping(PlaceRepository places, PlaceMoveRepository moves, Clock clock) {
        this.places = places;
        this.moves = moves;
        this.clock = clock;
    }

    /** Writes down what is known of it, but for since when it is retired. */
    public void describe(UUID household, UUID id, String name, Place.Facts facts) {
        PlaceRow row = row(household, id);
        row.name = name.strip();
        row.stands = facts.stands();
        row.knownBy = facts.knownBy();
        row.condition = facts.condition();
    }

    /** What is wrong with a new name for it, if anything is. */
    @Transactional(readOnly = true)
    public Optional<Fault> nameFault(UUID household, UUID id, String name) {
        PlaceRow row = row(household, id);
        return taken(household, row, Optional.ofNullable(row.inside), name)
                ? Optional.of(sameName(name))
                : Optional.empty();
    }

    /** Says what it is refilled from; a fault where that is, over whatever way, filled from it. */
    public Optional<Fault> fillFrom(UUID household, UUID id, Optional<UUID> parent) {
        PlaceRow row = row(household, id);
        if (parent.isPresent()) {
            PlaceRow from = row(household, parent.get());
            if (!by(household, p -> p.filledFrom).mayGoInto(id, from.id)) {
                return Optional.of(new Fault(
                        Wording.says("kitKeeping.filledFrom"),
                        from.name,
                        Wording.says("kitKeeping.aKitIsFilledFromOneThat"),
                        Wording.says("kitKeeping.chooseWhatStandsAboveItTheBag")));
            }
        }
        row.filledFrom = parent.orElse(null);
        return Optional.empty();
    }

    /**
     * Puts a module into a kit or another module, or lifts it out so that it stands for itself; all that lies in it comes along.
     *
     * @param into empty to lift it out
     * @return what is wrong, if anything is; then nothing was moved
     */
    public Optional<Fault> put(UUID household, UUID id, Optional<UUID> into, String who) {
        PlaceRow row = row(household, id);
        Optional<UUID> from = Optional.ofNullable(row.inside);
        if (from.equals(into)) {
            return Optional.empty();
        }
        if (into.isPresent()) {
            PlaceRow where = row(household, into.get());
            if (!by(household, p -> p.inside).mayGoInto(id, where.id)) {
                return Optional.of(new Fault(
                        "into",
                        where.name,
                        Wording.says("kitKeeping.aThingCannotLieInItselfNor"),
                        Wording.says("kitKeeping.liftOutFirstOrChooseAnother", where.name)));
            }
        }
        if (taken(household, row, into, row.name)) {
            return Optional.of(sameName(row.name));
        }
        row.inside = into.orElse(null);
        PlaceMoveRow move = new PlaceMoveRow();
        move.householdId = household;
        move.placeId = id;
        move.outOf = from.orElse(null);
        move.putInto = into.orElse(null);
        move.madeAt = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        move.madeBy = who;
        moves.save(move);
        return Optional.empty();
    }

    /** Puts a module where it belongs. */
    public Optional<Fault> bringBack(UUID household, UUID id, String who) {
        return put(household, id, Optional.ofNullable(row(household, id).belongsIn), who);
    }

    /** Says that a module belongs where it lies now. */
    public void settle(UUID household, UUID id) {
        PlaceRow row = row(household, id);
        row.belongsIn = row.inside;
    }

    /** The last time something was put in or lifted out. */
    public record Move(LocalDateTime at, String who) {}

    /** By the place that was moved. */
    @Transactional(readOnly = true)
    public Map<UUID, Move> lastMoves(UUID household) {
        Map<UUID, Move> last = new HashMap<>();
        moves.findByHouseholdIdOrderByMadeAtAsc(household)
                .forEach(m -> last.put(m.placeId, new Move(m.madeAt, m.madeBy)));
        return last;
    }

    /** Makes an empty kit of the same modules and lists under another name; answers its id. */
    public UUID copy(UUID household, UUID id, String name) {
        PlaceRow original = row(household, id);
        UUID copy = copy(original, name.strip(), null, null);
        copyModules(household, original.id, copy);
        return copy;
    }

    private void copyModules(UUID household, UUID from, UUID to) {
        for (PlaceRow module : rows(household)) {
            if (from.equals(module.belongsIn)) {
                copyModules(household, module.id, copy(module, module.name, to, module.kitId));
            }
        }
    }

    private UUID copy(PlaceRow original, String name, @Nullable UUID inside, @Nullable UUID list) {
        PlaceRow row = new PlaceRow();
        row.householdId = original.householdId;
        row.name = name;
        row.kind = original.kind;
        row.inside = inside;
        row.belongsIn = inside;
        row.kitId = inside == null ? original.kitId : list;
        row.filledFrom = original.filledFrom;
        row.madeOn = LocalDate.now(clock);
        row.position = original.position;
        return places.save(row).id;
    }

    /** Takes it out of use, or into use again; what lies in it stays. */
    public void retire(UUID household, UUID id, boolean retired) {
        row(household, id).retiredOn = retired ? LocalDate.now(clock) : null;
    }

    /** Puts it in the bin with all that lies in it. */
    public void delete(UUID household, UUID id) {
        LocalDateTime now = LocalDateTime.now(clock);
        for (UUID within : by(household, p -> p.inside).within(id)) {
            row(household, within).deletedAt = now;
        }
    }

    private Nesting by(UUID household, Function<PlaceRow, @Nullable UUID> around) {
        Map<UUID, UUID> by = new HashMap<>();
        rows(household).forEach(p -> Optional.ofNullable(around.apply(p)).ifPresent(a -> by.put(p.id, a)));
        return new Nesting(by);
    }

    private boolean taken(UUID household, PlaceRow row, Optional<UUID> inside, String name) {
        return rows(household).stream()
                .anyMatch(p -> !p.id.equals(row.id)
                        && Optional.ofNullable(p.inside).equals(inside)
                        && p.name.equalsIgnoreCase(name.strip()));
    }

    private static Fault sameName(String name) {
        return new Fault(
                "name",
                name.strip(),
                Wording.says("kitKeeping.whatLiesInTheSameKitHas"),
                Wording.says("restockService.chooseAnother"));
    }

    private List<PlaceRow> rows(UUID household) {
        return places.findByHouseholdIdAndDeletedAtIsNullOrderByPositionAscNameAsc(household);
    }

    private PlaceRow row(UUID household, UUID id) {
        return places.findByIdAndHouseholdIdAndDeletedAtIsNull(id, household)
                .orElseThrow(() -> new NotHere("place " + id));
    }
}
