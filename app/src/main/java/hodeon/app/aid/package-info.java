/**
 * What to do, where somebody needs it: on the trail, on a kit, on its own; and which school a household follows. Start with
 * {@link hodeon.app.aid.FirstAid}.
 */
@NullMarked
package hodeon.app.aid;

import org.jspecify.annotations.NullMarked;
