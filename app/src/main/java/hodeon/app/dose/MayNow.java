package hodeon.app.dose;

import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseClock;
import hodeon.core.medication.DoseClock.Limit;
import hodeon.core.medication.Product;
import hodeon.core.medication.Rule;
import hodeon.core.medication.Turn;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The answer to “may this be given now?”, in one sentence over everything a product holds.
 *
 * @param fine whether it may be given now, with nothing to ask first
 */
record MayNow(boolean fine, String says) {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    static MayNow of(DoseCase of, Product product, ZoneId zone) {
        return switch (of.answer(product)) {
            case DoseAnswer.Refused refused -> new MayNow(false, "Not said for them: " + refused.reason());
            case DoseAnswer.Give give -> {
                boolean ask = give.cautions().stream().anyMatch(c -> c.level() != Rule.Level.KNOW);
                Turn turn = Turn.of(give, counted -> clock(of, counted, product), of.now());
                boolean now = turn.now().signum() > 0;
                yield new MayNow(
                        now && !ask,
                        clockSays(give, turn, of.now(), zone)
                                + (ask ? now ? " But ask first, for what stands below." : " Ask first, too." : ""));
            }
        };
    }

    private static String clockSays(DoseAnswer.Give give, Turn turn, Instant now, ZoneId zone) {
        String later = turn.full()
                .map(at -> "from " + from(at, now, zone))
                .orElse("not within a day: that is more than a day's most");
        if (turn.now().signum() == 0) {
            return turn.full().isPresent() ? "Not yet: " + later + "." : "No, " + later + ".";
        }
        return turn.now().compareTo(give.most()) == 0
                ? "Yes, now: up to " + amount(give.product(), turn.now()) + "."
                : "Now no more than " + amount(give.product(), turn.now()) + "; " + amount(give.product(), give.most())
                        + " " + later + ".";
    }

    private static String amount(Product product, BigDecimal units) {
        return product.form().says(units.stripTrailingZeros().toPlainString());
    }

    /** Where nothing limits, nothing is in the way. */
    private static DoseClock clock(DoseCase of, String counted, Product product) {
        return of.clock(counted, Optional.of(product))
                .orElseGet(() -> new DoseClock(
                        counted, new Limit(Optional.empty(), Duration.ZERO, OptionalInt.empty()), of.taken()));
    }

    /** Such as “Thu 14:05, in 2 h 10 min”, rounded up to whole minutes. */
    static String from(Instant next, Instant now, ZoneId zone) {
        Duration wait = Duration.between(now, next).plusSeconds(59);
        return WHEN.format(next.plusSeconds(59).atZone(zone)) + ", in " + wait.toHours() + " h " + wait.toMinutesPart()
                + " min";
    }
}
