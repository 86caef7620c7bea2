package hodeon.app.contents;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Faults;
import hodeon.core.plan.tradeoff.Sorting;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/**
 * Contents somebody has, sorted into what comes, a second kit and what stays home; every number can be changed.
 *
 * @param rows in catalogue order
 * @param unknown lines that no supply was found for, kept as they were written
 */
record SortedContents(List<Row> rows, List<String> unknown) {

    /**
     * One supply.
     *
     * @param have pieces at hand
     * @param take pieces for this trip; more than there are must be got
     * @param second pieces for the second kit, from what is left
     * @param best what the best kit of all would hold
     */
    record Row(Supply supply, int have, int take, int second, int best) {

        public int toGet() {
            return Math.max(0, take - have);
        }

        public String says(int pieces) {
            return pieces == 0 ? "none" : Figures.pieces(pieces, supply);
        }

        public int home() {
            return Math.max(0, have - take - second);
        }

        /** How many fewer come than the best kit would hold. */
        public int gap() {
            return Math.max(0, best - take);
        }
    }

    /** As the core sorted them, what is missing from the best kit listed with none to take. */
    static SortedContents of(Sorting sorting, Map<String, Integer> have, List<String> unknown, Catalogue catalogue) {
        List<Row> rows = new ArrayList<>();
        for (Supply supply : catalogue.supplies()) {
            String id = supply.id();
            int there = have.getOrDefault(id, 0);
            int missing = sorting.missing().getOrDefault(id, 0);
            if (there > 0 || missing > 0) {
                int take = sorting.take().getOrDefault(id, 0);
                rows.add(new Row(
                        supply,
                        there,
                        take,
                        sorting.second().getOrDefault(id, 0),
                        missing > 0 ? there + missing : take));
            }
        }
        return new SortedContents(rows, unknown);
    }

    /** As the page sends them back; numbers that are none are told with their field and taken as 0. */
    static SortedContents read(SortedForm form, Catalogue catalogue, Faults faults) {
        List<Row> rows = new ArrayList<>();
        for (SortedForm.Row row : form.rows()) {
            catalogue.supply(row.supply()).ifPresent(s -> {
                int there = pieces("have", row.have(), s, faults);
                int comes = pieces("take", row.take(), s, faults);
                int other = pieces("second", row.second(), s, faults);
                if (other > Math.max(0, there - comes)) {
                    faults.add(
                            "second",
                            Figures.named(other, s),
                            Wording.says("sortedContents.onlyAreLeftForTheSecondKit", Math.max(0, there - comes)),
                            Wording.says("sortedContents.takeFewerOrPutFewerInThe"));
                }
                rows.add(new Row(s, there, comes, other, pieces("best", row.best(), s, faults)));
            });
        }
        return new SortedContents(rows, form.aside());
    }

    Map<String, Integer> take() {
        return pieces(Row::take);
    }

    Map<String, Integer> second() {
        return pieces(Row::second);
    }

    Map<String, Integer> toGet() {
        return pieces(Row::toGet);
    }

    private Map<String, Integer> pieces(ToIntFunction<Row> of) {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        rows.stream()
                .filter(r -> of.applyAsInt(r) > 0)
                .forEach(r -> pieces.put(r.supply().id(), of.applyAsInt(r)));
        return pieces;
    }

    private static int pieces(String field, String typed, Supply supply, Faults faults) {
        if (typed.strip().matches("\\d{1,5}") && Integer.parseInt(typed.strip()) <= ConfirmedLines.MOST_PIECES) {
            return Integer.parseInt(typed.strip());
        }
        faults.add(
                field,
                typed.strip(),
                Wording.says("sortedContents.piecesOfAreAWholeNumberFrom", supply.name(), ConfirmedLines.MOST_PIECES),
                Wording.says("sortedContents.writeDigitsOnly"));
        return 0;
    }
}
