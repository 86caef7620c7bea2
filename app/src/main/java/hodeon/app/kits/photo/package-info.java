/** The photo of a kit. Start with {@link hodeon.app.kits.photo.Photos}. */
@NullMarked
package hodeon.app.kits.photo;

import org.jspecify.annotations.NullMarked;
