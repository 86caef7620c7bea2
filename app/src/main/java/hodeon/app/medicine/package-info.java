/** What a household knows of medicines: what ships, its own products and labels, whose labels it follows. Start with {@link hodeon.app.medicine.MedicineShelf}. */
@NullMarked
package hodeon.app.medicine;

import org.jspecify.annotations.NullMarked;
