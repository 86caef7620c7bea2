/** The commented text files of the catalogue, read with every fault named. Start with {@link hodeon.core.catalogue.file.CatalogueReader}. */
@NullMarked
package hodeon.core.catalogue.file;

import org.jspecify.annotations.NullMarked;
