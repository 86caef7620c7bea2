package hodeon.app;

import hodeon.app.storage.copy.CopyCommand;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.cache.annotation.EnableCaching;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the web application. */
@EnableScheduling
@SpringBootApplication
@EnableCaching
public class HodeonApplication {

    public static void main(String[] arguments) {
        if (CopyCommand.asked(arguments)) {
            System.exit(CopyCommand.run(System.out, arguments));
        }
        SpringApplication.run(HodeonApplication.class, arguments);
    }
}
