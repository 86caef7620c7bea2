package hodeon.core.medication.gate;

import hodeon.core.medication.Caution;
import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.Warning;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Counts on how many days running something was taken, where a label says after how many one asks.
 *
 * <p>Worked example: “ask after 3 days”. Taken on the 1st, 2nd and 3rd; a dose on the 4th would be the fourth day running, and is
 * asked about. With a day between, the count begins anew.
 */
final class DaysRunning {

    private DaysRunning() {}

    /** So many days without asking, of the doses that count. */
    record Allowed(int days, Predicate<GivenDose> counts) {}

    /** What there is to ask about one more dose at a moment, for the limit that is passed furthest. */
    static Optional<Caution> beyond(List<GivenDose> noted, List<Allowed> allowed, Instant at, ZoneId zone) {
        return allowed.stream()
                .filter(a -> running(noted, a.counts(), at, zone) > a.days())
                .min(Comparator.comparingInt(Allowed::days))
                .map(a -> Caution.ask(
                        Kind.DAYS_RUNNING,
                        new Because.DayRunning(running(noted, a.counts(), at, zone)),
                        new Warning.AskAfter(a.days()),
                        "the label"));
    }

    private static int running(List<GivenDose> noted, Predicate<GivenDose> counts, Instant at, ZoneId zone) {
        Set<LocalDate> days = noted.stream()
                .filter(counts)
                .map(d -> d.at().atZone(zone).toLocalDate())
                .collect(Collectors.toSet());
        int running = 1;
        LocalDate day = at.atZone(zone).toLocalDate();
        while (days.contains(day.minusDays(running))) {
            running++;
        }
        return running;
    }
}
