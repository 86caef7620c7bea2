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
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** The state of one restocking while pieces are dealt out. A piece is counted where it lies, whatever kits it lies within. */
final class Filling {

    private final List<Kit> kits;
    private final Map<UUID, Kit> byPlace = new HashMap<>();
    private final Map<String, List<Held>> home;
    private final Substitution substitution;
    private final Map<Holding, Integer> left = new HashMap<>();
    /** As it lies there now, with all its pieces. */
    private final Map<Holding, Held> origins = new HashMap<>();

    private final Map<UUID, List<Held>> received = new HashMap<>();
    /** By kit and supply, what lay there at first. */
    private final Map<UUID, Map<String, List<Held>>> contents = new HashMap<>();
    /** By kit, what it lacks that nothing above it gave. */
    private final Map<UUID, Map<String, Integer>> open = new LinkedHashMap<>();

    private final List<Lack> lacks = new ArrayList<>();
    private final List<Fill> fills = new ArrayList<>();

    Filling(List<Kit> kits, List<Held> home, Substitution substitution) {
        this.kits = kits;
        this.home = home.stream().collect(Collectors.groupingBy(h -> h.lot().supply()));
        this.substitution = substitution;
        home.forEach(this::lies);
        for (Kit kit : kits) {
            byPlace.put(kit.place(), kit);
            kit.held().forEach(this::lies);
        }
    }

    private void lies(Held held) {
        left.put(holding(held), held.pieces());
        origins.putIfAbsent(holding(held), held);
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
            AgainstList against = against(kit);
            Map<String, Integer> lacking = against.lacking();
            Map<String, Integer> wanted = kit.list().targets();
            lacking.forEach((supply, missing) -> {
                int all = wanted.getOrDefault(supply, 0);
                int old = against.old().getOrDefault(supply, 0);
                lacks.add(new Lack(kit.place(), new Shortage(supply, all, all - missing, old)));
            });
            List<Kit> above = above(kit);
            Map<String, Integer> still = new LinkedHashMap<>();
            lacking.forEach((supply, missing) -> {
                int rest = missing;
                for (Kit giver : above) {
                    rest -= take(kit, spare(giver, supply, kit.until(), rest));
                }
                if (rest > 0) {
                    still.put(supply, rest);
                }
            });
            open.put(kit.place(), still);
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

    private AgainstList against(Kit kit) {
        List<AgainstList.Piece> there =
                there(kit).stream().map(h -> new AgainstList.Piece(h, "")).toList();
        return AgainstList.of(kit.list(), there, kit.until(), substitution);
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
        List<Held> adequate = remaining(bySupply(giver).getOrDefault(supply, List.of())).stream()
                .filter(h -> h.outlasts(until, 0))
                .toList();
        int there = adequate.stream().mapToInt(Held::pieces).sum();
        if (there == 0) {
            return List.of();
        }
        int keeps = giver.list().leasts().getOrDefault(supply, 0);
        return FirstExpired.take(adequate, Math.clamp(there - keeps, 0, most));
    }

    private Map<String, List<Held>> bySupply(Kit kit) {
        return contents.computeIfAbsent(kit.place(), p -> kit.held().stream()
                .collect(Collectors.groupingBy(h -> h.lot().supply())));
    }

    private int take(Kit kit, List<FirstExpired.Taken> taken) {
        int pieces = 0;
        for (FirstExpired.Taken some : taken) {
            Held from = some.held();
            left.merge(holding(from), -some.pieces(), Integer::sum);
            received.computeIfAbsent(kit.place(), p -> new ArrayList<>())
                    .add(new Held(from.lot(), kit.place(), some.pieces(), from.good()));
            fills.add(new Fill(origins.getOrDefault(holding(from), from), kit.place(), some.pieces()));
            pieces += some.pieces();
        }
        return pieces;
    }

    /** The kit that must last the shortest first, each from the shelf at the end of its chain before any other. */
    void fromHome() {
        open.keySet().stream()
                .map(place -> Objects.requireNonNull(byPlace.get(place)))
                .sorted(Comparator.comparing(Kit::until))
                .forEach(kit -> Objects.requireNonNull(open.get(kit.place()))
                        .replaceAll((supply, missing) -> missing - fromHome(kit, supply, missing)));
    }

    private int fromHome(Kit kit, String supply, int missing) {
        List<Kit> above = above(kit);
        Optional<UUID> shelf =
                above.isEmpty() ? kit.filledFrom() : above.getLast().filledFrom();
        List<Held> all = home.getOrDefault(supply, List.of());
        if (all.isEmpty()) {
            return 0;
        }
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
