package hodeon.core.stock;

import hodeon.core.catalogue.Supply;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a temperature log means for a lot that lay there. The package's own limit holds, else the catalogue's; a lot without either
 * is not judged.
 *
 * <p>Worked example: hourly readings of 15, 22, 31, 38, 27 and 18 °C against a limit of 25 °C: once above, for 2 h, at most 38 °C;
 * the mean kinetic temperature, 28.4 °C, is above it too.
 *
 * @param limit in °C; above it is too warm
 * @param kineticAbove whether it was too warm all in all, by the mean kinetic temperature
 */
public record HeatExposure(Held held, int limit, List<Heat.Excursion> above, boolean kineticAbove) {

    public HeatExposure {
        above = List.copyOf(above);
    }

    /**
     * Empty where nobody names a limit.
     *
     * @param kinetic the readings' mean kinetic temperature in °C, the same for every lot that lay there
     */
    public static Optional<HeatExposure> of(
            Held held, Optional<Supply> supply, List<Heat.Reading> readings, double kinetic) {
        OptionalInt own = held.lot().mostCelsius();
        OptionalInt limit = own.isPresent()
                ? own
                : supply.map(s -> s.keeping().mostCelsius()).orElse(OptionalInt.empty());
        return limit.isEmpty()
                ? Optional.empty()
                : Optional.of(new HeatExposure(
                        held, limit.getAsInt(), Heat.above(readings, limit.getAsInt()), kinetic > limit.getAsInt()));
    }

    public Duration lasting() {
        return above.stream().map(Heat.Excursion::lasting).reduce(Duration.ZERO, Duration::plus);
    }

    /** In °C, of the times above the limit; 0 where there were none. */
    public double hottest() {
        return above.stream().mapToDouble(Heat.Excursion::hottest).max().orElse(0);
    }
}
