package hodeon.app.shell;

import hodeon.app.shell.style.HouseClock;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock of the application, so that tests can stop it. */
@Configuration
class Today {

    @Bean
    Clock clock() {
        return new HouseClock();
    }
}
