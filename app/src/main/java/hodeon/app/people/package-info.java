/** Who comes along: what matters about people, sealed at rest, and who looked at it. Start with {@link hodeon.app.people.PeopleService}. */
@NullMarked
package hodeon.app.people;

import org.jspecify.annotations.NullMarked;
