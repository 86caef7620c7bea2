package hodeon.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.units.Volume;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ArrangementTest {

    private static final Catalogue SHIPPED = Samples.CATALOGUE;
    private static final Map<String, Double> URGENCY = Urgency.of(SHIPPED);
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private static Compartment part(String id, int millilitres, List<AccessStep> steps, String holds) {
        return new Compartment(
                id,
                id,
                new Volume(millilitres * 1000L),
                steps,
                OptionalInt.empty(),
                holds.contains("outside"),
                holds.contains("waterproof"),
                holds.contains("closes"));
    }

    private static Laid laid(String supply, int pieces) {
        return laid(supply, pieces, Optional.empty());
    }

    private static Laid laid(String supply, int pieces, Optional<String> pinned) {
        Supply known = SHIPPED.supply(supply).orElseThrow();
        return new Laid.Handful(supply, known, pieces, false, URGENCY.getOrDefault(supply, 0.0), pinned);
    }

    private static List<Compartment> shape(String id) {
        return BoxShapes.shipped().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow()
                .compartments();
    }

    /** The tourniquet outside though there is room inside, gloves where the hand comes first, the rest inside. */
    @Test
    void whatIsUrgentLiesWhereTheHandComesFirst() {
        List<Compartment> pouch = List.of(
                part("outside", 300, List.of(AccessStep.PULL_TAB), "outside"),
                part("inside", 2000, List.of(AccessStep.UNZIP), "closes"));
        Arrangement arranged = Arrangement.of(
                pouch,
                List.of(laid("tourniquet-windlass", 1), laid("gloves-nitrile", 2), laid("paracetamol", 8)),
                PATIENCE);
        assertThat(arranged.compartments())
                .isEqualTo(
                        Map.of("tourniquet-windlass", "outside", "gloves-nitrile", "inside", "paracetamol", "inside"));
        assertThat(arranged.broken()).isEmpty();
        assertThat(arranged.gap()).isLessThanOrEqualTo(0.02);
    }

    @Test
    void rulesBindOnlyWhereTheBoxCanKeepThemAndPinsHoldAgainstThem() {
        List<Compartment> clamshell = shape("clamshell");
        List<Laid> things = List.of(laid("paracetamol", 16), laid("saline-pod", 2), laid("safety-pins", 4));
        Map<String, String> lies = Arrangement.of(clamshell, things, PATIENCE).compartments();
        assertThat(closes(clamshell, lies.get("paracetamol"))).isTrue();
        assertThat(lies.get("safety-pins")).isNotEqualTo("1");
        Arrangement pinned = Arrangement.of(
                clamshell, List.of(laid("paracetamol", 16, Optional.of("2")), laid("safety-pins", 4)), PATIENCE);
        assertThat(pinned.compartments()).containsEntry("paracetamol", "2");
        assertThat(pinned.broken()).containsExactly(new Arrangement.Broken(PackingRule.CLOSED, "paracetamol"));
        List<Compartment> bag = List.of(part("bag", 3000, List.of(AccessStep.OPEN_BAG), ""));
        assertThat(Arrangement.of(bag, things, PATIENCE).broken()).isEmpty();
    }

    private static boolean closes(List<Compartment> box, String id) {
        return box.stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow()
                .closes();
    }

    @Test
    void theMeasuredSecondsReplaceTheAssumedOnes() {
        Compartment assumed = part("a", 100, List.of(AccessStep.OPEN_FLAP, AccessStep.UNZIP), "");
        assertThat(assumed.seconds()).isEqualTo(6);
        assertThat(assumed.oneHanded()).isFalse();
        Compartment timed =
                new Compartment("a", "a", assumed.room(), assumed.steps(), OptionalInt.of(11), false, false, false);
        assertThat(timed.seconds()).isEqualTo(11);
    }

    /** Any things in any shape: nothing over its room, what could lie somewhere lies there, and pins are kept. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void everythingFitsWhereItLies(long seed) {
        Random random = new Random(seed);
        List<BoxShapes.Shape> shapes = BoxShapes.shipped();
        List<Compartment> box = shapes.get(random.nextInt(shapes.size())).compartments();
        List<Supply> supplies = new ArrayList<>(SHIPPED.supplies());
        Collections.shuffle(supplies, random);
        List<Laid> things = new ArrayList<>();
        for (Supply supply : supplies.subList(0, 25)) {
            Optional<String> pin = random.nextInt(6) == 0
                    ? Optional.of(box.get(random.nextInt(box.size())).id())
                    : Optional.empty();
            things.add(laid(supply.id(), 1 + random.nextInt(3), pin));
        }
        Arrangement arranged = Arrangement.of(box, things, PATIENCE);
        Map<String, Double> used = new HashMap<>();
        for (Laid thing : things) {
            Optional.ofNullable(arranged.compartments().get(thing.id())).ifPresent(c -> {
                used.merge(c, thing.litres(), Double::sum);
                thing.pinned()
                        .ifPresent(pin -> assertThat(c).as("seed %d", seed).isEqualTo(pin));
            });
        }
        box.forEach(c -> assertThat(used.getOrDefault(c.id(), 0.0))
                .as("seed %d, %s", seed, c.name())
                .isLessThanOrEqualTo(c.room().litres() + 1e-6));
        things.stream()
                .filter(t -> !arranged.compartments().containsKey(t.id())
                        && t.pinned().isEmpty())
                .forEach(t -> box.forEach(c -> assertThat(t.litres() + used.getOrDefault(c.id(), 0.0))
                        .as("seed %d: %s is left out though %s has room", seed, t.id(), c.name())
                        .isGreaterThan(c.room().litres())));
    }

    @Test
    void everyShapeIsReadAndHasAFirstCompartmentToOpen() {
        assertThat(BoxShapes.shipped()).hasSizeGreaterThanOrEqualTo(7).allSatisfy(shape -> assertThat(
                        shape.compartments())
                .as(shape.id())
                .hasSizeGreaterThanOrEqualTo(3)
                .allSatisfy(c -> assertThat(c.seconds()).isPositive()));
    }

    /** Where seconds decide, rare as it is, it comes before what is fought over an hour, and what can wait weighs nothing. */
    @Test
    void whereSecondsDecideComesFirst() {
        assertThat(URGENCY.get("tourniquet-windlass")).isGreaterThan(URGENCY.get("heat-bag"));
        assertThat(URGENCY.get("hydrocolloid-pad")).isZero();
    }

    /** Plasters do not hang in the rain because there is room. */
    @Test
    void onlyWhatIsUrgentHangsOutside() {
        Map<String, String> lies = Arrangement.of(
                        shape("clamshell"),
                        List.of(laid("tourniquet-windlass", 1), laid("hydrocolloid-pad", 3), laid("gauze-large", 4)),
                        PATIENCE)
                .compartments();
        assertThat(lies).containsEntry("tourniquet-windlass", "1");
        assertThat(lies.get("hydrocolloid-pad")).isNotEqualTo("1");
    }

    /** Two tourniquets: one staged outside, the other with the rest; of six pairs of gloves two where the hand comes first. */
    @Test
    void theFirstPieceGoesWhereTheHandComesFirstAndItsSparesLieDeeper() {
        List<Compartment> pouch = List.of(
                part("loop", 250, List.of(AccessStep.PULL_TAB), "outside"),
                part("flap", 60, List.of(AccessStep.OPEN_FLAP), ""),
                part("main", 3000, List.of(AccessStep.OPEN_FLAP, AccessStep.UNZIP), "closes"));
        List<Laid> things = new ArrayList<>();
        for (Map.Entry<String, Integer> each :
                Map.of("tourniquet-windlass", 2, "gloves-nitrile", 6).entrySet()) {
            Supply supply = SHIPPED.supply(each.getKey()).orElseThrow();
            things.addAll(Laid.Handful.of(supply, each.getValue(), URGENCY.getOrDefault(each.getKey(), 0.0), pouch));
        }
        assertThat(things).extracting(t -> ((Laid.Handful) t).pieces()).containsExactlyInAnyOrder(1, 1, 2, 4);
        Arrangement arranged = Arrangement.of(pouch, things, PATIENCE);
        assertThat(arranged.compartments())
                .containsEntry("tourniquet-windlass", "loop")
                .containsEntry("tourniquet-windlass spare", "main")
                .containsEntry("gloves-nitrile", "flap")
                .containsEntry("gloves-nitrile spare", "main");
        assertThat(arranged.broken()).isEmpty();
    }

    /** A module is laid as one thing, by its room and by the most urgent thing in it. */
    @Test
    void aModuleIsLaidAsOneThing() {
        List<Compartment> box = List.of(
                part("lid", 400, List.of(AccessStep.LIFT_LID), ""),
                part("deep", 3000, List.of(AccessStep.LIFT_LID, AccessStep.LIFT_OUT), ""));
        Laid bleeding = new Laid.Pouch("bleeding", "Bleeding", 0.35, 0.03, Optional.empty());
        Laid feet = new Laid.Pouch("feet", "Feet", 0.3, 0, Optional.empty());
        Laid tooBig = new Laid.Pouch("shelter", "Shelter", 3.5, 0, Optional.empty());
        assertThat(Arrangement.of(box, List.of(feet, bleeding, tooBig), PATIENCE)
                        .compartments())
                .isEqualTo(Map.of("bleeding", "lid", "feet", "deep"));
    }

    /** Eighty things in the fifteen compartments of three boxes: what is told to be near the best is, by the bound, within 2 %. */
    @Test
    void manyThingsLieWithinTwoPercentOfTheBest() {
        List<Compartment> box = List.of(shape("clamshell"), shape("hard-case"), shape("backpack")).stream()
                .flatMap(List::stream)
                .map(c -> new Compartment(
                        c.name(), c.name(), c.room(), c.steps(), c.measured(), c.outside(), c.waterproof(), c.closes()))
                .toList();
        Random random = new Random(80);
        List<Supply> supplies = new ArrayList<>(SHIPPED.supplies());
        Collections.shuffle(supplies, random);
        List<Laid> things = new ArrayList<>();
        supplies.subList(0, 80).forEach(s -> things.add(laid(s.id(), 1 + random.nextInt(4))));
        assertThat(box).hasSize(15);
        assertThat(Arrangement.of(box, things, PATIENCE).gap()).isLessThanOrEqualTo(0.02);
        // Where all of it has room, the cost is small: the bound has to be near that, not near what leaving out would
        // cost.
        for (int seed = 1; seed <= 12; seed++) {
            Collections.shuffle(things, new Random(seed));
            List<Laid> few =
                    things.stream().filter(t -> t.litres() < 0.1).limit(22).toList();
            assertThat(Arrangement.of(shape("clamshell"), few, PATIENCE).gap())
                    .as("seed %d", seed)
                    .isLessThanOrEqualTo(0.02);
        }
    }
}
