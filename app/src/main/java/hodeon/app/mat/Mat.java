package hodeon.app.mat;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.Known;
import hodeon.app.plan.TripCase;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.Suitability;
import hodeon.core.plan.Holds;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What lies on a trip's mat.
 *
 * @param known what the household knows
 * @param suitability which medicine is not for whom of the party
 * @param version 0 while nobody has changed the recommendation, −1 while that is a first answer not yet proven
 * @param lines pieces and holds by supply id; a supply taken off by hand stays with 0 pieces, so that nothing moves
 * @param stale the brief has changed since the mat was laid out
 * @param around what can be taken back or done again
 */
public record Mat(
        StoredTrip trip,
        Known known,
        Suitability suitability,
        long version,
        Map<String, Line> lines,
        boolean stale,
        String declined,
        MatHistory.Around around) {

    public static final long FIRST = -1;
    static final long UNTOUCHED = 0;

    /** @param learn its use is to be learnt before the trip */
    record Line(int pieces, Hold hold, boolean learn) {

        Line(int pieces, Hold hold) {
            this(pieces, hold, false);
        }
    }

    public Mat {
        lines = Map.copyOf(lines);
    }

    public TripCase of() {
        return new TripCase(known, trip.trip(), suitability);
    }

    /** The catalogue as this party uses it up. */
    public Catalogue catalogue() {
        return of().catalogue();
    }

    /** Pieces of a supply once one use more of it lies here. */
    public int up(String supply) {
        Supply of = catalogue().supply(supply).orElseThrow();
        return of.piecesFor(of.uses(pieces(supply)) + 1);
    }

    /** Pieces of a supply once a use of it less lies here, 0 or more. */
    public int down(String supply) {
        Supply of = catalogue().supply(supply).orElseThrow();
        return of.piecesFor(of.uses(Math.max(0, pieces(supply) - 1)));
    }

    public boolean touched() {
        return version > UNTOUCHED;
    }

    /** Whether this is a first answer, shown before its proof. */
    public boolean first() {
        return version == FIRST;
    }

    public Holds holds() {
        return new Holds(
                lines.entrySet().stream()
                        .filter(e -> e.getValue().hold() == Hold.PINNED)
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().pieces())),
                lines.entrySet().stream()
                        .filter(e -> e.getValue().hold() == Hold.BANNED)
                        .map(Map.Entry::getKey)
                        .collect(Collectors.toSet()),
                elsewhere());
    }

    /** What is along outside the kit, and nothing else that the user insists on. */
    public Holds along() {
        return new Holds(Map.of(), Set.of(), elsewhere());
    }

    private Map<String, Integer> elsewhere() {
        return lines.entrySet().stream()
                .filter(e -> e.getValue().hold() == Hold.ELSEWHERE)
                .collect(Collectors.toMap(
                        Map.Entry::getKey, e -> Math.max(1, e.getValue().pieces())));
    }

    public Map<String, Integer> pieces() {
        return lines.entrySet().stream()
                .filter(e -> e.getValue().pieces() > 0 && e.getValue().hold() != Hold.ELSEWHERE)
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().pieces()));
    }

    public int pieces(String supply) {
        Line line = lines.get(supply);
        return line == null ? 0 : line.pieces();
    }

    public boolean learn(String supply) {
        Line line = lines.get(supply);
        return line != null && line.learn();
    }

    public Hold hold(String supply) {
        Line line = lines.get(supply);
        return line == null ? Hold.NONE : line.hold();
    }
}
