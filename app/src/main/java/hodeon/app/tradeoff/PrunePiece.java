package hodeon.app.tradeoff;

import hodeon.app.mat.page.MatView;
import hodeon.app.mat.page.SupplyClose;
import hodeon.app.shell.Figures;
import hodeon.app.shell.chart.Shapes;
import hodeon.core.catalogue.Supply;
import hodeon.core.plan.Plan;
import hodeon.core.plan.tradeoff.Prune;
import java.util.List;
import java.util.Locale;

/**
 * A piece to decide on.
 *
 * @param used in how many of a hundred such trips any of its pieces is used
 * @param lastUsed the same for the last of its pieces
 */
record PrunePiece(
        String id,
        String name,
        String pieces,
        String fewer,
        boolean several,
        String saved,
        String lost,
        String used,
        String lastUsed,
        String form,
        String drawingWidth,
        List<MatView.Served> serves) {

    private static final double DRAWING_HEIGHT = 64;
    private static final int MOST_SERVED = 5;

    static PrunePiece of(Prune.Piece piece, Plan plan) {
        Supply supply = piece.supply();
        return new PrunePiece(
                supply.id(),
                supply.name(),
                Figures.pieces(piece.pieces(), supply),
                Figures.pieces(piece.fewer(), supply),
                piece.pieces() > piece.fewer(),
                Figures.grams(supply.mass().times(piece.fewer())),
                SupplyClose.share(piece.lost(), plan),
                Figures.inHundred(plan.used(supply.id())),
                Figures.inHundred(plan.lastUsed(supply)),
                supply.form().name().toLowerCase(Locale.ROOT),
                String.format(Locale.ROOT, "%.0f", DRAWING_HEIGHT * Shapes.aspect(supply.form())),
                SupplyClose.served(supply, plan).stream().limit(MOST_SERVED).toList());
    }
}
