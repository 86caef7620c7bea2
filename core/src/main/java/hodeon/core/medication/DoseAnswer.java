package hodeon.core.medication;

import hodeon.core.medication.finding.Reckoning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Product;
import hodeon.core.units.Plural;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;

/** How much of a product one person may be given, or why that is not said. */
public sealed interface DoseAnswer {

    Product product();

    /** What to know, gravest first. */
    List<Caution> cautions();

    /**
     * So much.
     *
     * @param directed the clinician's directions that were followed in place of the label; empty where the label was
     * @param working how it was reckoned
     */
    record Give(
            Product product, Dosing dosing, List<Direction> directed, List<Reckoning> working, List<Caution> cautions)
            implements DoseAnswer {

        public Give {
            directed = List.copyOf(directed);
            working = List.copyOf(working);
            cautions = List.copyOf(cautions);
        }

        public BigDecimal least() {
            return dosing.least();
        }

        public BigDecimal most() {
            return dosing.most();
        }

        /** Such as “1 to 2 tablets”, “7.5 ml” or “2 capsules first, then 1 capsule”. */
        public String amount() {
            if (dosing.first().isPresent()) {
                return product.says(dosing.first().get()) + " first, then " + range();
            }
            return range();
        }

        private String range() {
            String upTo = product.says(most());
            return least().compareTo(most()) == 0
                    ? upTo
                    : least().stripTrailingZeros().toPlainString() + " to " + upTo;
        }

        /** The same with what it holds: “2 capsules (4 mg) first, then 1 capsule (2 mg)”. */
        public String amountWithMilligrams() {
            String later = range() + " (" + product.milligrams(least())
                    + (least().compareTo(most()) == 0 ? "" : " to " + product.milligrams(most())) + ")";
            return dosing.first()
                    .map(f -> product.says(f) + " (" + product.milligrams(f) + ") first, then " + later)
                    .orElse(later);
        }

        /** What that holds, such as “180 mg” or “500 mg to 1000 mg”. */
        public String milligrams() {
            String most = product.milligrams(dosing.mostEver());
            BigDecimal fewest = dosing.first().isPresent() ? most() : least();
            return fewest.compareTo(dosing.mostEver()) == 0 ? most : product.milligrams(fewest) + " to " + most;
        }

        /** Such as “at least 4 h apart; at most 4 times and 60 ml in 24 h; ask after 3 days”. */
        public String often() {
            StringBuilder often = new StringBuilder(
                    dosing.apart().isZero() ? "as often as needed" : "at least " + apart() + " apart");
            dosing.times().ifPresent(n -> often.append("; at most ").append(Plural.counted(n, "time")));
            dosing.inADay().ifPresent(day -> often.append(dosing.times().isPresent() ? " and " : "; at most ")
                    .append(product.says(day)));
            if (dosing.times().isPresent() || dosing.inADay().isPresent()) {
                often.append(" in 24 h");
            }
            dosing.days().ifPresent(n -> often.append("; ask after ").append(Plural.counted(n, "day")));
            return often.toString();
        }

        private String apart() {
            return hours(dosing.apart());
        }

        public boolean asks() {
            return cautions.stream().anyMatch(Caution::asks);
        }
    }

    /**
     * Not said.
     *
     * @param whyNot why, to which belongs what to do instead
     */
    record Refused(Product product, WhyNot whyNot, List<Caution> cautions) implements DoseAnswer {

        public Refused {
            cautions = List.copyOf(cautions);
        }

        public WhyNot.Kind why() {
            return whyNot.kind();
        }
    }

    /** “4 h” or “30 min”. */
    static String hours(Duration time) {
        return time.toMinutes() % 60 == 0 ? time.toHours() + " h" : time.toMinutes() + " min";
    }
}
