package hodeon.core.readiness;

import hodeon.core.readiness.Restock.Fill;
import hodeon.core.readiness.Restock.Kit;
import hodeon.core.readiness.Restock.Lack;
import hodeon.core.stock.FirstExpired;
import hodeon.core.stock.Held;
import hodeon.core.stock.Movement.Holding;
import hodeon.core.stock.Shortage;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/** The state of one restocking while pieces are dealt out. A piece is counted where it lies, whatever kits it lies within. */
final class Filling {

    private final List<Kit> kits;
    private final Map<UUID, Kit> byPlace = new HashMap<>();
    private final List<Held> home;
    private final Substitution substitution;
    private final Map<Holding, Integer> left = new HashMap<>();
    private final Map<UUID, List<Held>> received = new HashMap<>();
    /** By kit, what it lacks that nothing above it gave. */
    private final Map<Kit, Map<String, Integer>> open = new LinkedHashMap<>();

    private final List<Lack> lacks = new ArrayList<>();
    private final List<Fill> fills = new ArrayList<>();

    Filling(List<Kit> kits, List<Held> home, Substitution substitution) {
        this.kits = kits;
        this.home = home;
        this.substitution = substitution;
        home.forEach(h -> left.put(holding(h), h.pieces()));
        for (Kit kit : kits) {
            byPlace.put(kit.place(), kit);
            kit.held().forEach(h -> left.put(holding(h), h.pieces()));
        }
    }

    private static Holding holding(Held held) {
        return new Holding(held.lot().id(), held.place());
    }

    /** Those at the end of the longest chain first; what gave to them is filled after them. */
    void fromKitsAbove() {
        List<Kit> order = kits.stream()
                .sorted(Comparator.<Kit>comparingInt(k -> -above(k).size()).thenComparing(Kit::until))
                .toList();
        for (Kit kit : order) {
            Map<String, Integer> lacking = lacking(kit);
            lacking.forEach((supply, missing) -> lacks.add(new Lack(kit.place(), shortage(kit, supply, missing))));
            Map<String, Integer> still = new LinkedHashMap<>();
            lacking.forEach((supply, missing) -> {
                int rest = missing;
                for (Kit giver : above(kit)) {
                    rest -= take(kit, spare(giver, supply, kit.until(), rest));
                }
                if (rest > 0) {
                    still.put(supply, rest);
                }
            });
            open.put(kit, still);
        }
    }

    /** The kits above one, the nearest first; a shelf ends the chain. */
    private List<Kit> above(Kit kit) {
        List<Kit> above = new ArrayList<>();
        for (Optional<Kit> next = giver(kit);
                next.isPresent() && !above.contains(next.get());
                next = giver(next.get())) {
            above.add(next.get());
        }
        return above;
    }

    private Optional<Kit> giver(Kit kit) {
        return kit.filledFrom().map(byPlace::get).filter(k -> !k.equals(kit));
    }

    private Map<String, Integer> lacking(Kit kit) {
        List<AgainstList.Piece> there =
                there(kit).stream().map(h -> new AgainstList.Piece(h, "")).toList();
        return AgainstList.of(kit.list(), there, kit.until(), substitution).lacking();
    }

    private Shortage shortage(Kit kit, String supply, int missing) {
        int wanted = kit.list().targets().getOrDefault(supply, 0);
        int old = there(kit).stream()
                .filter(h -> h.lot().supply().equals(supply) && !h.outlasts(kit.until(), 0))
                .mapToInt(Held::pieces)
                .sum();
        return new Shortage(supply, wanted, wanted - missing, old);
    }

    /** What lies in a kit and is not promised to another, and what it was promised itself. */
    private List<Held> there(Kit kit) {
        List<Held> there = new ArrayList<>(remaining(kit.held()));
        there.addAll(received.getOrDefault(kit.place(), List.of()));
        return there;
    }

    private List<Held> remaining(List<Held> held) {
        return held.stream()
                .filter(h -> left.getOrDefault(holding(h), 0) > 0)
                .map(h -> new Held(h.lot(), h.place(), left.getOrDefault(holding(h), 0), h.good()))
                .toList();
    }

    /** What a kit gives of a supply to one that must last until a day; it keeps its own least count of what is good for itself. */
    private List<FirstExpired.Taken> spare(Kit giver, String supply, LocalDate until, int most) {
        List<Held> adequate = remaining(giver.held()).stream()
                .filter(h -> h.lot().supply().equals(supply) && h.outlasts(until, 0))
                .toList();
        int there = adequate.stream().mapToInt(Held::pieces).sum();
        int keeps = giver.list().leasts().getOrDefault(supply, 0);
        return FirstExpired.take(adequate, Math.clamp(there - keeps, 0, most));
    }

    private int take(Kit kit, List<FirstExpired.Taken> taken) {
        int pieces = 0;
        for (FirstExpired.Taken some : taken) {
            Held from = some.held();
            left.merge(holding(from), -some.pieces(), Integer::sum);
            received.computeIfAbsent(kit.place(), p -> new ArrayList<>())
                    .add(new Held(from.lot(), kit.place(), some.pieces(), from.good()));
            fills.add(new Fill(origin(from), kit.place(), some.pieces()));
            pieces += some.pieces();
        }
        return pieces;
    }

    /** As it lies there now, with all its pieces. */
    private Held origin(Held part) {
        return Stream.concat(home.stream(), kits.stream().flatMap(k -> k.held().stream()))
                .filter(h -> holding(h).equals(holding(part)))
                .findFirst()
                .orElseThrow();
    }

    /** The kit that must last the shortest first, each from the shelf at the end of its chain before any other. */
    void fromHome() {
        open.entrySet().stream()
                .sorted(Comparator.comparing(e -> e.getKey().until()))
                .forEach(e ->
                        e.getValue().replaceAll((supply, missing) -> missing - fromHome(e.getKey(), supply, missing)));
    }

    private int fromHome(Kit kit, String supply, int missing) {
        List<Kit> above = above(kit);
        Optional<UUID> shelf =
                above.isEmpty() ? kit.filledFrom() : above.getLast().filledFrom();
        List<Held> all =
                home.stream().filter(h -> h.lot().supply().equals(supply)).toList();
        List<Held> own = all.stream()
                .filter(h -> shelf.filter(h.place()::equals).isPresent())
                .toList();
        int given = take(kit, FirstExpired.takeAdequate(remaining(own), missing, kit.until(), 0));
        return given + take(kit, FirstExpired.takeAdequate(remaining(all), missing - given, kit.until(), 0));
    }

    Restock restock(Set<String> prescribed) {
        Map<String, Integer> toBuy = new LinkedHashMap<>();
        Map<String, Integer> toPrescribe = new LinkedHashMap<>();
        open.values()
                .forEach(still -> still.forEach((supply, missing) -> {
                    if (missing > 0) {
                        (prescribed.contains(supply) ? toPrescribe : toBuy).merge(supply, missing, Integer::sum);
                    }
                }));
        List<Held> old = kits.stream()
                .sorted(Comparator.comparing(Kit::until))
                .filter(k -> !k.list().lines().isEmpty())
                .flatMap(k -> k.held().stream().filter(h -> !h.outlasts(k.until(), 0)))
                .toList();
        return new Restock(lacks, fills, old, toBuy, toPrescribe);
    }
}
