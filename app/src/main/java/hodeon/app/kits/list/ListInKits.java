package hodeon.app.kits.list;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.KitList;
import hodeon.core.readiness.Substitution;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * A list beside every kit that it is laid in, line by line.
 *
 * @param kits in the order of the columns
 * @param rows one for each line
 */
record ListInKits(List<KitColumn> kits, List<Row> rows) {

    /** @param lacks such as “3 kinds missing” or “complete” */
    record KitColumn(UUID id, String name, String grams, String lacks, boolean complete) {}

    /**
     * A line of the list.
     *
     * @param target such as “6 pairs”; {@code least} empty if it may run out
     * @param cells what each kit has of it
     */
    record Row(String name, String target, String least, String module, String why, List<Cell> cells) {}

    /**
     * @param says such as “4”, or “2 + 4 covered”
     * @param state fine, short, or below the least count
     */
    record Cell(String says, String state) {}

    /** @param laid kits that are shown */
    static ListInKits of(StoredList list, List<Place> laid, Stock stock, LocalDate today) {
        Substitution substitution = new Substitution(stock.supplies());
        List<AgainstList> against = laid.stream()
                .map(p ->
                        list.against(p.id(), stock, today.plusDays(stock.rules().marginDays()), substitution))
                .toList();
        List<KitColumn> columns = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            int lacking = against.get(i).lacking().size();
            columns.add(new KitColumn(
                    laid.get(i).id(),
                    stock.address(laid.get(i).id()),
                    Figures.grams(stock.mass(laid.get(i).id())),
                    lacking == 0 ? "complete" : Wording.says("kinds.missing", lacking),
                    lacking == 0));
        }
        List<Row> rows = new ArrayList<>();
        for (int l = 0; l < list.lines().size(); l++) {
            int line = l;
            KitList.Line says = list.lines().get(l).line();
            rows.add(new Row(
                    list.lines().get(l).supply().name(),
                    stock.counted(says.target(), says.supply()),
                    says.least() == 0 ? "" : Wording.says("listForm.atLeast", says.least()),
                    says.module(),
                    says.why(),
                    against.stream().map(a -> cell(a.lines().get(line))).toList()));
        }
        return new ListInKits(columns, rows);
    }

    private static Cell cell(AgainstList.State state) {
        int covered = state.lacksOfItsOwn() - state.lacks();
        return new Cell(
                state.good() + (covered > 0 ? " " + Wording.says("listInKits.covered", covered) : ""),
                state.lacks() == 0 ? "fine" : state.belowLeast() ? "below" : "short");
    }
}
