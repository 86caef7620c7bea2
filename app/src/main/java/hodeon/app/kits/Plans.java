package hodeon.app.kits;

import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.KitCalculator;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.plan.Plan;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What a household plans to take, for programs. */
@Service
public class Plans {

    private final MatService mats;
    private final ListService lists;
    private final KitCalculator calculator;
    private final HouseholdEvidence knowledge;

    Plans(MatService mats, ListService lists, KitCalculator calculator, HouseholdEvidence knowledge) {
        this.mats = mats;
        this.lists = lists;
        this.calculator = calculator;
        this.knowledge = knowledge;
    }

    /**
     * A plan.
     *
     * @param id of the saved kit; missing while it only lies on the mat
     * @param coverage worth as a share of meeting every need; missing for a kit whose trip is gone
     */
    public record Told(
            @Nullable UUID id,
            @Nullable UUID tripId,
            String name,
            double massGrams,
            double volumeMillilitres,
            @Nullable Double coverage,
            List<Quantity> quantities) {}

    /**
     * Pieces of a supply, named as in the catalogue.
     *
     * @param unit of what, in the singular: “tablet”, “pair”
     */
    public record Quantity(String id, int pieces, String unit) {}

    public Told onMat(UUID householdId, UUID tripId) {
        Mat mat = mats.mat(householdId, tripId);
        Plan plan = calculator.weigh(mat.of(), mat.along(), mat.pieces()).plan();
        return new Told(
                null,
                tripId,
                mat.trip().trip().name(),
                plan.mass().grams(),
                1000 * plan.volume().litres(),
                plan.coverage(),
                quantities(mat.known().catalogue(), mat.pieces()));
    }

    public Told save(UUID householdId, UUID tripId, String name) {
        Mat mat = mats.mat(householdId, tripId);
        UUID id = lists.save(householdId, tripId, name, mats.freeze(householdId, tripId, mat.version()));
        return told(lists.find(householdId, id), knowledge.of(householdId).catalogue());
    }

    public List<Told> all(UUID householdId) {
        Catalogue catalogue = knowledge.of(householdId).catalogue();
        return lists.all(householdId).stream().map(k -> told(k, catalogue)).toList();
    }

    private static Told told(StoredList list, Catalogue catalogue) {
        return new Told(
                list.id(),
                list.tripId().orElse(null),
                list.name(),
                list.mass().grams(),
                1000 * list.volume().litres(),
                null,
                quantities(catalogue, list.pieces()));
    }

    private static List<Quantity> quantities(Catalogue catalogue, Map<String, Integer> pieces) {
        return new TreeMap<>(pieces)
                .entrySet().stream()
                        .map(e -> new Quantity(
                                e.getKey(),
                                e.getValue(),
                                catalogue.supply(e.getKey()).map(Supply::piece).orElse("piece")))
                        .toList();
    }
}
