package hodeon.app.medicine;

import hodeon.app.people.PartyPatients.Going;
import hodeon.app.people.Profile;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.amount.TripSupply;
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
 * @param supply that holds it in the kit; empty if it rides with the person
 * @param who takes it, each with how much
 * @param units of the product's form
 * @param onMat pieces of the supply on the mat
 */
record RegularMedicine(Product product, Optional<Supply> supply, List<String> who, BigDecimal units, int onMat) {

    int pieces() {
        return product.pieces(units);
    }

    boolean enough() {
        return supply.isEmpty() || onMat >= pieces();
    }

    static List<RegularMedicine> of(
            List<Going> going,
            Formulary formulary,
            Catalogue catalogue,
            Map<String, Integer> onMat,
            int days,
            int reserve) {
        Map<Product, List<String>> who = new LinkedHashMap<>();
        Map<Product, BigDecimal> units = new LinkedHashMap<>();
        for (Going g : going) {
            for (Profile.Regular r : g.profile().map(Profile::regular).orElse(List.of())) {
                formulary.product(r.product()).ifPresent(product -> {
                    BigDecimal taken = TripSupply.regular(r.unitsADay(), days, reserve);
                    units.merge(product, taken, BigDecimal::add);
                    who.computeIfAbsent(product, p -> new ArrayList<>())
                            .add(g.name() + " "
                                    + r.unitsADay().stripTrailingZeros().toPlainString() + " a day × ("
                                    + days + " + " + reserve + ") days = "
                                    + product.form().says(taken.toPlainString()));
                });
            }
        }
        return who.entrySet().stream()
                .map(e -> {
                    Optional<Supply> supply = e.getKey().supply().flatMap(catalogue::supply);
                    return new RegularMedicine(
                            e.getKey(),
                            supply,
                            e.getValue(),
                            units.getOrDefault(e.getKey(), BigDecimal.ZERO),
                            supply.map(s -> onMat.getOrDefault(s.id(), 0)).orElse(0));
                })
                .toList();
    }
}
