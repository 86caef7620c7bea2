package hodeon.benchmarks;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import hodeon.core.packing.Arrangement;
import hodeon.core.packing.BoxShapes;
import hodeon.core.packing.Compartment;
import hodeon.core.packing.Laid;
import hodeon.core.packing.Urgency;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** Eighty things into the fifteen compartments of three boxes, forty times with other things: how long it takes and how near the best it is. */
public final class Packing {

    private static final int THINGS = 80;
    private static final int RUNS = 40;
    private static final Set<String> BOXES = Set.of("clamshell", "hard-case", "backpack");
    private static final Duration PATIENCE = Duration.ofMillis(900);

    private Packing() {}

    public static void main(String[] arguments) {
        Catalogue catalogue = CatalogueReader.shipped(Drivers.vocabulary());
        Map<String, Double> urgency = Urgency.of(catalogue);
        List<Compartment> box = BoxShapes.shipped().stream()
                .filter(s -> BOXES.contains(s.id()))
                .flatMap(s -> s.compartments().stream()
                        .map(c -> new Compartment(
                                s.id() + " " + c.id(),
                                c.name(),
                                c.room(),
                                c.steps(),
                                c.measured(),
                                c.outside(),
                                c.waterproof(),
                                c.closes())))
                .toList();
        double[] millis = new double[RUNS];
        double[] gaps = new double[RUNS];
        for (int run = -1; run < RUNS; run++) {
            List<Laid> things = things(catalogue, urgency, box, new Random(80 + run));
            long start = System.nanoTime();
            double gap = Arrangement.of(box, things, PATIENCE).gap();
            if (run >= 0) {
                millis[run] = (System.nanoTime() - start) / 1e6;
                gaps[run] = gap;
            }
        }
        Arrays.sort(millis);
        System.out.printf(
                "arrange %d things into %d compartments: median %.0f ms, slowest %.0f ms, %d of %d within 2 %%, worst %.2f %%%n",
                THINGS,
                box.size(),
                millis[RUNS / 2],
                millis[RUNS - 1],
                Arrays.stream(gaps).filter(g -> g <= 0.02).count(),
                RUNS,
                100 * Arrays.stream(gaps).max().orElse(0));
    }

    private static List<Laid> things(
            Catalogue catalogue, Map<String, Double> urgency, List<Compartment> box, Random random) {
        List<Supply> supplies = new ArrayList<>(catalogue.supplies());
        Collections.shuffle(supplies, random);
        List<Laid> things = new ArrayList<>();
        for (Supply supply : supplies.subList(0, THINGS)) {
            things.addAll(Laid.Handful.of(supply, 1 + random.nextInt(4), urgency.getOrDefault(supply.id(), 0.0), box));
        }
        return things;
    }
}
