package hodeon.app.kit;

import hodeon.app.shell.NotHere;
import hodeon.app.trip.StoredTrip;
import hodeon.app.trip.TripService;
import hodeon.app.usage.Knowledge;
import hodeon.app.usage.Known;
import hodeon.core.kit.Holds;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays out a trip's mat and changes it. Until the first change the mat is simply the recommendation. */
@Service
class MatService {

    static final int MOST_PIECES = 200;

    private static final long FIRST = -1;
    private static final long FINAL = 0;

    /** What a person can do to one supply. */
    enum Change {
        PLUS,
        MINUS,
        PIN,
        UNPIN,
        BAN,
        UNBAN,
        ELSEWHERE,
        HERE
    }

    private final MatRepository mats;
    private final TripService trips;
    private final KitCalculator calculator;
    private final Knowledge knowledge;

    MatService(MatRepository mats, TripService trips, KitCalculator calculator, Knowledge knowledge) {
        this.mats = mats;
        this.trips = trips;
        this.calculator = calculator;
        this.knowledge = knowledge;
    }

    @Transactional(readOnly = true)
    public Mat mat(UUID householdId, UUID tripId) {
        return mat(householdId, trips.find(householdId, tripId));
    }

    /** Whether a mat differs from the recommendation by somebody's hand. */
    @Transactional(readOnly = true)
    public Mat mat(UUID householdId, StoredTrip trip) {
        Known known = knowledge.of(householdId);
        return mats.findByTripIdAndHouseholdId(trip.id(), householdId)
                .map(row -> read(trip, known, row))
                .orElseGet(() -> recommended(trip, known, FINAL));
    }

    /** The mat while nobody has touched it; with the first answer if that is what somebody is looking at. */
    private Mat recommended(StoredTrip trip, Known known, long openedVersion) {
        Recommendation best = calculator.recommend(new TripCase(known, trip.trip()), Holds.NONE);
        boolean first = best.searching() || openedVersion == FIRST;
        return new Mat(trip, known, first ? FIRST : FINAL, unheld(first ? best.first() : best.pieces()), false);
    }

    /** Does one thing to one supply; the others stay as they are. Throws {@link MatChangedElsewhere} on a newer mat. */
    @Transactional
    public Mat change(UUID householdId, UUID tripId, long openedVersion, String supply, Change change) {
        Mat mat = opened(householdId, tripId, openedVersion);
        if (mat.known().catalogue().supply(supply).isEmpty()) {
            throw new NotHere("supply " + supply);
        }
        int pieces = mat.pieces(supply);
        Mat.Line line =
                switch (change) {
                    case PLUS -> new Mat.Line(Math.min(pieces + 1, MOST_PIECES), allowed(mat.hold(supply)));
                    case MINUS -> new Mat.Line(Math.max(pieces - 1, 0), allowed(mat.hold(supply)));
                    case PIN -> new Mat.Line(pieces, Hold.PINNED);
                    case BAN -> new Mat.Line(0, Hold.BANNED);
                    case UNPIN, UNBAN, HERE -> new Mat.Line(pieces, Hold.NONE);
                    case ELSEWHERE -> new Mat.Line(Math.max(1, pieces), Hold.ELSEWHERE);
                };
        boolean excluded = calculator.exclusions(mat.of(), Holds.NONE).containsKey(supply);
        if (excluded && line.pieces() > 0 && change == Change.PLUS) {
            throw new NotHere("a supply that may come: " + supply);
        }
        Map<String, Mat.Line> lines = new HashMap<>(mat.lines());
        lines.put(supply, line);
        return write(householdId, mat, lines, false);
    }

    /** Computes the best kit again around what is pinned and left out. */
    @Transactional
    public Mat rebalance(UUID householdId, UUID tripId, long openedVersion) {
        Mat mat = opened(householdId, tripId, openedVersion);
        Map<String, Mat.Line> lines =
                aroundHolds(mat, calculator.recommend(mat.of(), mat.holds()).pieces());
        return write(householdId, mat, lines, true);
    }

    /** Lays a whole kit out; what is pinned, left out or rides elsewhere stays so. */
    @Transactional
    public void lay(UUID householdId, UUID tripId, long openedVersion, Map<String, Integer> pieces) {
        Mat mat = opened(householdId, tripId, openedVersion);
        write(householdId, mat, aroundHolds(mat, pieces), true);
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

    private static Hold allowed(Hold hold) {
        return hold == Hold.BANNED ? Hold.NONE : hold;
    }

    private Mat opened(UUID householdId, UUID tripId, long openedVersion) {
        Mat mat = mat(householdId, tripId);
        if (!mat.touched() && openedVersion <= FINAL) {
            return recommended(mat.trip(), mat.known(), openedVersion);
        }
        if (mat.version() != openedVersion) {
            throw new MatChangedElsewhere();
        }
        return mat;
    }

    private Mat write(UUID householdId, Mat mat, Map<String, Mat.Line> lines, boolean forTripAsItIs) {
        MatRow row = mats.findByTripIdAndHouseholdId(mat.trip().id(), householdId)
                .orElseGet(() -> {
                    MatRow fresh = new MatRow();
                    fresh.tripId = mat.trip().id();
                    fresh.householdId = householdId;
                    fresh.tripVersion = mat.trip().version();
                    return fresh;
                });
        if (forTripAsItIs) {
            row.tripVersion = mat.trip().version();
        }
        lines.forEach((supply, line) -> row.lines.put(supply, new MatRow.Line(line.pieces(), line.hold())));
        row.lines.keySet().retainAll(lines.keySet());
        return read(mat.trip(), mat.known(), mats.saveAndFlush(row));
    }

    private static Mat read(StoredTrip trip, Known known, MatRow row) {
        Map<String, Mat.Line> lines = new HashMap<>();
        row.lines.forEach((supply, line) -> lines.put(supply, new Mat.Line(line.pieces, line.hold)));
        long version = row.version == null ? 0 : row.version + 1;
        return new Mat(trip, known, version, lines, row.tripVersion != trip.version());
    }

    private static Map<String, Mat.Line> unheld(Map<String, Integer> pieces) {
        Map<String, Mat.Line> lines = new HashMap<>();
        pieces.forEach((supply, n) -> lines.put(supply, new Mat.Line(n, Hold.NONE)));
        return lines;
    }
}
