package hodeon.core.medication.gate;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a device that is out of reach needs to go on reckoning when one person may have something again: the doses, what holds for each
 * product, and until when all of that is so. The rules are those of {@link DoseGate#next}; {@code dose-clock.js} follows them, and a test
 * holds the two against each other. Moments are milliseconds since 1970, amounts whole micrograms of an ingredient or thousandths of a
 * product's unit, so that no reckoning of the device rounds.
 *
 * <p>Worked example: a grown-up, British labels, two paracetamol tablets of 500 mg at 08:00, asked at 09:00. The dose counts as
 * 1,000,000 micrograms; two or one may be given at once (2,000 and 1,000 thousandths), at most 8,000 in 24 h, 4 h apart, 4 times, and
 * 4,000,000 micrograms from everything; all of it holds until 09:00 the next day.
 *
 * @param until from then on the device says nothing: an age, a day running or a label may have changed
 * @param noted what was noted in the days that matter
 * @param regular what is taken every day and counts although nobody noted it
 * @param packs what a piece of a supply is, as notes of the log count
 */
public record AwayClock(
        long from, long until, List<Noted> noted, List<Regular> regular, List<Asked> products, List<Pack> packs) {

    /** How much of an ingredient, and how far from it no other dose of the ingredient may lie, in milliseconds. */
    public record Held(long micrograms, long clear) {}

    /** A dose. @param units thousandths @param holds by ingredient; empty for what works on the spot */
    public record Noted(long at, String product, long units, Map<String, Held> holds) {}

    /** Something taken every day. @param due moments from some days before to some days after */
    public record Regular(String product, long units, Map<String, Held> holds, List<Long> due) {}

    /** At most so much in 24 hours, so far apart (milliseconds), so many times. */
    public record Most(Optional<Long> inADay, long apart, Optional<Integer> times) {}

    /** What holds for an ingredient. @param beside what holds besides while a product is in use, by its id */
    public record Limits(Most always, Map<String, Most> beside) {}

    /** So many thousandths of a unit at once. */
    public record Amount(long units, String says, Map<String, Held> holds) {}

    /** @param amounts of one piece, of two and so on */
    public record Pack(String supply, String product, List<Amount> amounts) {}

    /**
     * A product that may be asked about.
     *
     * @param asks whether there is something to ask before any dose
     * @param first what can be given at once as the first in a day, the most at the head
     * @param later the same of what follows another within a day
     * @param itself what holds for the product by itself, in thousandths of units
     * @param shares ingredients that make a dose of anything else the first one of theirs
     */
    public record Asked(
            String id,
            boolean asks,
            List<Amount> first,
            List<Amount> later,
            Map<String, Limits> limits,
            Most itself,
            List<String> shares) {}
}
