/** Who goes: age, body mass, allergies, conditions, training. Start with {@link hodeon.core.party.Party}. */
@NullMarked
package hodeon.core.party;

import org.jspecify.annotations.NullMarked;
