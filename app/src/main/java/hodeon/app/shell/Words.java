package hodeon.app.shell;

import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lets pages ask {@link Wording}. */
@Configuration
class Words {

    @Bean
    MessageSource messageSource() {
        return Wording.WORDS;
    }
}
