package hodeon.app.brief;

import hodeon.app.brief.form.BriefForm;
import hodeon.app.brief.form.BriefForms;
import hodeon.app.brief.form.BriefRows;
import hodeon.core.notice.Fault;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The brief as it is shown.
 *
 * @param weighAgain rows of people whose mass is old
 * @param fault by field, a sentence
 * @param focus the field to go on with; empty for the first
 * @param opened the person whose row is opened, if a button asked for it
 */
record BriefPage(
        BriefForm form,
        Set<Integer> weighAgain,
        List<Fault> faults,
        Map<String, String> fault,
        String focus,
        @Nullable Integer opened) {

    static BriefPage of(BriefForm form, List<Fault> faults, Optional<BriefRows> pressed, LocalDate today) {
        return new BriefPage(
                form,
                BriefForms.weighAgain(form, today),
                faults,
                faults.stream()
                        .collect(Collectors.toMap(
                                Fault::field, Fault::sentence, (first, second) -> first + " " + second)),
                pressed.map(BriefRows::focus).orElse(""),
                pressed.filter(p -> p.opened().isPresent())
                        .map(p -> p.opened().getAsInt())
                        .orElse(null));
    }
}
