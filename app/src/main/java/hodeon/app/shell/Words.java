package hodeon.app.shell;

import hodeon.app.shell.style.HouseStyle;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.LocaleResolver;

/** Lets pages ask {@link Wording}. */
@Configuration
class Words {

    @Bean
    MessageSource messageSource() {
        return Wording.WORDS;
    }

    /** The language of the household’s style; whoever has not come in reads the one their browser asks for. */
    @Bean
    LocaleResolver localeResolver() {
        return new LocaleResolver() {
            @Override
            public Locale resolveLocale(HttpServletRequest request) {
                return HouseStyle.here().language();
            }

            @Override
            public void setLocale(
                    HttpServletRequest request, @Nullable HttpServletResponse response, @Nullable Locale locale) {
                throw new UnsupportedOperationException("The language is chosen in the household’s style.");
            }
        };
    }
}
