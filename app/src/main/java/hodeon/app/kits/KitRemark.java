package hodeon.app.kits;

import java.util.Optional;
import java.util.UUID;

/** What another room has to say about a kit; it stands on the kit's page. */
public interface KitRemark {

    /** @param address of the page where it is put right */
    record Remark(String says, String act, String address) {}

    Optional<Remark> about(UUID household, UUID kit);
}
