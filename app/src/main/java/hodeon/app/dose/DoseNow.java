package hodeon.app.dose;

import hodeon.app.shell.FindingWords;
import hodeon.app.shell.Wording;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.DoseGate;
import hodeon.core.medication.gate.Moments;
import hodeon.core.medication.gate.NextDose;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/**
 * The answer to “may this be given now?”, in one sentence over everything a product holds.
 *
 * @param fine whether it may be given now, with nothing to ask first
 */
public record DoseNow(boolean fine, String says) {

    /** @param zone whose clock times are said on */
    public static DoseNow of(DoseGate gate, Product product, Instant at, ZoneId zone) {
        return switch (gate.answer(product, at)) {
            case DoseAnswer.Refused refused ->
                new DoseNow(false, Wording.says("doseNow.notSaidForThem", FindingWords.say(refused.whyNot())));
            case DoseAnswer.Give give -> {
                NextDose next = gate.next(product, at).orElseThrow();
                boolean now = next.now().signum() > 0;
                yield new DoseNow(
                        now && !give.asks(),
                        clockSays(give, next, at, zone)
                                + (give.asks()
                                        ? now
                                                ? " " + Wording.says("doseNow.butAskFirstItHasCautionsFor")
                                                : " " + Wording.says("doseNow.askFirstToo")
                                        : ""));
            }
        };
    }

    private static String clockSays(DoseAnswer.Give give, NextDose next, Instant now, ZoneId zone) {
        Product product = give.product();
        String most = product.says(give.dosing().mostEver());
        String full = next.full()
                .map(at -> Wording.says("doseNow.from", from(at, now, zone)))
                .orElse(Wording.says("doseNow.notWithinADayThatIsMore"));
        if (next.now().compareTo(give.dosing().mostEver()) == 0) {
            return Wording.says("doseNow.yesNowUpTo", most);
        }
        if (next.now().signum() > 0) {
            return Wording.says("doseNow.nowNoMoreThan", product.says(next.now()), most, full);
        }
        boolean someSooner = next.soonest().isPresent()
                && next.soonest().get().units().compareTo(give.dosing().mostEver()) < 0;
        if (someSooner) {
            NextDose.Later some = next.soonest().get();
            return Wording.says(
                    "doseNow.notYetFrom",
                    product.says(some.units()),
                    Moments.said(rounded(some.at()), zone),
                    most,
                    full);
        }
        return next.full().isPresent() ? Wording.says("doseNow.notYet", full) : Wording.says("doseNow.no", full);
    }

    /** Such as “Thu 14:05, Europe/Oslo, in 2 h 10 min”, rounded up to whole minutes. */
    static String from(Instant next, Instant now, ZoneId zone) {
        Duration wait = Duration.between(now, next).plusSeconds(59);
        return Wording.says("doseNow.inHMin", Moments.said(rounded(next), zone), wait.toHours(), wait.toMinutesPart());
    }

    private static Instant rounded(Instant next) {
        return next.plusSeconds(59);
    }
}
