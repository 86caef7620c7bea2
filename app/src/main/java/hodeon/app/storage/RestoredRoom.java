package hodeon.app.storage;

import java.util.UUID;

/**
 * A room that reads back what a backup put into its tables, the way its pages do, and throws {@link IllegalArgumentException} with the
 * row and the reason if it cannot: nothing that is restored may break a page later.
 */
public interface RestoredRoom {

    void readAll(UUID household);
}
