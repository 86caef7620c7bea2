package hodeon.core.medication.amount;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.need.Forecast;
import hodeon.core.need.PooledNeed;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a trip asks of medicines: what people take every day with its reserve for delay, what the forecast says suffices on nine trips
 * of ten, pooled over what can stand in for each other, and the walking-out reserve for one casualty. What somebody takes every day
 * is not there for others.
 *
 * @param asNeeded what is too little first
 * @param withoutRelief for whom no pain relief of the catalogue is said, so that nothing can be reckoned for their walk out
 */
public record MedicineDemand(List<RegularMedicine> regular, List<AsNeeded> asNeeded, List<String> withoutRelief) {

    /**
     * @param days of the trip, at least 1
     * @param reserveDays of regular medicine for delay, 0 or more
     * @param hoursToCare 0 or more
     */
    public record Outing(int days, int reserveDays, double hoursToCare) {}

    /** @param kit pieces by supply id */
    public static MedicineDemand of(
            List<Traveller> travellers,
            Outing outing,
            Formulary formulary,
            Tradition tradition,
            Catalogue catalogue,
            Forecast forecast,
            Map<String, Integer> kit) {
        Map<Supply, Product> held = held(catalogue, formulary);
        DoseSheet sheet = new DoseSheet(formulary, tradition);
        List<RegularMedicine> regular =
                RegularMedicine.of(travellers, formulary, catalogue, kit, outing.days(), outing.reserveDays());
        Map<String, Integer> there = without(regular, kit);
        Map<Supply, Product> relief = new LinkedHashMap<>(held);
        relief.keySet().removeIf(s -> !WalkingOut.relieves(s));
        List<WalkingOut> walkingOut = travellers.stream()
                .flatMap(t -> WalkingOut.of(t, relief, sheet, there, outing.hoursToCare()).stream())
                .toList();
        Set<String> relieved = walkingOut.stream().map(WalkingOut::casualty).collect(Collectors.toSet());
        return new MedicineDemand(
                regular,
                asNeeded(travellers, held, sheet, catalogue, forecast, there, walkingOut),
                travellers.stream()
                        .map(Traveller::name)
                        .filter(n -> !relieved.contains(n))
                        .toList());
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

    private static Map<String, Integer> without(List<RegularMedicine> regular, Map<String, Integer> kit) {
        Map<String, Integer> left = new HashMap<>(kit);
        for (RegularMedicine r : regular) {
            r.supply().ifPresent(s -> left.computeIfPresent(s.id(), (id, n) -> Math.max(0, n - r.pieces())));
        }
        return left;
    }

    private static List<AsNeeded> asNeeded(
            List<Traveller> travellers,
            Map<Supply, Product> held,
            DoseSheet sheet,
            Catalogue catalogue,
            Forecast forecast,
            Map<String, Integer> there,
            List<WalkingOut> walkingOut) {
        Map<Supply, Integer> unsuited = new HashMap<>();
        held.forEach((supply, product) -> unsuited.put(supply, (int) travellers.stream()
                .filter(t -> sheet.of(product, t.patient()) instanceof DoseAnswer.Refused)
                .count()));
        // What does the same but is no medicine counts as well, such as a balm against chafing.
        List<Supply> others = catalogue.supplies().stream()
                .filter(s -> !held.containsKey(s) && s.prescribed().isEmpty() && !s.superseded())
                .toList();
        return PooledNeed.of(forecast, List.copyOf(held.keySet()), others).stream()
                .map(pool -> AsNeeded.of(pool, there, walkingOut, s -> unsuited.getOrDefault(s, 0)))
                .filter(a -> a.asked() > 0 || a.pool().has(there) > 0)
                .sorted(Comparator.comparing(AsNeeded::enough))
                .toList();
    }
}
