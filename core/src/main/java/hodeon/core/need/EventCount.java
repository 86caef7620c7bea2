package hodeon.core.need;

import hodeon.core.evidence.Rate;

/**
 * How many events of one problem a trip brings: negative binomial, because the rate itself is uncertain with a
 * gamma distribution of shape α = λS and rate S (Greenwood and Yule, J R Stat Soc 1920; 83: 255–279).
 * P(N=n) = Γ(α+n)/(Γ(α) n!) · (S/(S+E))^α · (E/(S+E))^n.
 *
 * @param shape α, 0 or more
 * @param priorPersonDays S, more than 0
 * @param personDays E, adjusted person-days of exposure, 0 or more
 */
public record EventCount(double shape, double priorPersonDays, double personDays) {

    public EventCount {
        if (!(shape >= 0 && priorPersonDays > 0 && personDays >= 0)) {
            throw new IllegalArgumentException("Shape " + shape + ", strength " + priorPersonDays + " and exposure "
                    + personDays + " must not be negative, the strength above 0.");
        }
    }

    public static EventCount of(Rate rate, double personDays) {
        return new EventCount(rate.shape(), rate.priorPersonDays(), personDays);
    }

    /** E/(S+E), the q of the (a,b,0) class. */
    double q() {
        return personDays / (priorPersonDays + personDays);
    }

    public double mean() {
        return shape * personDays / priorPersonDays;
    }

    public double none() {
        return Math.exp(-shape * Math.log1p(personDays / priorPersonDays));
    }

    public double atLeastOne() {
        return -Math.expm1(-shape * Math.log1p(personDays / priorPersonDays));
    }
}
