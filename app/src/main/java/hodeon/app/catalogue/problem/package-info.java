/** Problems of a household's own, typed into a form. Start with {@link hodeon.app.catalogue.problem.ProblemForm}. */
@NullMarked
package hodeon.app.catalogue.problem;

import org.jspecify.annotations.NullMarked;
