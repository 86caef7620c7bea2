package hodeon.core.notice;

import java.util.ArrayList;
import java.util.List;

/** Collects faults while a whole form or file is read, so that all are reported at once. */
public final class Faults {

    private final List<Fault> found = new ArrayList<>();

    public void add(String field, String value, String limit, String remedy) {
        add(new Fault(field, value, limit, remedy));
    }

    public void add(Fault fault) {
        found.add(fault);
    }

    public boolean none() {
        return found.isEmpty();
    }

    public List<Fault> all() {
        return List.copyOf(found);
    }
}
