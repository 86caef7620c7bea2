package hodeon.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.catalogue.CatalogueReader;
import hodeon.core.catalogue.Supply;
import hodeon.core.need.Drivers;
import org.junit.jupiter.api.Test;

class TileDrawingTest {

    @Test
    void everyPieceIsDrawnToTheSameScaleOfMassAndInsideItsTile() {
        for (Supply supply : CatalogueReader.shipped(Drivers.vocabulary()).supplies()) {
            for (int count : new int[] {0, 1, 3, 20, 60}) {
                TileDrawing drawing = TileDrawing.of(supply, count);
                assertThat(drawing.pieces().size() + drawing.notShown()).isEqualTo(count);
                for (TileDrawing.Piece piece : drawing.pieces()) {
                    double width = Double.parseDouble(piece.width());
                    double height = Double.parseDouble(piece.height());
                    assertThat(Double.parseDouble(piece.x()) + width)
                            .as(supply.id())
                            .isLessThanOrEqualTo(drawing.width() + 0.2);
                    assertThat(Double.parseDouble(piece.y())).isGreaterThanOrEqualTo(-0.2);
                    if (supply.mass().grams() * TileDrawing.UNITS_PER_GRAM >= 100) {
                        assertThat(width * height)
                                .as(supply.id())
                                .isCloseTo(
                                        supply.mass().grams() * TileDrawing.UNITS_PER_GRAM,
                                        within(0.05 * width * height));
                    }
                }
            }
        }
    }
}
