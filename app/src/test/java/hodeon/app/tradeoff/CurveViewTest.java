package hodeon.app.tradeoff;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import hodeon.core.plan.Plan;
import hodeon.core.plan.tradeoff.Curve;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CurveViewTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    @Test
    void pointsLieWhereTheirGramsAndCoverageSayAndEachTellsWhatChanges() {
        Curve curve = new Curve(
                List.of(
                        new Curve.Point(
                                100, 90, 0.25, 0.01, Map.of("shears", 1), List.of(0.2, 0.3, 0.4, 0.5, 0.98), List.of()),
                        new Curve.Point(
                                1000,
                                1000,
                                1,
                                0,
                                Map.of("shears", 1, "gauze-large", 3),
                                List.of(0.9, 0.9, 0.9, 0.9, 0.98),
                                List.of())),
                1);
        Plan mine = new Plan(
                Map.of("shears", 2, "whistle", 1),
                Mass.ofGrams(500),
                Volume.ZERO,
                Money.ZERO,
                List.of(),
                50,
                0,
                100,
                List.of(),
                List.of());
        CurveView view = CurveView.of(curve, mine, 1, -1, CATALOGUE);
        assertThat(view.dots()).hasSize(2);
        // The heaviest point ends the drawing; full coverage is its top, a quarter three quarters down.
        assertThat(view.dots().get(1).x()).isEqualTo("740.0");
        assertThat(view.dots().get(1).y()).isEqualTo("30.0");
        assertThat(view.dots().get(0).y()).isEqualTo("205.5");
        assertThat(view.mine().y()).isEqualTo("147.0");
        assertThat(view.dots().get(0).gap()).isEqualTo("within 1.0 %");
        assertThat(view.dots().get(1).gap()).isEqualTo("proven");
        assertThat(view.dots().get(1).in()).containsExactly("Gauze pad, 10 cm: 3 pads");
        assertThat(view.dots().get(1).out()).containsExactly("Trauma shears: 1 pair", "Whistle: 1 whistle");
        assertThat(view.dots().get(0).in()).isEmpty();
        // Threats to life are met as far as can be from the first point on, everything else at the last one.
        assertThat(view.marks())
                .extracting(CurveView.Mark::severities)
                .containsExactly(List.of(5), List.of(4, 3, 2, 1));
        CurveView between = CurveView.of(curve, mine, 1, 0, CATALOGUE);
        assertThat(between.from()).isEqualTo("the kit of 90 g");
        assertThat(between.dots().get(1).in()).containsExactly("Gauze pad, 10 cm: 3 pads");
        assertThat(between.dots().get(1).out()).isEmpty();
    }
}
