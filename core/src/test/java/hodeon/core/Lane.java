package hodeon.core;

import java.time.Duration;

/** How much of a trial is tried: a little every day, all of it with {@code ./hodeon test --thorough}. */
public final class Lane {

    private static final boolean THOROUGH = Boolean.getBoolean("hodeon.thorough");

    private Lane() {}

    public static int of(int everyday, int thorough) {
        return THOROUGH ? thorough : everyday;
    }

    /** How long a search may take that would not end by itself; what it answers must hold however long that is. */
    public static Duration patience(Duration thorough) {
        return THOROUGH ? thorough : Duration.ofSeconds(1);
    }
}
