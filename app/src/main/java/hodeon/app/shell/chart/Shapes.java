package hodeon.app.shell.chart;

import hodeon.core.catalogue.Form;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The outlines of shapes.svg: how wide each is for its height. */
public final class Shapes {

    private static final Pattern SYMBOL = Pattern.compile("<symbol id=\"([a-z]+)\" viewBox=\"0 0 (\\d+) 100\"");
    private static final Map<Form, Double> ASPECTS = read();

    private Shapes() {}

    /** Width over height. */
    public static double aspect(Form form) {
        return Objects.requireNonNull(ASPECTS.get(form));
    }

    private static Map<Form, Double> read() {
        try (InputStream file = Objects.requireNonNull(Shapes.class.getResourceAsStream("/static/img/shapes.svg"))) {
            Matcher symbols = SYMBOL.matcher(new String(file.readAllBytes(), StandardCharsets.UTF_8));
            Map<Form, Double> aspects = new EnumMap<>(Form.class);
            while (symbols.find()) {
                Form form = Form.valueOf(symbols.group(1).toUpperCase(Locale.ROOT));
                aspects.put(form, Integer.parseInt(symbols.group(2)) / 100.0);
            }
            return aspects;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
