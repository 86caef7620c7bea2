/** The workbench as a page: tiles, balance, the close-up of a supply. Start with {@link hodeon.app.mat.page.MatController}. */
@NullMarked
package hodeon.app.mat.page;

import org.jspecify.annotations.NullMarked;
