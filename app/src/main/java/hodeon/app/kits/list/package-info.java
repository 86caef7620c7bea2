/** Lists of what belongs in kits, with every version of them. Start with {@link hodeon.app.kits.list.ListService}. */
@NullMarked
package hodeon.app.kits.list;

import org.jspecify.annotations.NullMarked;
