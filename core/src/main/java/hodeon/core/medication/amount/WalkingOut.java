package hodeon.core.medication.amount;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
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
 * <p>Worked example, a test: nine hours from care, a grown-up, paracetamol of 500 mg by British labels: at 0, 4 and 8 h two tablets,
 * six together. With four in the kit two are missing.
 *
 * @param units of the product's form
 * @param there pieces of the supply in the kit that nobody takes every day
 */
public record WalkingOut(String casualty, Product product, Supply supply, BigDecimal units, int there) {

    private static final Age CHILD = Age.ofYears(PlanningAssumption.CHILDS_PAIN_UNDER.whole());

    private static final Set<String> RELIEF = Set.of("relieve-pain", "child-pain");

    public int pieces() {
        return product.pieces(units);
    }

    public int missing() {
        return Math.max(0, pieces() - there);
    }

    public static boolean relieves(Supply supply) {
        return RELIEF.stream().map(supply.serves()::get).anyMatch(tier -> tier == Tier.MADE || tier == Tier.GOOD);
    }

    /**
     * @param relief medicines that relieve pain, by the supply that holds them; of equal ones the first is taken
     * @param there pieces by supply id
     * @param hours to care, 0 or more
     */
    public static Optional<WalkingOut> of(
            Traveller casualty,
            Map<Supply, Product> relief,
            DoseSheet sheet,
            Map<String, Integer> there,
            double hours) {
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
