/** Photos that somebody sends: read with care, made small. Start with {@link hodeon.app.photo.SmallPhoto}. */
@NullMarked
package hodeon.app.photo;

import org.jspecify.annotations.NullMarked;
