/** The supplies: all of them, those of a household's own, their form and photo. Start with {@link hodeon.app.catalogue.supply.SupplyForm}. */
@NullMarked
package hodeon.app.catalogue.supply;

import org.jspecify.annotations.NullMarked;
