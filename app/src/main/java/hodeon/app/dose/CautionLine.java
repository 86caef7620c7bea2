package hodeon.app.dose;

import hodeon.app.shell.FindingWords;
import hodeon.core.medication.Caution;
import hodeon.core.medication.formulary.Rule.Level;
import java.util.List;

/**
 * A caution as a page says it.
 *
 * @param because what makes it hold; empty if it holds for everybody
 */
record CautionLine(Level level, String because, String says) {

    static List<CautionLine> of(List<Caution> cautions) {
        return cautions.stream()
                .map(c -> new CautionLine(c.level(), FindingWords.say(c.because()), FindingWords.say(c.warning())))
                .toList();
    }
}
