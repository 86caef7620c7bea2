package hodeon.app.shell;

import com.ibm.icu.text.MessageFormat;
import hodeon.app.shell.style.HouseStyle;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.Temporal;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.support.ResourceBundleMessageSource;

/**
 * What is said in sentences whose words hang on a number, from the bundle {@code words.properties}: one pattern a key, with plurals as
 * ICU writes them. Pages ask it with Thymeleaf’s message expressions, views in Java with {@link #says}.
 */
public final class Wording extends ResourceBundleMessageSource {

    public static final Wording WORDS = new Wording();

    private Wording() {
        setBasenames("words", "pages", "views");
        setDefaultEncoding(StandardCharsets.UTF_8.name());
        setFallbackToSystemLocale(false);
    }

    /** @throws org.springframework.context.NoSuchMessageException for a key that is not in the bundle */
    public static String says(String key, @Nullable Object... arguments) {
        return WORDS.getMessage(key, there(arguments), Locale.ENGLISH);
    }

    /** The same; empty for a key that is not in the bundle. */
    public static Optional<String> known(String key, @Nullable Object... arguments) {
        return Optional.ofNullable(WORDS.getMessage(key, there(arguments), null, Locale.ENGLISH));
    }

    @Override
    protected @Nullable String getMessageInternal(
            @Nullable String key, Object @Nullable [] arguments, @Nullable Locale locale) {
        String pattern = super.getMessageInternal(key, null, Locale.ENGLISH);
        return pattern == null || pattern.indexOf('{') < 0
                ? pattern
                : new MessageFormat(pattern, Locale.ENGLISH).format(given(arguments));
    }

    private static Object[] there(@Nullable Object[] arguments) {
        Object[] there = new Object[arguments.length];
        Arrays.setAll(there, i -> given(arguments[i]));
        return there;
    }

    private static Object given(@Nullable Object argument) {
        return switch (argument) {
            case null -> "";
            case LocalDate day -> HouseStyle.here().says(day);
            case YearMonth month -> HouseStyle.here().says(month);
            case Temporal time -> time.toString();
            default -> argument;
        };
    }

    /** What is not there is said by nothing. */
    private static Object[] given(Object @Nullable [] arguments) {
        return arguments == null
                ? new Object[0]
                : Arrays.stream(arguments).map(Wording::given).toArray();
    }
}
