package hodeon.core.medication.formulary;

import hodeon.core.party.RescueMedicine;
import java.time.LocalDate;

/**
 * How prescribed rescue medicine is used, as publicly taught; what was prescribed comes first.
 *
 * @param how one or two short sentences
 * @param again how often it may be repeated, and when to call
 * @param reviewed day on which it was last checked against its source
 */
public record RescueUse(RescueMedicine medicine, String how, String again, String source, LocalDate reviewed) {}
