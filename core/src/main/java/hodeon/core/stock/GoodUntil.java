package hodeon.core.stock;

import hodeon.core.catalogue.Keeping;
import hodeon.core.evidence.PlanningAssumption;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * Until when a lot is good, and why no longer: the earliest of the printed date, the period after opening, the time a
 * decanted thing keeps, and the day it was withdrawn. Where no date is printed the typical shelf life from the day it
 * came stands in.
 *
 * <p>Worked example: a bottle printed 2028-03 (its last day, 31 March 2028), opened on 10 January 2027 and good for 6
 * months after that, is good until 10 July 2027 because it is open. Decanted on 1 February 2027 from that bottle, what
 * is in the small bottle is good until 10 July 2027 as well, because decanting never makes anything last longer.
 *
 * @param day the last good day, inclusive
 */
public record GoodUntil(LocalDate day, Reason reason) {

    /** Decanted things keep half a year at most: a planning assumption of ours where no period after opening is known. */
    static final int DECANTED_MONTHS = PlanningAssumption.DECANTED_KEEPS.whole();

    /** What ends it, in the words of the pages. */
    public enum Reason {
        PRINTED("printed on it"),
        OPENED("opened"),
        DECANTED("decanted"),
        WITHDRAWN("superseded or recalled"),
        TYPICAL("no date entered; typical shelf life");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Empty for what does not expire.
     *
     * @param withdrawn the day its model was superseded or recalled, if it was
     */
    public static Optional<GoodUntil> of(Lot lot, Keeping keeping, Optional<LocalDate> withdrawn) {
        Optional<GoodUntil> printed = lot.printed()
                .map(p -> new GoodUntil(p.lastDay(), Reason.PRINTED))
                .or(() -> months(lot.received(), keeping.shelfLifeMonths(), Reason.TYPICAL));
        Optional<GoodUntil> opened = lot.opened().flatMap(day -> months(day, keeping.openedMonths(), Reason.OPENED));
        Optional<GoodUntil> decanted = lot.decanted()
                .flatMap(day ->
                        months(day, OptionalInt.of(keeping.openedMonths().orElse(DECANTED_MONTHS)), Reason.DECANTED));
        // A withdrawn thing was good for the last time the day before.
        Optional<GoodUntil> gone = withdrawn.map(day -> new GoodUntil(day.minusDays(1), Reason.WITHDRAWN));
        return Stream.of(printed, opened, decanted, gone)
                .flatMap(Optional::stream)
                .min(Comparator.comparing(GoodUntil::day));
    }

    private static Optional<GoodUntil> months(LocalDate from, OptionalInt months, Reason reason) {
        return months.isEmpty()
                ? Optional.empty()
                : Optional.of(new GoodUntil(from.plusMonths(months.getAsInt()), reason));
    }

    /** Nobody entered this day: it is only what things of this kind usually keep. */
    public boolean assumed() {
        return reason == Reason.TYPICAL;
    }

    /** Whether it is good on a day and for so many days after it. */
    public boolean outlasts(LocalDate day, int marginDays) {
        return !this.day.isBefore(day.plusDays(marginDays));
    }
}
