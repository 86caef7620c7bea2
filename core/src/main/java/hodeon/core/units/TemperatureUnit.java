package hodeon.core.units;

/** What temperatures are read and written in; kept they are in °C. Worked example: 25 °C are 77 °F, and −40 is both. */
public enum TemperatureUnit {
    CELSIUS("°C"),
    FAHRENHEIT("°F");

    private static final double DEGREES_A_KELVIN = 1.8;
    private static final double FREEZING = 32;

    private final String sign;

    TemperatureUnit(String sign) {
        this.sign = sign;
    }

    public String sign() {
        return sign;
    }

    public double of(double celsius) {
        return this == CELSIUS ? celsius : celsius * DEGREES_A_KELVIN + FREEZING;
    }

    public double celsius(double shown) {
        return this == CELSIUS ? shown : (shown - FREEZING) / DEGREES_A_KELVIN;
    }
}
