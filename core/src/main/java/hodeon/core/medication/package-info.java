/**
 * For whom, how much, together with what, and is it enough: ingredients, labels, doses, clocks and supply. Start with
 * {@link hodeon.core.medication.DoseSheet}. Arithmetic on labels and directions, never advice.
 */
@NullMarked
package hodeon.core.medication;

import org.jspecify.annotations.NullMarked;
