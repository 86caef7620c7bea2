/** Problems, capabilities and supplies, read from the commented text files beside this package. Start with {@link hodeon.core.catalogue.Catalogue}. */
@NullMarked
package hodeon.core.catalogue;

import org.jspecify.annotations.NullMarked;
