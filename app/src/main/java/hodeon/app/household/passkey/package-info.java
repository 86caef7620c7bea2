/** Signing in with a passkey: a key on a device, opened by a finger, a face or a number. Start with {@link hodeon.app.household.passkey.Passkeys}. */
@NullMarked
package hodeon.app.household.passkey;

import org.jspecify.annotations.NullMarked;
