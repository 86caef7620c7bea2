package hodeon.app.mat;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.plan.KitCalculator;
import hodeon.app.plan.Recommendation;
import hodeon.app.plan.TripCase;
import hodeon.app.plan.TripCases;
import hodeon.app.shell.NotHere;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.catalogue.Supply;
import hodeon.core.plan.Holds;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays out a trip's mat and changes it. Until the first change the mat is simply the recommendation. */
@Service
public class MatService implements RestoredRoom {

    /** A change that was made. */
    public record Changed(Mat before, Mat after, String words) {}

    private final MatRepository mats;
    private final TripService trips;
    private final KitCalculator calculator;
    private final TripCases cases;
    private final MatHistory history;

    MatService(MatRepository mats, TripService trips, KitCalculator calculator, TripCases cases, MatHistory history) {
        this.history = history;
        this.mats = mats;
        this.trips = trips;
        this.calculator = calculator;
        this.cases = cases;
    }

    @Transactional(readOnly = true)
    public Mat mat(UUID householdId, UUID tripId) {
        return mat(householdId, trips.find(householdId, tripId));
    }

    /** Whether anybody has laid a hand on the mat of a trip. */
    @Transactional(readOnly = true)
    public boolean isTouched(UUID trip) {
        return mats.existsById(trip);
    }

    @Transactional(readOnly = true)
    public Mat mat(UUID householdId, StoredTrip trip) {
        TripCase of = cases.of(trip);
        return mats.findByTripIdAndHouseholdId(trip.id(), householdId)
                .map(row -> read(trip, of, row))
                .orElseGet(() -> recommended(trip, of, Mat.UNTOUCHED));
    }

    /** Pieces on the mat by supply id, and its version. */
    public record OnMat(Map<String, Integer> pieces, long version) {}

    @Transactional(readOnly = true)
    public OnMat onMat(UUID householdId, StoredTrip trip) {
        Mat mat = mat(householdId, trip);
        return new OnMat(mat.pieces(), mat.version());
    }

    /** Puts so many pieces of a supply on the mat and pins them; throws {@link MatChangedElsewhere} on a newer mat. */
    @Transactional
    public void pin(UUID householdId, UUID tripId, long openedVersion, String supply, int pieces) {
        Mat mat = opened(householdId, tripId, openedVersion);
        if (calculator.exclusions(mat.of(), Holds.NONE).containsKey(supply)) {
            throw new NotHere("a supply that may come: " + supply);
        }
        Map<String, Mat.Line> lines = new HashMap<>(mat.lines());
        lines.put(supply, new Mat.Line(Math.min(pieces, MatChange.MOST_PIECES), Hold.PINNED, mat.learn(supply)));
        String name = mat.known().catalogue().supply(supply).map(Supply::name).orElse(supply);
        write(householdId, mat, lines, false, name + ": " + pieces + ", pinned for medicine");
    }

    /** At least so many pieces of each of these, pinned; throws {@link MatChangedElsewhere} on a newer mat. */
    @Transactional
    public void pinAll(UUID householdId, UUID tripId, long openedVersion, Map<String, Integer> pieces, String name) {
        Mat mat = opened(householdId, tripId, openedVersion);
        Map<String, Mat.Line> lines = new HashMap<>(mat.lines());
        pieces.forEach((supply, least) -> lines.put(
                supply,
                new Mat.Line(
                        Math.min(Math.max(least, mat.pieces(supply)), MatChange.MOST_PIECES),
                        Hold.PINNED,
                        mat.learn(supply))));
        write(householdId, mat, lines, false, name + " put on and pinned");
    }

    /** The mat if somebody has touched it; never asks what would be best. */
    @Transactional(readOnly = true)
    public Optional<Mat> touched(UUID householdId, StoredTrip trip) {
        return mats.findByTripIdAndHouseholdId(trip.id(), householdId).map(row -> read(trip, cases.of(trip), row));
    }

    /** The mat while nobody has touched it; with the first answer if that is what somebody is looking at. */
    private Mat recommended(StoredTrip trip, TripCase of, long openedVersion) {
        Recommendation best = calculator.recommend(of, Holds.NONE);
        boolean first = best.searching() || openedVersion == Mat.FIRST;
        return new Mat(
                trip,
                of.known(),
                of.suitability(),
                first ? Mat.FIRST : Mat.UNTOUCHED,
                unheld(first ? best.first() : best.pieces()),
                false,
                "",
                MatHistory.Around.NOTHING);
    }

    /** Does one thing to one supply; the others stay as they are. Throws {@link MatChangedElsewhere} on a newer mat. */
    @Transactional
    public Changed change(UUID householdId, UUID tripId, long openedVersion, String supply, MatChange change) {
        Mat mat = opened(householdId, tripId, openedVersion);
        String name = mat.known()
                .catalogue()
                .supply(supply)
                .orElseThrow(() -> new NotHere("supply " + supply))
                .name();
        Mat.Line line = change.of(mat, supply);
        boolean excluded = calculator.exclusions(mat.of(), Holds.NONE).containsKey(supply);
        if (excluded && line.pieces() > 0 && change == MatChange.PLUS) {
            throw new NotHere("a supply that may come: " + supply);
        }
        Map<String, Mat.Line> lines = new HashMap<>(mat.lines());
        lines.put(supply, line);
        String words = name + ": " + change.words();
        return new Changed(mat, write(householdId, mat, lines, false, words), words);
    }

