/** Medicine that a clinician of the household hands to somebody: label and register. Start with {@link hodeon.app.dose.dispense.Dispensing}. */
@NullMarked
package hodeon.app.dose.dispense;

import org.jspecify.annotations.NullMarked;
