/** The style a household chose: units, days, paper. Start with {@link hodeon.app.household.style.Styles}. */
@NullMarked
package hodeon.app.household.style;

import org.jspecify.annotations.NullMarked;
