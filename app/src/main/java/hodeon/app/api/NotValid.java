package hodeon.app.api;

import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.util.List;

/** A request whose body breaks rules: all of them. */
final class NotValid extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient List<Fault> faults;

    NotValid(List<Fault> faults) {
        super(faults.size() + " faults");
        this.faults = List.copyOf(faults);
    }

    static void unlessNone(Faults faults) {
        if (!faults.none()) {
            throw new NotValid(faults.all());
        }
    }

    List<Fault> faults() {
        return faults;
    }
}
