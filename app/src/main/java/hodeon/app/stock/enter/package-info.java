/** Things entering stock: typed, pasted, scanned or from a file. Start with {@link hodeon.app.stock.enter.Entering}. */
@NullMarked
package hodeon.app.stock.enter;

import org.jspecify.annotations.NullMarked;
