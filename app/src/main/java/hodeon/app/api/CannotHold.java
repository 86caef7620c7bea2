package hodeon.app.api;

import java.util.List;

/** Floors and limits that contradict each other. */
final class CannotHold extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient List<String> conflict;
    private final transient List<String> floors;

    /**
     * @param conflict everything that cannot hold together, in words
     * @param floors ids of the steps whose floors are among it
     */
    CannotHold(List<String> conflict, List<String> floors) {
        super(String.join("; ", conflict));
        this.conflict = List.copyOf(conflict);
        this.floors = List.copyOf(floors);
    }

    List<String> conflict() {
        return conflict;
    }

    List<String> floors() {
        return floors;
    }
}
