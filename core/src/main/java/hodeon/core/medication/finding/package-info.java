/**
 * What is found about a dose and told, as codes with what they are about: why a caution holds, what it warns of, why no dose is
 * said, how one was reckoned. No sentence stands here; how each is said is the pages’ affair.
 */
@NullMarked
package hodeon.core.medication.finding;

import org.jspecify.annotations.NullMarked;
