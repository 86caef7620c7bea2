package hodeon.app.medicine;

import hodeon.app.people.PartyPatients.Going;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.amount.TripSupply;
import hodeon.core.medication.formulary.Product;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Pain relief for one casualty until care is reached, at the label's most: with the medicine they may have of which least is
 * missing, a child's for a child.
 *
 * @param units of the product's form
 * @param there pieces of the supply on the mat that nobody takes every day
 */
record WalkingOut(String casualty, Product product, Supply supply, BigDecimal units, int there) {

    /** As the catalogue draws the line for a child's pain. */
    private static final Age CHILD = Age.ofYears(12);

    private static final Set<String> RELIEF = Set.of("relieve-pain", "child-pain");

    int pieces() {
        return product.pieces(units);
    }

    int missing() {
        return Math.max(0, pieces() - there);
    }

    static boolean relieves(Supply supply) {
        return RELIEF.stream().map(supply.serves()::get).anyMatch(tier -> tier == Tier.MADE || tier == Tier.GOOD);
    }

    /**
     * @param relief medicines that relieve pain, by the supply that holds them; of equal ones the first is taken
     * @param there pieces by supply id
     */
    static Optional<WalkingOut> of(
            Going casualty, Map<Supply, Product> relief, DoseSheet sheet, Map<String, Integer> there, double hours) {
        boolean child = casualty.patient().age().under(CHILD);
        return relief.entrySet().stream()
                .flatMap(e -> sheet.of(e.getValue(), casualty.patient()) instanceof DoseAnswer.Give give
                        ? Stream.of(new WalkingOut(
                                casualty.name(),
                                e.getValue(),
                                e.getKey(),
                                give.most().multiply(BigDecimal.valueOf(TripSupply.walkingOutDoses(give, hours))),
                                there.getOrDefault(e.getKey().id(), 0)))
                        : Stream.empty())
                .min(Comparator.comparingInt(WalkingOut::missing)
                        .thenComparing(w -> child != w.supply.serves().containsKey("child-pain")));
    }
}
