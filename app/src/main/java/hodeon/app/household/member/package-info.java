/** Members of a household: invited, given roles, leaving; the end of a household. */
@NullMarked
package hodeon.app.household.member;

import org.jspecify.annotations.NullMarked;
