package hodeon.core.medication.amount;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What people take every day of a trip, with the reserve for delay.
 *
 * <p>Worked example, a test: two people each take one tablet a day on a trip of six days with two in reserve. Eight tablets each,
 * sixteen together; with ten in the kit it is not enough.
 *
 * @param supply that holds it in the kit; empty if it rides with the person
 * @param takers in the order of the party
 * @param units of the product's form, all takers together
 * @param there pieces of the supply in the kit
 */
public record RegularMedicine(
        Product product, Optional<Supply> supply, List<Taker> takers, BigDecimal units, int there) {

    /**
     * One who takes it.
     *
     * @param units of the product's form for all days
     */
    public record Taker(String name, BigDecimal unitsADay, int days, int reserveDays, BigDecimal units) {}

    public int pieces() {
        return product.pieces(units);
    }

    public boolean enough() {
        return supply.isEmpty() || there >= pieces();
    }

    /**
     * @param kit pieces by supply id
     * @param days of the trip, at least 1
     * @param reserveDays for delay, 0 or more
     */
    public static List<RegularMedicine> of(
            List<Traveller> travellers,
            Formulary formulary,
            Catalogue catalogue,
            Map<String, Integer> kit,
            int days,
            int reserveDays) {
        Map<Product, List<Taker>> takers = new LinkedHashMap<>();
        for (Traveller traveller : travellers) {
            for (Traveller.Taking taking : traveller.taking()) {
                formulary.product(taking.product()).ifPresent(product -> takers.computeIfAbsent(
                                product, p -> new ArrayList<>())
                        .add(new Taker(
                                traveller.name(),
                                taking.unitsADay(),
                                days,
                                reserveDays,
                                TripSupply.regular(taking.unitsADay(), days, reserveDays))));
            }
        }
        return takers.entrySet().stream()
                .map(e -> {
                    Optional<Supply> supply = e.getKey().supply().flatMap(catalogue::supply);
                    return new RegularMedicine(
                            e.getKey(),
                            supply,
                            List.copyOf(e.getValue()),
                            e.getValue().stream().map(Taker::units).reduce(BigDecimal.ZERO, BigDecimal::add),
                            supply.map(s -> kit.getOrDefault(s.id(), 0)).orElse(0));
                })
                .toList();
    }
}
