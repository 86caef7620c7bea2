package hodeon.app.mat.page;

import hodeon.app.mat.Mat;
import hodeon.app.plan.KitCalculator;
import hodeon.app.plan.KitCalculator.Weighing;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Supply;
import java.util.stream.Collectors;

/** Where a kit stopped, whether of itself or at the limit, and what the next grams would buy, in words. */
final class Stop {

    private static final int NAMED = 3;

    private Stop() {}

    static String of(Mat mat, Weighing weighing) {
        String here = Figures.grams(weighing.plan().mass());
        double share = weighing.next().worth()
                / Math.max(Double.MIN_NORMAL, weighing.plan().ideal());
        String what = weighing.next().pieces().keySet().stream()
                .limit(NAMED)
                .map(id -> mat.known().catalogue().supply(id).map(Supply::name).orElse(id))
                .collect(Collectors.joining(", "));
        if (what.isEmpty()) {
            return Wording.says("stop.stopsAtNothingOfUpToG", here, KitCalculator.NEXT_GRAMS);
        }
        boolean held =
                mat.trip().trip().limits().massIsLimited() && (weighing.next().earn() || weighing.anyEarns());
        return Wording.says(
                "stop.theNextWouldBuyAbout",
                (held ? Wording.says("stop.yourLimitStopsItAt") + " " : Wording.says("stop.stopsAt") + " ") + here,
                Figures.grams(KitCalculator.NEXT_GRAMS),
                Figures.percent(share),
                what);
    }
}
