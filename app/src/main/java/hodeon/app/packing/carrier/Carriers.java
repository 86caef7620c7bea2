package hodeon.app.packing.carrier;

import hodeon.app.mat.Mat;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.LastAnswer;
import hodeon.app.shell.NotHere;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.packing.Carry;
import hodeon.core.party.Person;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who carries what on an outing: shared out evenly, or given by hand. */
@Service
@Transactional
public class Carriers {

    /** So many grown-ups are proposed as carriers; more are added by hand. */
    private static final int MOST_PROPOSED = 4;

    private static final double HELPER_YEARS = PlanningAssumption.YOUNGEST_HELPER.value();

    /** Tidied afterwards, so that a longer search hardly shows. */
    private static final Duration PATIENCE = Duration.ofMillis(1500);

    private final CarrierRepository carriers;
    private final GivenRepository given;
    private final KitCalculator calculator;
    private final LastAnswer<Question, Carry> last = new LastAnswer<>();

    Carriers(CarrierRepository carriers, GivenRepository given, KitCalculator calculator) {
        this.carriers = carriers;
        this.given = given;
        this.calculator = calculator;
    }

    /**
     * Somebody or something that carries.
     *
     * @param key tells it from the others of its outing
     * @param place boat, pack, vehicle; empty if it needs no saying
     * @param group carriers of the same number stay together, from 0
     * @param most grams
     */
    public record Carrier(String key, String name, String place, int group, OptionalDouble most) {}

    /** @param byHand whether somebody gave anything to somebody @param whole whether modules stay whole where they can */
    public record Shared(List<Carrier> carriers, Carry carry, boolean byHand, boolean whole) {}

    /** As they are written down; the grown-ups of the party until somebody does. */
    @Transactional(readOnly = true)
    public List<Carrier> of(Mat mat) {
        List<Carrier> written = rows(mat).stream()
                .map(r -> new Carrier(
                        r.id.toString(),
                        r.name,
                        r.place,
                        r.groupNo,
                        r.mostGrams == null ? OptionalDouble.empty() : OptionalDouble.of(r.mostGrams)))
                .toList();
        if (!written.isEmpty()) {
            return written;
        }
        List<Person> party = mat.trip().trip().party().people();
        List<Person> able = party.stream()
                .filter(p -> p.age().years() >= HELPER_YEARS)
                .limit(MOST_PROPOSED)
                .toList();
        List<Person> proposed = able.isEmpty() ? party.subList(0, 1) : able;
        return IntStream.range(0, proposed.size())
                .mapToObj(i -> new Carrier(String.valueOf(i), proposed.get(i).name(), "", 0, OptionalDouble.empty()))
                .toList();
    }

    private List<CarrierRow> rows(Mat mat) {
        return carriers.findByHouseholdIdAndTripIdOrderByPosition(
                mat.trip().householdId(), mat.trip().id());
    }

    @Transactional(readOnly = true)
    public Shared share(Mat mat) {
        List<Carrier> all = of(mat);
        List<CarrierRow> rows = rows(mat);
        List<Carry.Given> byHand = new ArrayList<>();
        given.findByHouseholdIdAndCarrierIdIn(
                        mat.trip().householdId(), rows.stream().map(r -> r.id).toList())
                .forEach(g -> byHand.add(new Carry.Given(
                        g.supplyId,
                        IntStream.range(0, rows.size())
                                .filter(i -> rows.get(i).id.equals(g.carrierId))
                                .findFirst()
                                .orElseThrow(),
                        g.pieces)));
        List<Carry.Carrier> loaded =
                all.stream().map(c -> new Carry.Carrier(c.group(), c.most())).toList();
        boolean whole = rows.stream().anyMatch(r -> r.whole);
        Carry carry = last.of(
                mat.trip().id(),
                new Question(mat.trip().trip(), mat.pieces(), masses(mat), loaded, byHand, whole),
                q -> calculator.carry(mat.of(), mat.along(), q.pieces(), q.carriers(), q.given(), q.whole(), PATIENCE));
        return new Shared(all, carry, !byHand.isEmpty(), whole);
    }

