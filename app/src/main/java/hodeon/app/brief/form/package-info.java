/**
 * The brief as it is typed: form, presets, drafts, and the one converter to a trip. Start with
 * {@link hodeon.app.brief.form.BriefConverter}.
 */
@NullMarked
package hodeon.app.brief.form;

import org.jspecify.annotations.NullMarked;
