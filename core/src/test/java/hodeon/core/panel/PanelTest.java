package hodeon.core.panel;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.choice.Solution;
import hodeon.core.need.Forecast;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Planner;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Recommended kits against what seasoned leaders expect of them. */
@Tag("slow")
class PanelTest {

    private static final double LEAST_HOLDING = 0.95;
    private static final double LEAST_WHOLE = 0.8;

    static Map<String, Integer> kit(PanelCase of) {
        KitQuestion question = KitQuestion.of(
                of.trip(),
                Samples.CATALOGUE,
                Forecast.of(of.trip(), Samples.CATALOGUE),
                Holds.NONE,
                Samples.suitability(of.trip()));
        Planner planner = new Planner(question);
        return switch (planner.prove(Duration.ofSeconds(6))) {
            case Solution.Found found -> planner.contents(found.quantities());
            case Solution.TooTight tight -> planner.contents(tight.lightest());
        };
    }

    @Test
    void seasonedLeadersWouldSignTheKits() {
        int asked = 0;
        int missed = 0;
        int whole = 0;
        List<String> report = new ArrayList<>();
        for (PanelCase one : PanelCase.all().toList()) {
            Map<String, Integer> kit = kit(one);
            Expectations.Result result = Expectations.of(one.expected(), kit, Samples.CATALOGUE);
            asked += result.asked();
            missed += result.missed().size();
            whole += result.missed().isEmpty() ? 1 : 0;
            report.add(
                    one.id() + ": " + result.missed().size() + " of " + result.asked() + " missed: " + result.missed());
        }
        report.add((asked - missed) + " of " + asked + " hold, " + whole + " of " + PanelCase.NAMES.size() + " whole");
        System.out.println(String.join("\n", report));
        assertThat(asked - missed).as("%s", report).isGreaterThanOrEqualTo((int) Math.ceil(LEAST_HOLDING * asked));
        assertThat(whole).as("%s", report).isGreaterThanOrEqualTo((int)
                Math.ceil(LEAST_WHOLE * PanelCase.NAMES.size()));
    }
}
