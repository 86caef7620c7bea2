/**
 * For whom, how much, together with what, and may it be given now: the dose sheet, the gate that every dose goes through, clocks,
 * and what a trip asks for. Start with {@link hodeon.core.medication.gate.DoseGate}; what is known of medicines stands in
 * {@link hodeon.core.medication.formulary}. Arithmetic on labels and directions, never advice.
 */
@NullMarked
package hodeon.core.medication;

import org.jspecify.annotations.NullMarked;
