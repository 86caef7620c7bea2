package hodeon.app.brief;

import jakarta.persistence.Embeddable;

/** One figure of the odds that is changed for one trip. */
@Embeddable
record FactorRow(String problemId, String factor, double amount) {}
