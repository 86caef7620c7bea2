package hodeon.app.mat.page;

import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Supply;
import java.util.Locale;

/** What the mat is drawn to scale by. */
enum Measure {
    MASS("weight", 22, 10),
    VOLUME("room", 8, 10),
    PRICE("price", 160, 1);

    private final String label;
    private final double squareUnits;
    private final double inLegend;

    Measure(String label, double squareUnits, double inLegend) {
        this.label = label;
        this.squareUnits = squareUnits;
        this.inLegend = inLegend;
    }

    public String label() {
        return label;
    }

    /** Square drawing units for one gram, millilitre or unit of money: most mats come out about equally full. */
    double squareUnits() {
        return squareUnits;
    }

    /** Of one piece: g, ml or money. */
    double of(Supply supply) {
        return switch (this) {
            case MASS -> supply.mass().grams();
            case VOLUME -> 1000 * supply.volume().litres();
            case PRICE -> supply.purchase().price().amount();
        };
    }

    String says(Supply supply, int pieces) {
        return says(of(supply) * pieces);
    }

    String says(double amount) {
        return switch (this) {
            case MASS -> Figures.grams(amount);
            case VOLUME -> Figures.millilitres(amount);
            case PRICE -> Figures.money(amount);
        };
    }

    /** How much the square in the legend stands for. */
    public String legend() {
        return says(inLegend);
    }

    /** The side of the square in the legend, in drawing units. */
    public String legendSide() {
        return String.format(Locale.ROOT, "%.1f", Math.sqrt(inLegend * squareUnits));
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
