/** Makes the reference data available to the pages. Start with {@link hodeon.app.catalogue.ReferenceData}. */
@NullMarked
package hodeon.app.catalogue;

import org.jspecify.annotations.NullMarked;
