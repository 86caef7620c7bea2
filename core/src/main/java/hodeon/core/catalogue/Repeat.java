package hodeon.core.catalogue;

/** How a step goes on after the first pieces. */
public sealed interface Repeat {

    record Once() implements Repeat {}

    /**
     * Done again every so many days while it heals and the trip lasts.
     *
     * @param everyDays 1 or more
     * @param healingDays 1 or more
     * @param pieces each time, 1 or more
     */
    record Redress(int everyDays, int healingDays, int pieces) implements Repeat {

        /** Pieces taken after the first when so many whole days of the trip remain. */
        public int piecesWithin(int daysLeft) {
            return Math.min(healingDays, daysLeft) / everyDays * pieces;
        }
    }

    /**
     * Done again every so many hours until definitive care.
     *
     * @param everyHours 1 or more
     * @param pieces each time, 1 or more
     */
    record UntilCare(int everyHours, int pieces) implements Repeat {

        public int piecesWithin(int hoursToCare) {
            return hoursToCare / everyHours * pieces;
        }
    }
}
