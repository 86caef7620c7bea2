package hodeon.core.stock;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Which pieces of a supply should lie in which kit, so that as little as can be expires unused: what expires soon goes
 * where it will be used. Pieces of a kit are used first-expired-first, so the piece that is the r-th to expire there is
 * wasted when fewer than r are used before its date; uses come at random at a steady rate (Poisson).
 *
 * <p>Exact: pieces are dealt in order of expiry, and for every way to have dealt the first n of them to the places, the
 * least expected waste is kept (dynamic programming). In that order a piece's rank in a kit is the number already there.
 *
 * <p>Counted is what is thrown away within a stretch of time ahead, such as a year: what expires later can still be moved.
 *
 * <p>Worked example: one place uses 4 pieces a year, the other none; each holds one. Of two pieces worth 10.00, the one
 * good for half a year lies where none is used and is thrown away: 10.00 within the year. Changed over, it is wasted only
 * if nobody needs it in half a year, with the chance e⁻² = 0.135: 1.35. The move saves 8.65.
 */
public final class Rotation {

    /** More ways than this are not counted out; the question is then too large to answer exactly. */
    static final int MOST_WAYS = 400_000;

    /**
     * Where pieces may lie.
     *
     * @param usesPerYear expected uses, 0 or more
     */
    public record Place(UUID id, double usesPerYear) {}

    /** So many pieces of a lot from one place to another. */
    public record Move(Held held, UUID to, int pieces) {}

    /**
     * @param moves empty when nothing is gained
     * @param wastedBefore expected value thrown away if nothing moves, in hundredths
     * @param wastedAfter and if the moves are made
     * @param exact whether it was worked out at all; false where there are too many ways
     */
    public record Answer(List<Move> moves, double wastedBefore, double wastedAfter, boolean exact) {

        public double saved() {
            return wastedBefore - wastedAfter;
        }
    }

    private final List<Place> places;
    private final List<Held> pieces;
    private final LocalDate today;
    private final LocalDate horizon;
    private final double[] worth;
    private final int[] capacity;
    private final int[] step;

    private Rotation(List<Held> held, List<Place> places, LocalDate today, LocalDate horizon, Map<UUID, Long> worth) {
        this.horizon = horizon;
        this.places = places;
        this.today = today;
        this.pieces = held.stream()
                .sorted(Held.FIRST_EXPIRED)
                .flatMap(h -> Collections.nCopies(h.pieces(), h).stream())
                .toList();
        this.worth = pieces.stream()
                .mapToDouble(h -> worth.getOrDefault(h.lot().id(), 0L))
                .toArray();
        this.capacity = places.stream().mapToInt(p -> count(held, p.id())).toArray();
        this.step = new int[places.size() + 1];
    }

    private static int count(List<Held> held, UUID place) {
        return held.stream()
                .filter(h -> h.place().equals(place))
                .mapToInt(Held::pieces)
                .sum();
    }

    /**
     * The best way to lie for pieces of one supply; every place keeps the number of pieces it has, so no kit gets emptier.
     *
     * @param held pieces at the places, all of them good
     * @param horizon what expires after this day is not counted
     * @param worth of a piece, in hundredths, by lot
     */
    public static Answer of(
            List<Held> held, List<Place> places, LocalDate today, LocalDate horizon, Map<UUID, Long> worth) {
        return new Rotation(held, places, today, horizon, worth).answer();
    }

    /** Nothing can be gained where all lies together or nothing expires until the horizon. */
    public static boolean mayGain(List<Held> held, LocalDate horizon) {
        return held.stream().map(Held::place).distinct().count() > 1
                && held.stream().anyMatch(h -> !h.lastDay().isAfter(horizon));
    }

    private Answer answer() {
        long ways = 1;
        for (int p = 0; p < places.size(); p++) {
            step[p] = (int) ways;
            ways *= capacity[p] + 1L;
            if (ways > MOST_WAYS) {
                return new Answer(List.of(), 0, 0, false);
            }
        }
        step[places.size()] = (int) ways;
        int[] dealt = best((int) ways);
        int[] now = pieces.stream().mapToInt(h -> index(h.place())).toArray();
        double before = waste(now);
        double after = waste(dealt);
        if (before - after < 1e-6) {
            return new Answer(List.of(), before, before, true);
        }
        return new Answer(moves(now, dealt), before, after, true);
    }

    /** For each piece in order of expiry, the place it is dealt to. */
    private int[] best(int ways) {
        double[] least = new double[ways];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        least[0] = 0;
        int[] via = new int[ways];
        // A way is at least as large as any it is reached from, so one pass in order sees all of them.
        for (int way = 0; way < ways; way++) {
            int dealt = 0;
            for (int p = 0; p < places.size(); p++) {
                dealt += at(way, p);
            }
            if (least[way] == Double.POSITIVE_INFINITY || dealt >= pieces.size()) {
                continue;
            }
            for (int p = 0; p < places.size(); p++) {
                if (at(way, p) < capacity[p]) {
                    double cost = least[way] + wasted(dealt, p, at(way, p) + 1);
                    if (cost < least[way + step[p]] - 1e-12) {
                        least[way + step[p]] = cost;
                        via[way + step[p]] = p;
                    }
                }
            }
        }
        int[] chosen = new int[pieces.size()];
        int way = ways - 1;
        for (int i = pieces.size() - 1; i >= 0; i--) {
            chosen[i] = via[way];
            way -= step[via[way]];
        }
        return chosen;
    }

    private int at(int way, int place) {
        return way / step[place] % (capacity[place] + 1);
    }

    private double waste(int[] dealt) {
        int[] rank = new int[places.size()];
        double sum = 0;
        for (int i = 0; i < dealt.length; i++) {
            sum += wasted(i, dealt[i], ++rank[dealt[i]]);
        }
        return sum;
    }

    /** Worth of a piece times the chance that fewer than its rank are used before its date. */
    private double wasted(int piece, int place, int rank) {
        Held held = pieces.get(piece);
        if (held.lastDay().isAfter(horizon)) {
            return 0;
        }
        double years = Math.max(0, ChronoUnit.DAYS.between(today, held.lastDay()) + 1) / 365.25;
        double mean = places.get(place).usesPerYear() * years;
        double term = Math.exp(-mean);
        double fewer = 0;
        for (int k = 0; k < rank; k++) {
            fewer += term;
            term *= mean / (k + 1);
        }
        return worth[piece] * Math.min(1, fewer);
    }

    private int index(UUID place) {
        for (int p = 0; p < places.size(); p++) {
            if (places.get(p).id().equals(place)) {
                return p;
            }
        }
        throw new IllegalArgumentException("Pieces lie at " + place + ", which is not one of the places.");
    }

    /** What has to move; pieces of one lot are alike, so one that may stay does. */
    private List<Move> moves(int[] now, int[] then) {
        Map<UUID, int[]> surplus = new LinkedHashMap<>();
        for (int i = 0; i < now.length; i++) {
            int[] of = surplus.computeIfAbsent(pieces.get(i).lot().id(), l -> new int[places.size()]);
            of[now[i]]++;
            of[then[i]]--;
        }
        List<Move> moves = new ArrayList<>();
        for (Held held : pieces.stream().distinct().toList()) {
            int[] of = surplus.getOrDefault(held.lot().id(), new int[places.size()]);
            int from = index(held.place());
            for (int to = 0; to < places.size(); to++) {
                int some = Math.min(of[from], -of[to]);
                if (some > 0) {
                    of[from] -= some;
                    of[to] += some;
                    moves.add(new Move(held, places.get(to).id(), some));
                }
            }
        }
        return moves;
    }
}
