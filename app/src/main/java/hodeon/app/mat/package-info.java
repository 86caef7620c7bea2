/** What lies on a trip's mat, and how it came to lie there. Start with {@link hodeon.app.mat.MatService}. */
@NullMarked
package hodeon.app.mat;

import org.jspecify.annotations.NullMarked;
