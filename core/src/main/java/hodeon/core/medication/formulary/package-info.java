/**
 * What is known of medicines, as reference data: ingredients with their classes and hard ceilings, products, labels of two
 * traditions, cautions. Start with {@link hodeon.core.medication.formulary.Formulary}; the text files stand beside it.
 */
@NullMarked
package hodeon.core.medication.formulary;

import org.jspecify.annotations.NullMarked;
