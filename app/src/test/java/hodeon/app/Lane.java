package hodeon.app;

import java.time.LocalDate;

/** How much of a trial is tried: a little every day, all of it with {@code ./hodeon test --thorough}. */
public final class Lane {

    private static final boolean THOROUGH = Boolean.getBoolean("hodeon.thorough");

    private Lane() {}

    public static int of(int everyday, int thorough) {
        return THOROUGH ? thorough : everyday;
    }

    /** Of the day, so that each day tries other cases; printed, and {@code -Dhodeon.seed} tries a day again. */
    public static long seed(String trial) {
        long seed = Long.getLong("hodeon.seed", LocalDate.now().toEpochDay());
        System.out.printf("SEED %s -Dhodeon.seed=%d%n", trial, seed);
        return seed;
    }
}
