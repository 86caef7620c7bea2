package hodeon.core.need;

import hodeon.core.evidence.Rate;

/**
 * How many events of one problem a trip brings: negative binomial, because the rate itself is uncertain with a
 * gamma distribution of shape α = λS and rate S (Greenwood and Yule, J R Stat Soc 1920; 83: 255–279).
 * P(N=n) = Γ(α+n)/(Γ(α) n!) · (S/(S+E))^α · (E/(S+E))^n.
 *
 * @param shape α, 0 or more
 * @param strengthPersonDays S, more than 0
 * @param personDays E, adjusted person-days of exposure, 0 or more
 */
public record EventCount(double shape, double strengthPersonDays, double personDays) {

    public EventCount {
        if (!(shape >= 0 && strengthPersonDays > 0 && personDays >= 0)) {
            throw new IllegalArgumentException("Shape " + shape + ", strength " + strengthPersonDays + " and exposure "
                    + personDays + " must not be negative, the strength above 0.");
        }
    }

    public static EventCount of(Rate rate, double personDays) {
        return new EventCount(rate.shape(), rate.strengthPersonDays(), personDays);
    }

    /** E/(S+E), the q of the (a,b,0) class. */
    double q() {
        return personDays / (strengthPersonDays + personDays);
    }

    public double mean() {
        return shape * personDays / strengthPersonDays;
    }

    public double none() {
        return Math.exp(-shape * Math.log1p(personDays / strengthPersonDays));
    }

    public double atLeastOne() {
        return -Math.expm1(-shape * Math.log1p(personDays / strengthPersonDays));
    }
}
