package hodeon.app.shell;

import hodeon.app.shell.style.HouseStyle;
import hodeon.core.catalogue.Supply;
import hodeon.core.units.Mass;
import hodeon.core.units.MassUnit;
import hodeon.core.units.Plural;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.Volume;
import hodeon.core.units.VolumeUnit;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;
import java.util.Optional;

/** Figures as the pages say them, always with their unit. */
public final class Figures {

    private Figures() {}

    /** Whole grams from 10 g up, tenths below. */
    public static String grams(Mass mass) {
        return grams(mass.grams());
    }

    /** Ounces where the household weighs in them: tenths from 1 oz up, hundredths below. */
    public static String grams(double grams) {
        MassUnit unit = HouseStyle.here().mass();
        if (unit == MassUnit.OUNCES) {
            return ounces(grams / unit.grams().doubleValue(), unit.sign());
        }
        String pattern = Math.abs(grams) >= 10 || grams == Math.rint(grams) ? "%,.0f g" : "%.1f g";
        return String.format(Locale.ROOT, pattern, grams);
    }

    private static String ounces(double ounces, String sign) {
        String pattern = Math.abs(ounces) >= 1 || ounces == 0 ? "%,.1f " : "%.2f ";
        return String.format(Locale.ROOT, pattern, ounces) + sign;
    }

    public static String litres(Volume volume) {
        return inOunces(1000 * volume.litres()).orElseGet(() -> String.format(Locale.ROOT, "%.1f l", volume.litres()));
    }

    /** Room in litres to two digits that matter, or in fluid ounces. */
    public static String room(double litres) {
        return inOunces(1000 * litres).orElseGet(() -> number(litres) + " l");
    }

    private static Optional<String> inOunces(double millilitres) {
        VolumeUnit unit = HouseStyle.here().volume();
        return unit == VolumeUnit.FLUID_OUNCES
                ? Optional.of(ounces(millilitres / unit.millilitres().doubleValue(), unit.sign()))
                : Optional.empty();
    }

    /**
     * Room, never a dose: whole millilitres from 10 ml up, tenths below; litres from 1,000 ml up; or fluid ounces, as the household has it.
     */
    public static String millilitres(double millilitres) {
        Optional<String> inOunces = inOunces(millilitres);
        if (inOunces.isPresent()) {
            return inOunces.get();
        }
        if (millilitres >= 1000) {
            return String.format(Locale.ROOT, "%.1f l", millilitres / 1000);
        }
        String pattern = millilitres >= 10 || millilitres == Math.rint(millilitres) ? "%,.0f ml" : "%.1f ml";
        return String.format(Locale.ROOT, pattern, millilitres);
    }

    /** Degrees Celsius in the household's unit, with its sign: “25 °C”, “77 °F”. */
    public static String celsius(double degrees, int decimals) {
        TemperatureUnit unit = HouseStyle.here().temperature();
        return String.format(Locale.ROOT, "%." + decimals + "f", unit.of(degrees))
                        .replace('-', '−') + " " + unit.sign();
    }

    /** A day in the form of the household. */
    public static String day(LocalDate day) {
        return HouseStyle.here().says(day);
    }

    /** A day and a time of day, to the minute: “2027-06-12 14:05”. */
    public static String moment(TemporalAccessor at) {
        return day(LocalDate.from(at)) + " " + LocalTime.from(at).truncatedTo(ChronoUnit.MINUTES);
    }

    /** In the household's currency, which the pages do not name. */
    public static String money(double amount) {
        return String.format(Locale.ROOT, "%,.2f", amount);
    }

    /** “51 in 100” where that says something, else “1 in 700”. */
    public static String chance(double probability) {
        if (probability >= 0.995) {
            return "nearly always";
        } else if (probability >= 0.02) {
            return Math.round(100 * probability) + " in 100";
        }
        return Wording.says("figures.oneIn", String.format(Locale.ROOT, "%,d", roundedToTwoDigits(1 / probability)));
    }

    /** Of a hundred trips: “12 of 100”, “fewer than 1 of 100”. */
    public static String inHundred(double probability) {
        long of = Math.round(100 * probability);
        return of == 0 ? (probability == 0 ? "none of 100" : "fewer than 1 of 100") : of + " of 100";
    }

    /** Two digits that matter: 1.2, 0.12, 0.0012. */
    public static String number(double value) {
        if (value == 0) {
            return "0";
        }
        int digits = Math.clamp(1 - (int) Math.floor(Math.log10(Math.abs(value))), 0, 6);
        return String.format(Locale.ROOT, "%,." + digits + "f", value);
    }

    /** A share as per cent: 100 %, 94.1 %, 0.052 %. */
    public static String percent(double share) {
        double percent = 100 * share;
        double size = Math.abs(percent);
        if (size >= 99.95 || size == 0) {
            return Math.round(percent) + " %";
        }
        return size >= 1 ? String.format(Locale.ROOT, "%.1f %%", percent) : number(percent) + " %";
    }

    /** A change of a share, in per cent: “+ 0.2 %”, “− 1.4 %”, “no change”. */
    public static String change(double share) {
        return Math.abs(share) < 5e-7 ? "no change" : (share < 0 ? "− " : "+ ") + percent(Math.abs(share));
    }

    /** A change of mass: “+ 12 g”, “− 3.5 g”. */
    public static String gramsMore(double grams) {
        return (grams < 0 ? "− " : "+ ") + grams(Math.abs(grams));
    }

    /** “6 days”, “1 day”, “2.5 days”. */
    public static String days(double days) {
        return counted(days, "day");
    }

    /** “16 tablets”, “1 pair”. */
    public static String pieces(int pieces, Supply of) {
        return counted(pieces, of.piece());
    }

    /** “Paracetamol 500 mg: 16 tablets”. */
    public static String named(int pieces, Supply of) {
        return of.name() + ": " + pieces(pieces, of);
    }

    public static String counted(double count, String one) {
        String number = count == Math.rint(count)
                ? String.format(Locale.ROOT, "%,.0f", count)
                : String.format(Locale.ROOT, "%,.1f", count);
        return number + " " + unit(count, one);
    }

    /** “tablet” of one, “tablets” of others. */
    public static String unit(double count, String one) {
        return Plural.of(count, one);
    }

    private static long roundedToTwoDigits(double value) {
        double unit = Math.pow(10, Math.max(0, Math.floor(Math.log10(value)) - 1));
        return Math.round(Math.round(value / unit) * unit);
    }
}
