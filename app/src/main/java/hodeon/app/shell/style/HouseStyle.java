package hodeon.app.shell.style;

import hodeon.core.units.InUnit;
import hodeon.core.units.MassUnit;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.TypedMeasure;
import hodeon.core.units.VolumeUnit;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.Optional;

/**
 * How one household reads and writes, as an editor’s house style has it. It holds while something is made for that household (a page, a
 * paper, a mail) and changes nothing that is kept: masses stay in grams, room in millilitres, temperatures in °C, days as ISO 8601 has
 * them, and files and the API say so.
 *
 * @param zone in which its days begin; empty for that of this machine
 * @param paper what its printer holds
 */
public record HouseStyle(
        MassUnit mass,
        VolumeUnit volume,
        TemperatureUnit temperature,
        DateForm dates,
        DayOfWeek weekBegins,
        Optional<ZoneId> zone,
        PrinterPaper paper) {

    /** Metric and ISO dates: what files and other programs get, and a household that said nothing. */
    public static final HouseStyle METRIC = new HouseStyle(
            MassUnit.GRAMS,
            VolumeUnit.MILLILITRES,
            TemperatureUnit.CELSIUS,
            DateForm.ISO,
            DayOfWeek.MONDAY,
            Optional.empty(),
            PrinterPaper.A4);

    private static final ScopedValue<HouseStyle> HERE = ScopedValue.newInstance();

    /** The style that holds here and now; {@link #METRIC} where nobody said another. */
    public static HouseStyle here() {
        return HERE.orElse(METRIC);
    }

    /** Does something in this style, and whatever it calls. */
    public <T, X extends Throwable> T in(ScopedValue.CallableOp<? extends T, X> task) throws X {
        return ScopedValue.where(HERE, this).call(task);
    }

    /** A day, as it is written here. */
    public String says(LocalDate day) {
        return dates.says(day);
    }

    /** A month, likewise. */
    public String says(YearMonth month) {
        return dates.says(month);
    }

    /** A sentence that ships, its temperatures in the unit of the house; what a person typed never comes here. */
    public String says(String shipped) {
        return Degrees.in(shipped, temperature);
    }

    public ZoneId zoneHere() {
        return zone.orElseGet(ZoneId::systemDefault);
    }

    /** Grams as they stand in a field; where they stand in another unit, it is named, so that nothing typed is taken for another. */
    public String massTyped(BigDecimal grams, int decimals) {
        return typed(mass.grams(), mass.sign(), grams, decimals);
    }

    /** Millilitres as they stand in a field, likewise. @param decimals to which they are kept */
    public String volumeTyped(BigDecimal millilitres, int decimals) {
        return typed(volume.millilitres(), volume.sign(), millilitres, decimals);
    }

    /** Litres as they stand in a field, likewise. @param decimals to which they are kept */
    public String litresTyped(BigDecimal litres, int decimals) {
        return typed(volume.litres(), volume.litreSign(), litres, decimals);
    }

    /** What was typed into a field that is kept in one unit; a number alone is in the household's. */
    public TypedMeasure measure(String typed, String kept) {
        return TypedMeasure.of(typed, kept, mass, volume);
    }

    private static String typed(BigDecimal one, String sign, BigDecimal metric, int decimals) {
        String shown = InUnit.shown(one, metric, decimals);
        return one.compareTo(BigDecimal.ONE) == 0 ? shown : shown + " " + sign;
    }
}
