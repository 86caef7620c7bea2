package hodeon.core.readiness;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What belongs in a kit, whether or not anybody goes anywhere. The same list may be laid in any number of kits.
 *
 * @param lines in the order they are read; at most one for a supply in a module
 */
public record KitList(List<Line> lines) {

    /** Most pieces of a line. */
    public static final int MOST_PIECES = 9_999;

    /**
     * So many pieces of a supply.
     *
     * @param supply id in the catalogue
     * @param target pieces that are to lie there after a refill, 1 to {@value #MOST_PIECES}
     * @param least fewer than that and the kit is not to be left so, 0 to the target
     * @param module in which of the kit's modules it lies; empty for the kit itself
     * @param why it belongs there, in the household's words; may be empty
     */
    public record Line(String supply, int target, int least, String module, String why) {

        public Line {
            if (target < 1 || target > MOST_PIECES) {
                throw new IllegalArgumentException(target + " pieces are outside 1 to " + MOST_PIECES + ".");
            }
            if (least < 0 || least > target) {
                throw new IllegalArgumentException(
                        "At least " + least + " is outside 0 to the target of " + target + ".");
            }
        }

        private Place place() {
            return new Place(supply, module);
        }
    }

    /** A supply in a module. */
    record Place(String supply, String module) {}

    /**
     * A line that came, went or became another.
     *
     * @param before empty for one that came
     * @param after empty for one that went
     */
    public record Change(Optional<Line> before, Optional<Line> after) {

        public Line line() {
            return after.or(() -> before).orElseThrow();
        }
    }

    public KitList {
        lines = List.copyOf(lines);
        if (lines.stream().map(Line::place).distinct().count() < lines.size()) {
            throw new IllegalArgumentException("A supply stands twice for the same module.");
        }
    }

    /** Pieces by supply id over all modules, in the order of the list. */
    public Map<String, Integer> targets() {
        return sums(Line::target);
    }

    /** Least counts by supply id over all modules; what may run out is among them with 0. */
    public Map<String, Integer> leasts() {
        return sums(Line::least);
    }

    private Map<String, Integer> sums(Function<Line, Integer> pieces) {
        Map<String, Integer> sums = new LinkedHashMap<>();
        lines.forEach(l -> sums.merge(l.supply(), pieces.apply(l), Integer::sum));
        return sums;
    }

    /** What is other than in an earlier version: first the lines that went, then in the order of this list those that changed or came. */
    public List<Change> since(KitList before) {
        Map<Place, Line> earlier = byPlace(before);
        Map<Place, Line> now = byPlace(this);
        List<Change> changes = new ArrayList<>();
        earlier.forEach((place, line) -> {
            if (!now.containsKey(place)) {
                changes.add(new Change(Optional.of(line), Optional.empty()));
            }
        });
        now.forEach((place, line) -> {
            Optional<Line> was = Optional.ofNullable(earlier.get(place));
            if (!was.equals(Optional.of(line))) {
                changes.add(new Change(was, Optional.of(line)));
            }
        });
        return changes;
    }

    private static Map<Place, Line> byPlace(KitList list) {
        return list.lines.stream().collect(Collectors.toMap(Line::place, l -> l, (a, b) -> a, LinkedHashMap::new));
    }

    /** The same, where lines without a least count get the one given for their supply, at most what belongs in it. */
    public KitList withLeast(Map<String, Integer> bySupply) {
        return new KitList(lines.stream()
                .map(l -> l.least() > 0
                        ? l
                        : new Line(
                                l.supply(),
                                l.target(),
                                Math.min(l.target(), bySupply.getOrDefault(l.supply(), 0)),
                                l.module(),
                                l.why()))
                .toList());
    }
}
