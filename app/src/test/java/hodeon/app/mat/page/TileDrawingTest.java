package hodeon.app.mat.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.app.shell.chart.Pieces;
import hodeon.app.shell.chart.Shapes;
import hodeon.core.catalogue.Form;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TileDrawingTest {

    private static final List<Supply> SUPPLIES =
            CatalogueReader.shipped(Drivers.vocabulary()).supplies();

    @ParameterizedTest
    @EnumSource(Measure.class)
    void everyPieceIsDrawnToTheSameScaleAndInsideItsTile(Measure by) {
        for (Supply supply : SUPPLIES) {
            for (int count : new int[] {0, 1, 3, 20, 60}) {
                TileDrawing drawing = TileDrawing.of(supply, count, 6, by, 1);
                assertThat(drawing.pieces().size() + drawing.notShown()).isEqualTo(count);
                double wanted = by.of(supply) * by.squareUnits();
                for (Pieces.Piece piece : drawing.pieces()) {
                    double width = Double.parseDouble(piece.width());
                    double height = Double.parseDouble(piece.height());
                    assertThat(Double.parseDouble(piece.x()) + width)
                            .as(supply.id())
                            .isLessThanOrEqualTo(drawing.width() + 0.2);
                    assertThat(Double.parseDouble(piece.y())).isGreaterThanOrEqualTo(-0.2);
                    if (drawing.larger()) {
                        assertThat(width * height).as(supply.id()).isLessThan(wanted);
                        assertThat(width).isCloseTo(drawing.width(), within(2.0));
                    } else if (wanted >= 100) {
                        assertThat(width * height).as(supply.id()).isCloseTo(wanted, within(0.05 * width * height));
                    }
                }
            }
        }
    }

    @Test
    void onePieceMoreOrLessMovesNothingElse() {
        for (Supply supply : SUPPLIES) {
            TileDrawing four = TileDrawing.of(supply, 4, 4, Measure.MASS, 1);
            TileDrawing five = TileDrawing.of(supply, 5, 4, Measure.MASS, 1);
            assertThat(five.width()).as(supply.id()).isEqualTo(four.width());
            assertThat(five.pieces().subList(0, four.pieces().size()))
                    .as("pieces that lay there of " + supply.id())
                    .isEqualTo(four.pieces());
        }
    }

    @Test
    void everyFormHasItsOutline() {
        for (Form form : Form.values()) {
            assertThat(Shapes.aspect(form)).as(form.name()).isBetween(0.3, 5.0);
        }
    }
}
