/** Whether a dose may be given now. Start with {@link hodeon.core.medication.gate.DoseGate}, which every dose goes through. */
@NullMarked
package hodeon.core.medication.gate;

import org.jspecify.annotations.NullMarked;