    /** Computes the best kit again around what is pinned and left out. */
    @Transactional
    public Changed rebalance(UUID householdId, UUID tripId, long openedVersion) {
        Mat mat = opened(householdId, tripId, openedVersion);
        Map<String, Mat.Line> lines =
                aroundHolds(mat, calculator.recommend(mat.of(), mat.holds()).pieces());
        return new Changed(mat, write(householdId, mat, lines, true, "rebalanced"), "rebalanced");
    }

    /** Lays a whole kit out; what is pinned, left out or rides elsewhere stays so. */
    @Transactional
    public void lay(UUID householdId, UUID tripId, long openedVersion, Map<String, Integer> pieces, String words) {
        Mat mat = opened(householdId, tripId, openedVersion);
        write(householdId, mat, aroundHolds(mat, pieces), true, words);
    }

    /** Lays a kit out on a mat nobody has touched yet, without asking what would be best. */
    @Transactional
    public void begin(UUID householdId, UUID tripId, Map<String, Integer> pieces) {
        StoredTrip trip = trips.find(householdId, tripId);
        MatRow row = new MatRow();
        row.tripId = tripId;
        row.householdId = householdId;
        row.tripVersion = trip.version();
        row.write(unheld(pieces));
        mats.save(row);
    }

    /**
     * What was seen stays what it is: a proof that comes later no longer changes a mat that somebody has saved or taken along.
     * Throws {@link MatChangedElsewhere} on a newer mat.
     */
    @Transactional
    public Map<String, Integer> freeze(UUID householdId, UUID tripId, long openedVersion) {
        Mat mat = opened(householdId, tripId, openedVersion);
        if (!mat.touched()) {
            begin(householdId, tripId, mat.pieces());
        }
        return mat.pieces();
    }

    /** Does not offer the better kit that is known now again. */
    @Transactional
    public void declineBest(UUID householdId, UUID tripId) {
        Mat mat = mat(householdId, tripId);
        String offered = Better.sign(calculator.recommend(mat.of(), mat.holds()).pieces());
        mats.findByTripIdAndHouseholdId(tripId, householdId).ifPresent(row -> row.declined = offered);
    }

    /** Takes the last change back, if there is one. */
    @Transactional
    public Optional<Changed> undo(UUID householdId, UUID tripId, long openedVersion) {
        return turn(householdId, tripId, openedVersion, history::undo);
    }

    /** Does the last change that was taken back again, if there is one. */
    @Transactional
    public Optional<Changed> redo(UUID householdId, UUID tripId, long openedVersion) {
        return turn(householdId, tripId, openedVersion, history::redo);
    }

    private Optional<Changed> turn(
            UUID householdId, UUID tripId, long openedVersion, Function<MatRow, Optional<String>> turn) {
        Mat mat = opened(householdId, tripId, openedVersion);
        if (!mat.touched()) {
            return Optional.empty();
        }
        MatRow row = mats.findByTripIdAndHouseholdId(tripId, householdId).orElseThrow();
        return turn.apply(row)
                .map(words -> new Changed(mat, read(mat.trip(), mat.of(), mats.saveAndFlush(row)), words));
    }

    private static Map<String, Mat.Line> aroundHolds(Mat mat, Map<String, Integer> pieces) {
        Map<String, Mat.Line> lines = new HashMap<>(unheld(pieces));
        mat.lines().forEach((supply, line) -> {
            if (line.hold() != Hold.NONE) {
                lines.put(supply, line);
            }
        });
        return lines;
    }

    private Mat opened(UUID householdId, UUID tripId, long openedVersion) {
        Mat mat = mat(householdId, tripId);
        if (!mat.touched() && openedVersion <= Mat.UNTOUCHED) {
            return recommended(mat.trip(), mat.of(), openedVersion);
        }
        if (mat.version() != openedVersion) {
            throw new MatChangedElsewhere();
        }
        return mat;
    }

    private Mat write(UUID householdId, Mat mat, Map<String, Mat.Line> lines, boolean forTripAsItIs, String words) {
        MatRow row = mats.findByTripIdAndHouseholdId(mat.trip().id(), householdId)
                .orElseGet(() -> {
                    MatRow fresh = new MatRow();
                    fresh.tripId = mat.trip().id();
                    fresh.householdId = householdId;
                    fresh.tripVersion = mat.trip().version();
                    return fresh;
                });
        long before = row.tripVersion;
        if (forTripAsItIs) {
            row.tripVersion = mat.trip().version();
        }
        row.write(lines);
        MatRow saved = mats.saveAndFlush(row);
        history.add(saved, mat.lines(), lines, before, words);
        return read(mat.trip(), mat.of(), mats.saveAndFlush(saved));
    }

    private Mat read(StoredTrip trip, TripCase of, MatRow row) {
        long version = row.version == null ? 0 : row.version + 1;
        return new Mat(
                trip,
                of.known(),
                of.suitability(),
                version,
                row.read(),
                row.tripVersion != trip.version(),
                row.declined,
                history.around(row.tripId, row.done));
    }

    private static Map<String, Mat.Line> unheld(Map<String, Integer> pieces) {
        Map<String, Mat.Line> lines = new HashMap<>();
        pieces.forEach((supply, n) -> lines.put(supply, new Mat.Line(n, Hold.NONE)));
        return lines;
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll(UUID household) {
        trips.everything(household).forEach(trip -> touched(household, trip));
    }
}
