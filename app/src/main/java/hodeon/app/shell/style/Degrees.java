package hodeon.app.shell.style;

import hodeon.core.units.TemperatureUnit;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Temperatures within a text: “37 to 39 °C” is “98.6 to 102.2 °F”. Tenths are said where there are any: 0.6 °F can be a fever. */
final class Degrees {

    private static final String NUMBER = "[-−]?\\d{1,3}(?:\\.\\d)?";
    private static final Pattern CELSIUS =
            Pattern.compile("(?<![\\d.])(" + NUMBER + ")(?:( to | or | and |–)(" + NUMBER + "))?[ \u00a0]°C");

    private Degrees() {}

    static String in(String text, TemperatureUnit unit) {
        return unit == TemperatureUnit.CELSIUS || !text.contains("°C")
                ? text
                : CELSIUS.matcher(text)
                        .replaceAll(m -> Matcher.quoteReplacement(shown(m.group(1), unit)
                                + (m.group(2) == null ? "" : m.group(2) + shown(m.group(3), unit)) + " "
                                + unit.sign()));
    }

    private static String shown(String celsius, TemperatureUnit unit) {
        double degrees = unit.of(Double.parseDouble(celsius.replace('−', '-')));
        double tenths = Math.rint(10 * degrees) / 10;
        return String.format(Locale.ROOT, tenths == Math.rint(tenths) ? "%.0f" : "%.1f", tenths)
                .replace('-', '−');
    }
}
