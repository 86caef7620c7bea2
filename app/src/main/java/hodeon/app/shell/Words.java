package hodeon.app.shell;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.i18n.FixedLocaleResolver;

/** Lets pages ask {@link Wording}. */
@Configuration
class Words {

    @Bean
    MessageSource messageSource() {
        return Wording.WORDS;
    }

    /** Pages speak English, whatever the browser asks for. */
    @Bean
    LocaleResolver localeResolver() {
        return new FixedLocaleResolver(Locale.ENGLISH);
    }
}
