package hodeon.app.household;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

/** What somebody is in a household, and what that lets them do. */
public enum Role {
    KEEPER("keeper", EnumSet.allOf(Right.class)),
    MEMBER("member", EnumSet.complementOf(EnumSet.of(Right.KEEP))),
    HELPER("helper", EnumSet.of(Right.LOOK, Right.LOG, Right.TAKE, Right.CHECK)),
    VIEWER("viewer", EnumSet.of(Right.LOOK));

    private final String word;
    private final Set<Right> rights;

    Role(String word, Set<Right> rights) {
        this.word = word;
        this.rights = rights;
    }

    public String word() {
        return word;
    }

    public Set<Right> rights() {
        return Set.copyOf(rights);
    }

    public boolean may(Right right) {
        return rights.contains(right);
    }

    /** What it lets one do, such as “keep the log, walk check rounds”. */
    public String says() {
        return rights.stream().map(Right::words).collect(Collectors.joining(", "));
    }
}
