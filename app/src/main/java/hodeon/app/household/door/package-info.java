/** Who may open what: every address and the right it needs. Start with {@link hodeon.app.household.door.Doors}. */
@NullMarked
package hodeon.app.household.door;

import org.jspecify.annotations.NullMarked;
