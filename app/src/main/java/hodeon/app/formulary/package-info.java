/**
 * What a household knows of medicines: what ships, its own products and labels, whose labels it follows. Start with
 * {@link hodeon.app.formulary.MedicineShelf}.
 */
@NullMarked
package hodeon.app.formulary;

import org.jspecify.annotations.NullMarked;