    /** All that the answer rests on; what a supply does hardly ever changes, and never while an outing is packed. */
    private record Question(
            Trip trip,
            Map<String, Integer> pieces,
            Map<String, Double> grams,
            List<Carry.Carrier> carriers,
            List<Carry.Given> given,
            boolean whole) {}

    private static Map<String, Double> masses(Mat mat) {
        Map<String, Double> masses = new HashMap<>();
        mat.pieces().keySet().forEach(id -> mat.known()
                .catalogue()
                .supply(id)
                .ifPresent(s -> masses.put(id, s.mass().grams())));
        return masses;
    }

    /** In place of those there were; who keeps their place in the row keeps what was given to them. */
    public void write(Mat mat, List<Carrier> as, boolean whole) {
        List<CarrierRow> rows = new ArrayList<>(rows(mat));
        while (rows.size() > as.size()) {
            CarrierRow gone = rows.removeLast();
            given.deleteAll(given.findByHouseholdIdAndCarrierIdIn(mat.trip().householdId(), List.of(gone.id)));
            carriers.delete(gone);
        }
        for (int i = 0; i < as.size(); i++) {
            CarrierRow row = i < rows.size() ? rows.get(i) : new CarrierRow();
            row.householdId = mat.trip().householdId();
            row.tripId = mat.trip().id();
            row.position = i;
            row.name = as.get(i).name();
            row.place = as.get(i).place();
            row.whole = whole;
            row.groupNo = as.get(i).group();
            row.mostGrams = as.get(i).most().isPresent()
                    ? (Integer) (int) as.get(i).most().getAsDouble()
                    : null;
            carriers.save(row);
        }
    }

    /** Everything is shared out evenly again. */
    public void evenly(Mat mat) {
        given.deleteAll(given.findByHouseholdIdAndCarrierIdIn(
                mat.trip().householdId(), rows(mat).stream().map(r -> r.id).toList()));
    }

    /**
     * From one carrier to another; everything else stays where it is.
     *
     * @param thing id of a supply, or the constant of a group, which is a module here
     * @param pieces of a supply; all of them if there are fewer
     */
    public void move(Mat mat, String thing, String from, String to, int pieces) {
        if (rows(mat).isEmpty()) {
            write(mat, of(mat), false);
        }
        Shared now = share(mat);
        int giver = index(now, from);
        int taker = index(now, to);
        List<Map<String, Integer>> loads = new ArrayList<>();
        now.carry().carriers().forEach(l -> loads.add(new LinkedHashMap<>(l)));
        Map<String, Integer> had = loads.get(giver);
        List<String> moved = had.keySet().stream()
                .filter(s -> s.equals(thing) || inModule(mat, s, thing))
                .toList();
        if (moved.isEmpty()) {
            throw new NotHere("thing " + thing + " with this carrier");
        }
        for (String supply : moved) {
            int some =
                    supply.equals(thing) ? Math.min(pieces, had.getOrDefault(supply, 0)) : had.getOrDefault(supply, 0);
            had.merge(supply, -some, Integer::sum);
            loads.get(taker).merge(supply, some, Integer::sum);
        }
        evenly(mat);
        given.flush();
        List<CarrierRow> rows = rows(mat);
        for (int i = 0; i < rows.size(); i++) {
            CarrierRow row = rows.get(i);
            loads.get(i).forEach((supply, n) -> {
                if (n > 0) {
                    given.save(new GivenRow(mat.trip().householdId(), row.id, supply, n));
                }
            });
        }
    }

    private static boolean inModule(Mat mat, String supply, String module) {
        return mat.known()
                .catalogue()
                .supply(supply)
                .map(Supply::group)
                .map(Group::name)
                .filter(module::equals)
                .isPresent();
    }

    /** By the key of a carrier, or by its place in the row as it was proposed. */
    private static int index(Shared now, String key) {
        for (int i = 0; i < now.carriers().size(); i++) {
            if (now.carriers().get(i).key().equals(key) || String.valueOf(i).equals(key)) {
                return i;
            }
        }
        throw new NotHere("carrier " + key);
    }
}
