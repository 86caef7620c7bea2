/**
 * Whether a kit is ready; what to get, from where and at what cost; what to move before it expires; until when everything is good. Start with
 * {@link hodeon.app.readiness.ReadyService}.
 */
@NullMarked
package hodeon.app.readiness;

import org.jspecify.annotations.NullMarked;
