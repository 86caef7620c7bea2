/**
 * What a household knows: shipped reference data, its own supplies and rates, its own log. Start with
 * {@link hodeon.app.evidence.HouseholdEvidence}.
 */
@NullMarked
package hodeon.app.evidence;

import org.jspecify.annotations.NullMarked;
