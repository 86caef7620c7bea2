package hodeon.core.choice;

import hodeon.core.choice.linear.Model;
import hodeon.core.choice.linear.Solver;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Shares modules out over carriers: loads as even as can be, modules and kinds in one place unless evenness or safety is
 * worth opening them, and in every group of carriers that may separate at least so many of what nobody may be without.
 *
 * @param items what is carried
 * @param groups carriers, numbered from 0, by group
 * @param musts what every group needs
 * @param together what keeping things together is worth
 */
public record Loads(List<Item> items, List<List<Integer>> groups, List<Must> musts, Together together) {

    /**
     * @param grams of one piece
     * @param module it lies in
     */
    public record Item(String id, double grams, int pieces, String module) {}

    /** How many grams of unevenness it is worth to keep a kind with one carrier, and a module with one; 0 or more. */
    public record Together(double kind, double module) {}

    /** At least one of these items, by index, in every group. */
    public record Must(String reason, List<Integer> items) {}

    /** Pieces of each item by carrier; and the musts that cannot be kept because there are too few pieces. */
    public record Shared(List<List<Integer>> piecesByCarrier, List<String> tooFew) {}

    public Shared share(Duration patience) {
        int carriers = groups.stream().mapToInt(List::size).sum();
        Model model = new Model();
        int[][] pieces = new int[items.size()][carriers];
        int heaviest = model.variable(0, 1e9, false, -1);
        int lightest = model.variable(0, 1e9, false, 1);
        for (int i = 0; i < items.size(); i++) {
            Model.Sum all = model.sum();
            for (int c = 0; c < carriers; c++) {
                pieces[i][c] = model.variable(0, items.get(i).pieces(), true, 0);
                int any = model.variable(0, 1, true, -together.kind());
                model.sum()
                        .add(pieces[i][c], 1)
                        .add(any, -items.get(i).pieces())
                        .atMost(0);
                all.add(pieces[i][c], 1);
            }
            all.between(items.get(i).pieces(), items.get(i).pieces());
        }
        keepModulesTogether(model, pieces, carriers);
        for (int c = 0; c < carriers; c++) {
            Model.Sum notAbove = model.sum().add(heaviest, -1);
            Model.Sum notBelow = model.sum().add(lightest, -1);
            for (int i = 0; i < items.size(); i++) {
                notAbove.add(pieces[i][c], items.get(i).grams());
                notBelow.add(pieces[i][c], items.get(i).grams());
            }
            notAbove.atMost(0);
            notBelow.atLeast(0);
        }
        List<String> tooFew = new ArrayList<>();
        for (Must must : musts) {
            int there =
                    must.items().stream().mapToInt(i -> items.get(i).pieces()).sum();
            if (there < groups.size()) {
                tooFew.add(must.reason());
                continue;
            }
            for (List<Integer> group : groups) {
                Model.Sum enough = model.sum();
                must.items().forEach(i -> group.forEach(c -> enough.add(pieces[i][c], 1)));
                enough.atLeast(1);
            }
        }
        Solver.Answer answer = Solver.shipped().maximise(model, 0.02, patience);
        if (answer.values().length == 0) {
            throw new IllegalStateException(
                    "No way to share the load was found within " + patience.toMillis() + " ms.");
        }
        List<List<Integer>> byCarrier = new ArrayList<>();
        for (int c = 0; c < carriers; c++) {
            List<Integer> carried = new ArrayList<>();
            for (int[] item : pieces) {
                carried.add((int) Math.rint(answer.values()[item[c]]));
            }
            byCarrier.add(carried);
        }
        return new Shared(byCarrier, List.copyOf(tooFew));
    }

    private void keepModulesTogether(Model model, int[][] pieces, int carriers) {
        for (String module : items.stream().map(Item::module).distinct().toList()) {
            for (int c = 0; c < carriers; c++) {
                int any = model.variable(0, 1, true, -together.module());
                for (int i = 0; i < items.size(); i++) {
                    if (items.get(i).module().equals(module)) {
                        model.sum()
                                .add(pieces[i][c], 1)
                                .add(any, -items.get(i).pieces())
                                .atMost(0);
                    }
                }
            }
        }
    }
}
