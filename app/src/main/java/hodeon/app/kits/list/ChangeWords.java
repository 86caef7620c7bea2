package hodeon.app.kits.list;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Supply;
import hodeon.core.readiness.KitList;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What became of a line of a list, in words: “Gauze pad: 6 pads instead of 4”. */
final class ChangeWords {

    private ChangeWords() {}

    static String of(KitList.Change change, Map<String, Supply> supplies) {
        KitList.Line line = change.line();
        Optional<Supply> supply = Optional.ofNullable(supplies.get(line.supply()));
        String name = supply.map(Supply::name).orElse(line.supply())
                + (line.module().isEmpty() ? "" : " " + Wording.says("kitPages.in", line.module()));
        String piece = supply.map(Supply::piece).orElse("piece");
        if (change.after().isEmpty()) {
            return Wording.says("changeWords.noLongerBelongsHere", name);
        }
        if (change.before().isEmpty()) {
            return Wording.says("changeWords.new", name, Figures.counted(line.target(), piece));
        }
        KitList.Line was = change.before().get();
        List<String> words = new ArrayList<>();
        if (was.target() != line.target()) {
            words.add(Wording.says("changeWords.insteadOf", Figures.counted(line.target(), piece), was.target()));
        }
        if (was.least() != line.least()) {
            words.add(Wording.says("changeWords.atLeastInsteadOf", line.least(), was.least()));
        }
        if (!was.why().equals(line.why())) {
            words.add(
                    line.why().isEmpty()
                            ? Wording.says("changeWords.noReasonGiven")
                            : Wording.says("changeWords.because", line.why()));
        }
        return name + ": " + String.join(", ", words);
    }
}
