package hodeon.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.CatalogueReader;
import hodeon.core.kit.Curve;
import hodeon.core.kit.Plan;
import hodeon.core.need.Drivers;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CurveViewTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    @Test
    void pointsLieWhereTheirGramsAndCoverageSayAndTheChosenOneTellsWhatChanges() {
        Curve curve = new Curve(List.of(
                new Curve.Point(100, 90, 0.25, 0.01, Map.of("shears", 1)),
                new Curve.Point(1000, 1000, 1, 0, Map.of("shears", 1, "gauze-large", 3))));
        Plan mine = new Plan(
                Map.of("shears", 2, "whistle", 1),
                Mass.ofGrams(500),
                Volume.ZERO,
                Money.ZERO,
                List.of(),
                50,
                100,
                List.of());
        CurveView view = CurveView.of(curve, mine, 1, -1, CATALOGUE);
        assertThat(view.dots()).hasSize(2);
        // The heaviest point ends the drawing; full coverage is its top, a quarter three quarters down.
        assertThat(view.dots().get(1).x()).isEqualTo("740.0");
        assertThat(view.dots().get(1).y()).isEqualTo("14.0");
        assertThat(view.dots().get(0).y()).isEqualTo("201.5");
        assertThat(view.mine().y()).isEqualTo("139.0");
        assertThat(view.dots().get(0).gap()).isEqualTo("within 1.0 %");
        assertThat(view.dots().get(1).gap()).isEqualTo("proven");
        assertThat(view.chosen().in()).containsExactly("3 × Gauze pad, 10 cm");
        assertThat(view.chosen().out()).containsExactly("1 × Trauma shears", "1 × Whistle");
        CurveView.Chosen between = CurveView.of(curve, mine, 1, 0, CATALOGUE).chosen();
        assertThat(between.from()).isEqualTo("the kit of 90 g");
        assertThat(between.in()).containsExactly("3 × Gauze pad, 10 cm");
        assertThat(between.out()).isEmpty();
    }
}
