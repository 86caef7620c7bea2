package hodeon.app.shell;

import com.ibm.icu.text.MessageFormat;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.support.ResourceBundleMessageSource;

/**
 * What is said in sentences whose words hang on a number, from the bundle {@code words.properties}: one pattern a key, with plurals as
 * ICU writes them. Pages ask it with Thymeleaf’s message expressions, views in Java with {@link #says}.
 */
public final class Wording extends ResourceBundleMessageSource {

    public static final Wording WORDS = new Wording();

    private Wording() {
        setBasename("words");
        setDefaultEncoding(StandardCharsets.UTF_8.name());
        setFallbackToSystemLocale(false);
    }

    /** @throws org.springframework.context.NoSuchMessageException for a key that is not in the bundle */
    public static String says(String key, Object... arguments) {
        return WORDS.getMessage(key, arguments, Locale.ENGLISH);
    }

    @Override
    protected @Nullable String getMessageInternal(
            @Nullable String key, Object @Nullable [] arguments, @Nullable Locale locale) {
        String pattern = super.getMessageInternal(key, null, Locale.ENGLISH);
        return pattern == null
                ? null
                : new MessageFormat(pattern, Locale.ENGLISH)
                        .format(Objects.requireNonNullElse(arguments, new Object[0]));
    }
}
