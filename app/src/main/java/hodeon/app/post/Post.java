package hodeon.app.post;

import java.util.UUID;

/** Sends a mail: through a mail server where one is named, else into the simulated outbox. */
public interface Post {

    void send(UUID household, String address, String subject, String text);
}
