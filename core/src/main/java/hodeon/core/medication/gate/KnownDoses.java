package hodeon.core.medication.gate;

import hodeon.core.medication.Cautions.Acting;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is known of one person's doses around a moment: what was noted, and what they take every day. */
final class KnownDoses {

    /** So far around a moment doses can matter: a day's window at either side of a day's window. */
    private static final Duration AROUND = DoseClock.DAY.multipliedBy(2);

    private final Formulary formulary;
    private final DoseSheet sheet;
    private final Patient patient;
    private final List<GivenDose> noted;
    private final ZoneId zone;
    /** What the sheet says on each day of each product, asked once. */
    private final Map<LocalDate, Map<Product, DoseAnswer>> said = new HashMap<>();

    /** @param noted in the order of their moments */
    KnownDoses(Formulary formulary, DoseSheet sheet, Patient patient, List<GivenDose> noted, ZoneId zone) {
        this.formulary = formulary;
        this.sheet = sheet;
        this.patient = patient;
        this.noted = noted;
        this.zone = zone;
    }

    Patient patientAt(Instant moment) {
        return patient.at(moment.atZone(zone).toLocalDate());
    }

    /** Noted around a moment, and what they are expected to have because they take it every day. */
    List<GivenDose> around(Instant at) {
        return around(at, List.of());
    }

    /** @param asked what is about to be noted: it may stand for an expected dose */
    private List<GivenDose> around(Instant at, List<GivenDose> asked) {
        Instant from = at.minus(AROUND);
        Instant to = at.plus(AROUND);
        List<GivenDose> around = noted.stream()
                .filter(d -> !d.at().isBefore(from) && !d.at().isAfter(to))
                .toList();
        return Stream.concat(
                        around.stream(),
                        RegularSchedule.expected(
                                patient.regular(),
                                Stream.concat(around.stream(), asked.stream()).toList(),
                                from,
                                to,
                                zone)
                                .stream())
                .sorted(Comparator.comparing(GivenDose::at))
                .toList();
    }

    /** The clocks that run around a moment, and those of a product that is asked about. */
    DoseClocks clocks(Instant at, Optional<Product> asked) {
        List<GivenDose> doses = around(
                at, asked.map(p -> GivenDose.of(at, p, p.step())).stream().toList());
        return clocksOf(doses, at);
    }

    /** The clocks that would run at a moment if nothing but these had been given. */
    DoseClocks clocksOf(List<GivenDose> doses, Instant at) {
        return new DoseClocks(
                formulary,
                sheet,
                patientAt(at),
                doses,
                at,
                said.computeIfAbsent(at.atZone(zone).toLocalDate(), day -> new HashMap<>()));
    }

    /** Whether nothing that holds what the product holds was given in the day before. */
    boolean isFirst(Product product, Instant at) {
        Instant from = at.minus(DoseClock.DAY);
        return around(at, List.of(GivenDose.of(at, product, product.step()))).stream()
                .filter(d -> d.at().isAfter(from) && !d.at().isAfter(at))
                .noneMatch(d -> d.product().equals(product.id())
                        || product.strengths().keySet().stream()
                                .anyMatch(i -> d.of(i).micrograms() > 0));
    }

    /** What else acts: noted within a day before or after, what is taken every day left out, for that is known of them. */
    List<Acting> actingAround(Product product, Instant at) {
        Set<String> everyDay =
                patient.regular().stream().map(r -> r.product().id()).collect(Collectors.toSet());
        return noted.stream()
                .filter(d -> Duration.between(d.at(), at).abs().compareTo(DoseClock.DAY) < 0)
                .filter(d -> !d.product().equals(product.id()) && !everyDay.contains(d.product()))
                .flatMap(d -> d.amounts().keySet().stream().sorted().map(i -> new Acting(i, d.onTheSpot(), false)))
                .distinct()
                .toList();
    }
}
