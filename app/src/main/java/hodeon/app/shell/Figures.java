package hodeon.app.shell;

import hodeon.core.units.Mass;
import hodeon.core.units.Volume;
import java.util.Locale;

/** Figures as the pages say them, always with their unit. */
public final class Figures {

    private Figures() {}

    /** Whole grams from 10 g up, tenths below. */
    public static String grams(Mass mass) {
        return grams(mass.grams());
    }

    public static String grams(double grams) {
        String pattern = Math.abs(grams) >= 10 || grams == Math.rint(grams) ? "%,.0f g" : "%.1f g";
        return String.format(Locale.ROOT, pattern, grams);
    }

    public static String litres(Volume volume) {
        return String.format(Locale.ROOT, "%.1f l", volume.litres());
    }

    /** “51 in 100” where that says something, else “1 in 700”. */
    public static String chance(double probability) {
        if (probability >= 0.995) {
            return "nearly always";
        } else if (probability >= 0.02) {
            return Math.round(100 * probability) + " in 100";
        }
        return String.format(Locale.ROOT, "1 in %,d", roundedToTwoDigits(1 / probability));
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

    /** “6 days”, “1 day”, “2.5 days”. */
    public static String days(double days) {
        return counted(days, "day");
    }

    public static String counted(double count, String one) {
        String number = count == Math.rint(count)
                ? String.format(Locale.ROOT, "%,.0f", count)
                : String.format(Locale.ROOT, "%,.1f", count);
        return number + " " + one + (count == 1 ? "" : plural(one));
    }

    private static String plural(String one) {
        return one.endsWith("s") || one.endsWith("sh") || one.endsWith("ch") ? "es" : "s";
    }

    private static long roundedToTwoDigits(double value) {
        double unit = Math.pow(10, Math.max(0, Math.floor(Math.log10(value)) - 1));
        return Math.round(Math.round(value / unit) * unit);
    }
}
