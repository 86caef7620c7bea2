package hodeon.app.medicine;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.formulary.MedicineRules;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.mat.MatService;
import hodeon.app.need.Forecasts;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.plan.PartySuitability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.need.PooledNeed;
import java.time.Clock;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Adds up what a trip asks of medicines: what people take every day with its reserve for delay, what the forecast says
 * suffices on nine trips of ten, pooled over what can stand in for each other, and the walking-out reserve for one casualty.
 */
@Component
class TripMedicines {

    private final PartyPatients patients;
    private final MedicineShelf medicines;
    private final MatService mats;
    private final Forecasts forecasts;
    private final PartySuitability suitability;
    private final HouseholdEvidence knowledge;
    private final Clock clock;

    TripMedicines(
            PartyPatients patients,
            MedicineShelf medicines,
            MatService mats,
            Forecasts forecasts,
            PartySuitability suitability,
            HouseholdEvidence knowledge,
            Clock clock) {
        this.patients = patients;
        this.medicines = medicines;
        this.mats = mats;
        this.forecasts = forecasts;
        this.suitability = suitability;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** Somebody who may not have something on the mat. */
    record CannotHave(Supply supply, PartySuitability.Unsuited who) {}

    /**
     * Everything the page shows.
     *
     * @param withoutRelief for whom no pain relief of the catalogue is said, so that nothing can be reckoned for their walk out
     */
    record Answer(
            List<RegularMedicine> regular,
            List<AsNeeded> asNeeded,
            List<String> withoutRelief,
            List<CannotHave> cannot,
            List<Going> unknown,
            int reserveDays,
            long matVersion,
            Map<String, Integer> onMat,
            Catalogue catalogue) {}

    Answer of(UUID household, StoredTrip trip) {
        Formulary formulary = medicines.of(household);
        MedicineRules rules = medicines.rules(household);
        Catalogue catalogue = knowledge.of(household).catalogue();
        List<Going> going = patients.of(household, trip.trip().party().people());
        MatService.OnMat mat = mats.onMat(household, trip);
        int days = (int) Math.ceil(trip.trip().days());
        int reserve = rules.reserveFor(days);
        Map<Supply, Product> held = held(catalogue, formulary);
        DoseSheet sheet = new DoseSheet(formulary, rules.tradition());
        List<RegularMedicine> regular = RegularMedicine.of(going, formulary, catalogue, mat.pieces(), days, reserve);
        Map<String, Integer> there = without(regular, mat.pieces());
        List<WalkingOut> walkingOut =
                walkingOut(going, held, sheet, there, trip.trip().hoursToCare());
        Set<String> relieved = walkingOut.stream().map(WalkingOut::casualty).collect(Collectors.toSet());
        return new Answer(
                regular,
                asNeeded(trip, going, catalogue, held, sheet, there, walkingOut),
                going.stream()
                        .map(Going::name)
                        .filter(n -> !relieved.contains(n))
                        .toList(),
                cannot(trip, catalogue, mat.pieces()),
                going.stream().filter(g -> g.profile().isEmpty()).toList(),
                reserve,
                mat.version(),
                mat.pieces(),
                catalogue);
    }

    /** Medicines nobody has to prescribe, by the supply that holds them. */
    private static Map<Supply, Product> held(Catalogue catalogue, Formulary formulary) {
        Map<Supply, Product> held = new LinkedHashMap<>();
        catalogue.supplies().stream()
                .filter(s -> s.prescribed().isEmpty() && !s.superseded())
                .forEach(s ->
                        formulary.inSupply(s.id()).filter(p -> !p.prescribed()).ifPresent(p -> held.put(s, p)));
        return held;
    }

    /** What somebody takes every day is not there for others. */
    private static Map<String, Integer> without(List<RegularMedicine> regular, Map<String, Integer> onMat) {
        Map<String, Integer> left = new HashMap<>(onMat);
        for (RegularMedicine r : regular) {
            r.supply().ifPresent(s -> left.computeIfPresent(s.id(), (id, n) -> Math.max(0, n - r.pieces())));
        }
        return left;
    }

    private static List<WalkingOut> walkingOut(
            List<Going> going, Map<Supply, Product> held, DoseSheet sheet, Map<String, Integer> there, double hours) {
        Map<Supply, Product> relief = new LinkedHashMap<>(held);
        relief.keySet().removeIf(s -> !WalkingOut.relieves(s));
        return going.stream()
                .flatMap(g -> WalkingOut.of(g, relief, sheet, there, hours).stream())
                .toList();
    }

    private List<AsNeeded> asNeeded(
            StoredTrip trip,
            List<Going> going,
            Catalogue catalogue,
            Map<Supply, Product> held,
            DoseSheet sheet,
            Map<String, Integer> there,
            List<WalkingOut> walkingOut) {
        Map<Supply, Integer> unsuited = new HashMap<>();
        held.forEach((supply, product) -> unsuited.put(supply, (int) going.stream()
                .filter(g -> sheet.of(product, g.patient()) instanceof DoseAnswer.Refused)
                .count()));
        // What does the same but is no medicine counts as well, such as a balm against chafing.
        List<Supply> others = catalogue.supplies().stream()
                .filter(s -> !held.containsKey(s) && s.prescribed().isEmpty() && !s.superseded())
                .toList();
        return PooledNeed.of(forecasts.of(trip), List.copyOf(held.keySet()), others).stream()
                .map(pool -> AsNeeded.of(pool, there, walkingOut, s -> unsuited.getOrDefault(s, 0)))
                .filter(a -> a.asked() > 0 || a.pool().has(there) > 0)
                .sorted(Comparator.comparing(AsNeeded::enough))
                .toList();
    }

    private List<CannotHave> cannot(StoredTrip trip, Catalogue catalogue, Map<String, Integer> onMat) {
        List<Supply> along = catalogue.supplies().stream()
                .filter(s -> onMat.containsKey(s.id()))
                .toList();
        return suitability
                .unsuited(trip, catalogue, suitability.of(trip, catalogue), along, onMat.keySet())
                .entrySet()
                .stream()
                .flatMap(e -> e.getValue().stream().map(who -> new CannotHave(e.getKey(), who)))
                .toList();
    }
}
