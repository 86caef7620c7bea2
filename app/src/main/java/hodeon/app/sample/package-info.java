/** The invented sample household of the demo. Start with {@link hodeon.app.sample.SampleHousehold}. */
@NullMarked
package hodeon.app.sample;

import org.jspecify.annotations.NullMarked;
