package hodeon.core.readiness;

import hodeon.core.evidence.PlanningAssumption;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * How much is used where in a year: what was used in the last two years, and what the outings of the coming year are expected to use
 * up of the kits that go along.
 *
 * <p>Worked example, a test: three wipes used from a pouch by somebody whose first entry is a year and a half old, and an outing next
 * month that is expected to use one: 3 ÷ 1.5 + 1 = 3 a year there.
 *
 * @param byPlace pieces a year by supply id, and by place within
 */
public record UseRates(Map<String, Map<UUID, Double>> byPlace) {

    private static final double DAYS_A_YEAR = 365.25;
    private static final double MONTHS_A_YEAR = 12;
    private static final int YEARS_BACK = PlanningAssumption.USE_LOOKS_BACK.whole();

    /** Pieces of a supply used up at a place, or expected to be. */
    public record Use(String supply, UUID place, double pieces) {}

    /** The first day whose uses count, inclusive. */
    public static LocalDate since(LocalDate today) {
        return today.minusYears(YEARS_BACK);
    }

    /** Whether what an outing will use counts: it starts within a year. */
    public static boolean counts(LocalDate start, LocalDate today) {
        return start.isBefore(today.plusYears(1));
    }

    /**
     * @param used {@link #since} then
     * @param first day of the record; somebody who began a year ago has used for one year, not for two, and less than a year says
     *     too little
     * @param expected by outings that {@link #counts count}
     */
    public static UseRates of(List<Use> used, Optional<LocalDate> first, LocalDate today, List<Use> expected) {
        double recorded = first.map(day -> ChronoUnit.DAYS.between(day, today)).orElse(0L) / DAYS_A_YEAR;
        double years = Math.clamp(recorded, 1, YEARS_BACK);
        Map<String, Map<UUID, Double>> rates = new HashMap<>();
        used.forEach(u -> add(rates, u, u.pieces() / years));
        expected.forEach(u -> add(rates, u, u.pieces()));
        return new UseRates(rates);
    }

    private static void add(Map<String, Map<UUID, Double>> rates, Use use, double aYear) {
        rates.computeIfAbsent(use.supply(), s -> new HashMap<>()).merge(use.place(), aYear, Double::sum);
    }

    public double at(String supply, UUID place) {
        return byPlace.getOrDefault(supply, Map.of()).getOrDefault(place, 0.0);
    }

    public double of(String supply) {
        return byPlace.getOrDefault(supply, Map.of()).values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    /** Pieces that will be used after a need is met and before what is bought now expires, 0 or more. */
    public double further(String supply, int need, int shelfLifeMonths) {
        return Math.max(0, of(supply) * shelfLifeMonths / MONTHS_A_YEAR - need);
    }
}
