/** What a household owns: places, lots, movements, checks, dates. Start with {@link hodeon.app.stock.StockService}. */
@NullMarked
package hodeon.app.stock;

import org.jspecify.annotations.NullMarked;
