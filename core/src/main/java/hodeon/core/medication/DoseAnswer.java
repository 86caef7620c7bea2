package hodeon.core.medication;

import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** How much of a product one person may be given, or why that is not said. */
public sealed interface DoseAnswer {

    Product product();

    /** What to know, gravest first. */
    List<Caution> cautions();

    /**
     * So much.
     *
     * @param least least at once, in units of the product's form
     * @param most most at once, rounded down to what can be measured out
     * @param holds what the most holds, by ingredient id
     * @param apart at least this long between two doses
     * @param times most doses in 24 hours, if said
     * @param inADay most in 24 hours in units, if said
     * @param days most days before asking, if said
     * @param directed whether a clinician's direction was followed and not the label
     * @param working how it was reckoned, a line for each step
     */
    record Give(
            Product product,
            BigDecimal least,
            BigDecimal most,
            Map<String, Dose> holds,
            Duration apart,
            OptionalInt times,
            Optional<BigDecimal> inADay,
            OptionalInt days,
            boolean directed,
            List<String> working,
            List<Caution> cautions)
            implements DoseAnswer {

        public Give {
            holds = Map.copyOf(holds);
            working = List.copyOf(working);
            cautions = List.copyOf(cautions);
        }

        /** Such as “1 to 2 tablets” or “7.5 ml”. */
        public String amount() {
            String upTo = product.form().says(most.stripTrailingZeros().toPlainString());
            return least.compareTo(most) == 0
                    ? upTo
                    : least.stripTrailingZeros().toPlainString() + " to " + upTo;
        }

        /** Such as “at least 4 h apart; at most 4 times and 60 ml in 24 h; ask after 3 days”. */
        public String often() {
            StringBuilder often = new StringBuilder(
                    apart.isZero() ? "as often as needed" : "at least " + apart.toHours() + " h apart");
            times.ifPresent(n -> often.append("; at most ").append(n).append(n == 1 ? " time" : " times"));
            inADay.map(BigDecimal::stripTrailingZeros)
                    .ifPresent(day -> often.append(times.isPresent() ? " and " : "; at most ")
                            .append(product.form().says(day.toPlainString())));
            if (times.isPresent() || inADay.isPresent()) {
                often.append(" in 24 h");
            }
            days.ifPresent(n -> often.append("; ask after ").append(n).append(n == 1 ? " day" : " days"));
            return often.toString();
        }

        /** The limit this sets for one of the things that are counted of the product. */
        DoseClock.Limit limit(String counted) {
            Dose once = product.limitOf(counted, most);
            Optional<Dose> day = inADay.map(u -> product.limitOf(counted, u))
                    .or(() -> times.isPresent()
                            ? Optional.of(new Dose(once.micrograms() * times.getAsInt()))
                            : Optional.empty());
            return new DoseClock.Limit(day, apart, times);
        }
    }

    /**
     * Not said.
     *
     * @param reason why, a sentence
     * @param remedy what to do instead, a sentence
     */
    record Refused(Product product, String reason, String remedy, List<Caution> cautions) implements DoseAnswer {

        public Refused {
            cautions = List.copyOf(cautions);
        }
    }
}
