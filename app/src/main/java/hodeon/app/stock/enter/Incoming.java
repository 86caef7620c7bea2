package hodeon.app.stock.enter;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** How far the file has come that a household is having written, for who waits for it. */
@Component
public class Incoming {

    /** @param of all lines of the file */
    record Lines(int written, int of) {}

    private final Map<UUID, Lines> byHousehold = new ConcurrentHashMap<>();

    public void written(UUID household, int lines, int of) {
        byHousehold.put(household, new Lines(lines, of));
    }

    void ended(UUID household) {
        byHousehold.remove(household);
    }

    Optional<Lines> of(UUID household) {
        return Optional.ofNullable(byHousehold.get(household));
    }
}
