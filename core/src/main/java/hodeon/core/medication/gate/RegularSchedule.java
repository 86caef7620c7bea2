package hodeon.core.medication.gate;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.RegularIntake;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The doses that somebody is expected to have because they take them every day, where nobody noted them: they count like
 * any other. A noted dose of the same product stands for the nearest expected one within six hours.
 */
final class RegularSchedule {

    /** How far a noted dose may lie from the time it stands for; an assumption: half the gap of what is taken twice a day. */
    private static final Duration STANDS_FOR = Duration.ofHours(PlanningAssumption.STANDS_FOR.whole());

    private RegularSchedule() {}

    /**
     * @param noted doses that were noted, in any order
     * @param zone where the person's clock on the wall is
     */
    static List<GivenDose> expected(
            List<RegularIntake> regular, List<GivenDose> noted, Instant from, Instant to, ZoneId zone) {
        List<GivenDose> expected = new ArrayList<>();
        for (RegularIntake medicine : regular) {
            List<Instant> due = due(medicine, from, to, zone);
            noted.stream()
                    .filter(d -> d.product().equals(medicine.product().id()))
                    .sorted(Comparator.comparing(GivenDose::at))
                    .forEach(d -> due.stream()
                            .filter(at -> distance(at, d.at()).compareTo(STANDS_FOR) <= 0)
                            .min(Comparator.comparing(at -> distance(at, d.at())))
                            .ifPresent(due::remove));
            due.stream()
                    .filter(at -> !at.isBefore(from) && !at.isAfter(to))
                    .forEach(at -> expected.add(GivenDose.expected(at, medicine.product(), medicine.units())));
        }
        return expected;
    }

    /** A little more than was asked for, so that a dose noted near the edge still finds the time it stands for. */
    static List<Instant> due(RegularIntake medicine, Instant from, Instant to, ZoneId zone) {
        List<Instant> due = new ArrayList<>();
        LocalDate last = to.plus(STANDS_FOR).atZone(zone).toLocalDate();
        for (LocalDate day = from.minus(STANDS_FOR).atZone(zone).toLocalDate();
                !day.isAfter(last);
                day = day.plusDays(1)) {
            for (LocalTime time : medicine.times()) {
                due.add(ZonedDateTime.of(day, time, zone)
                        .withLaterOffsetAtOverlap()
                        .toInstant());
            }
        }
        return due;
    }

    private static Duration distance(Instant one, Instant other) {
        return Duration.between(one, other).abs();
    }
}
