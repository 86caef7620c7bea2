/** Tables that people keep themselves, as comma-separated text or spreadsheets: which column is what, and their rows as lines. */
@NullMarked
package hodeon.app.table;

import org.jspecify.annotations.NullMarked;
