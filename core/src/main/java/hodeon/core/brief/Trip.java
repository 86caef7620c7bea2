package hodeon.core.brief;

import hodeon.core.party.Party;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A journey to pack for, or the days until a kit that stays is filled up again.
 *
 * @param name what the party calls it, not blank
 * @param start first day, inclusive
 * @param end last day, inclusive, at most {@value #MOST_DAYS} days in all
 * @param season at the place
 * @param legs in order; together they fill the days, the last day perhaps by half
 * @param party who goes
 * @param hoursToCare hours from a problem to definitive care, 0 to {@value #MOST_HOURS_TO_CARE}
 * @param region facts about the place that matter
 * @param passage how the kit travels, where that limits it
 * @param company who adds to the demand besides the party
 * @param stance how to weigh likely against grave
 * @param limits the most the kit may take
 * @param stove whether the party cooks on a stove or fire
 * @param adjustments what the party changes in the odds for this trip
 * @param means how the kit travels, what is at hand, and how much is enough
 * @param standing what a kit that stays is for; the days are then those until it is filled up, and the legs what is done in them,
 *     spread evenly; empty for a journey
 */
public record Trip(
        String name,
        LocalDate start,
        LocalDate end,
        Season season,
        List<Leg> legs,
        Party party,
        int hoursToCare,
        Set<Region> region,
        Set<Passage> passage,
        Company company,
        Stance stance,
        Limits limits,
        boolean stove,
        Adjustments adjustments,
        Means means,
        Optional<Standing> standing) {

    public static final int MOST_DAYS = 60;
    public static final int MOST_HOURS_TO_CARE = 240;

    public Trip {
        legs = List.copyOf(legs);
        region = Set.copyOf(region);
        passage = Set.copyOf(passage);
        if (name.isBlank()) {
            throw new IllegalArgumentException("An outing needs a name.");
        }
        long days = daysBetween(start, end);
        if (standing.isPresent()) {
            if (!standing.get().end(start).equals(end) || !standing.get().legs().equals(legs)) {
                throw new IllegalArgumentException("Days and legs are not those of what the kit stands for.");
            }
        } else if (days < 1 || days > MOST_DAYS) {
            throw new IllegalArgumentException(
                    "From " + start + " to " + end + " is outside 1 to " + MOST_DAYS + " days.");
        }
        if (standing.isEmpty() && !fills(legs, days)) {
            throw new IllegalArgumentException("The legs do not fill the " + days + " days of the outing.");
        }
        if (hoursToCare < 0 || hoursToCare > MOST_HOURS_TO_CARE) {
            throw new IllegalArgumentException(
                    hoursToCare + " hours to care is outside 0 to " + MOST_HOURS_TO_CARE + ".");
        }
    }

    /** A trip with a stove, nothing adjusted, and nothing said about its means. */
    public Trip(
            String name,
            LocalDate start,
            LocalDate end,
            Season season,
            List<Leg> legs,
            Party party,
            int hoursToCare,
            Set<Region> region,
            Set<Passage> passage,
            Company company,
            Stance stance,
            Limits limits) {
        this(
                name,
                start,
                end,
                season,
                legs,
                party,
                hoursToCare,
                region,
                passage,
                company,
                stance,
                limits,
                true,
                Adjustments.NONE,
                Means.UNSAID,
                Optional.empty());
    }

    /** Days from start to end, both inclusive. */
    public static long daysBetween(LocalDate start, LocalDate end) {
        return ChronoUnit.DAYS.between(start, end) + 1;
    }

    /** Whether legs end on the last day, having begun on the first. */
    public static boolean fills(List<Leg> legs, long days) {
        int halfDays = legs.stream().mapToInt(Leg::halfDays).sum();
        return halfDays == 2 * days || halfDays == 2 * days - 1;
    }

    public int days() {
        return (int) daysBetween(start, end);
    }

    public Trip withStance(Stance other) {
        return changed(end, legs, party, other, limits, stove, adjustments, means, standing);
    }

    public Trip withLimits(Limits other) {
        return changed(end, legs, party, stance, other, stove, adjustments, means, standing);
    }

    public Trip withParty(Party other) {
        return changed(end, legs, other, stance, limits, stove, adjustments, means, standing);
    }

    public Trip withStove(boolean other) {
        return changed(end, legs, party, stance, limits, other, adjustments, means, standing);
    }

    public Trip withAdjustments(Adjustments other) {
        return changed(end, legs, party, stance, limits, stove, other, means, standing);
    }

    public Trip withMeans(Means other) {
        return changed(end, legs, party, stance, limits, stove, adjustments, other, standing);
    }

    /** The same for a kit that stays, filled up on its first day. */
    public Trip standingFor(Standing use) {
        return changed(use.end(start), use.legs(), party, stance, limits, stove, adjustments, means, Optional.of(use));
    }

    /**
     * The same with the last leg longer, by 1 day or more; never beyond {@value #MOST_DAYS} days in all. A kit that stays is filled up so
     * much later.
     */
    public Trip longer(int days) {
        if (standing.isPresent()) {
            return standingFor(standing.get().every(days() + days));
        }
        int more = (int) Math.min(days, MOST_DAYS - daysBetween(start, end));
        List<Leg> longer = new ArrayList<>(legs);
        Leg last = longer.removeLast();
        longer.add(new Leg(last.activity(), last.environment(), last.halfDays() + 2 * more));
        return changed(end.plusDays(more), longer, party, stance, limits, stove, adjustments, means, standing);
    }

    private Trip changed(
            LocalDate end,
            List<Leg> legs,
            Party party,
            Stance stance,
            Limits limits,
            boolean stove,
            Adjustments adjustments,
            Means means,
            Optional<Standing> standing) {
        return new Trip(
                name,
                start,
                end,
                season,
                legs,
                party,
                hoursToCare,
                region,
                passage,
                company,
                stance,
                limits,
                stove,
                adjustments,
                means,
                standing);
    }
}
