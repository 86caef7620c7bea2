/** What is about people is sealed, each text for its place. Start with {@link hodeon.app.storage.seal.Seal}. */
@NullMarked
package hodeon.app.storage.seal;

import org.jspecify.annotations.NullMarked;
