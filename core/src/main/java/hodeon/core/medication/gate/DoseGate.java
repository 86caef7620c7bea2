package hodeon.core.medication.gate;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.Caution;
import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.DoseAnswer.Why;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Dosing;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.medication.gate.DoseClock.Breach;
import hodeon.core.medication.gate.DoseClocks.Running;
import hodeon.core.medication.gate.DoseVerdict.Objection;
import hodeon.core.units.Plural;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The one gate that every dose goes through, whichever door it comes by: the form of the dose clock, the log of a trip, what
 * waited on a device out of reach, a file, the API. A dose is judged at its own moment, against everything that lies before
 * and after it, and so is what it would spoil of what was recorded for later.
 *
 * <p>Worked example: a grown-up, British labels, paracetamol of 500 mg. Two tablets at 08:00 and two at 14:00 are in the book.
 * Two more, noted late for 11:00, are stopped: 3 h after the first, and they would put the dose of 14:00 only 3 h after them,
 * where 4 h have to lie between.
 */
public final class DoseGate {

    /** What lies this far ahead may still be the clock of a device that runs fast; an assumption. */
    private static final Duration CLOCKS_DIFFER = Duration.ofMinutes(PlanningAssumption.CLOCKS_DIFFER.whole());

    private final Formulary formulary;
    private final DoseSheet sheet;
    private final List<GivenDose> noted;
    private final ZoneId zone;
    private final KnownDoses book;

    /**
     * @param noted everything that was noted for this person and not struck out, in any order; doses of the last
     *     {@link #daysToKnow} days matter
     * @param zone where the person's clock on the wall is
     */
    public DoseGate(Formulary formulary, Tradition tradition, Patient patient, List<GivenDose> noted, ZoneId zone) {
        this.formulary = formulary;
        this.sheet = new DoseSheet(formulary, tradition);
        this.noted = noted.stream().sorted(Comparator.comparing(GivenDose::at)).toList();
        this.zone = zone;
        this.book = new KnownDoses(formulary, sheet, patient, this.noted, zone);
    }

    /** Doses so many days back can still matter: the longest run of days that a label lets pass, and a week. */
    public static int daysToKnow(Formulary formulary) {
        return 7
                + formulary.labels().stream()
                        .flatMap(l -> l.bands().stream())
                        .mapToInt(b -> b.days().orElse(1))
                        .max()
                        .orElse(1);
    }

    /** How much of a product they may have, seen with what acts in them at a moment. */
    public DoseAnswer answer(Product product, Instant at) {
        DoseAnswer answer = sheet.of(product, book.patientAt(at), book.actingAround(product, at));
        if (!(answer instanceof Give give)) {
            return answer;
        }
        Optional<Caution> days = daysRunning(product, give, at);
        if (days.isEmpty()) {
            return answer;
        }
        List<Caution> cautions = new ArrayList<>(give.cautions());
        cautions.add(days.get());
        cautions.sort(DoseSheet.gravestFirst());
        return new Give(product, give.dosing(), give.directed(), give.working(), cautions);
    }

    /** Whether so many units of a product, given at a moment, may stand in the book as it is known {@code now}. */
    public DoseVerdict judge(Product product, BigDecimal units, Instant at, Instant now) {
        if (at.isAfter(now.plus(CLOCKS_DIFFER))) {
            return new DoseVerdict.Refused(new Objection(
                    DoseVerdict.Kind.IN_THE_FUTURE,
                    "A dose is noted when it was given, and that time has not come yet."));
        }
        List<Objection> objections = new ArrayList<>();
        List<Caution> toAsk = List.of();
        switch (answer(product, at)) {
            case Refused refused
            when refused.why() == Why.DOG -> {
                return new DoseVerdict.Refused(
                        new Objection(DoseVerdict.Kind.DOG, refused.reason() + " " + refused.remedy()));
            }
            case Refused refused -> objections.add(new Objection(DoseVerdict.Kind.NOT_SAID, refused.reason()));
            case Give give -> {
                BigDecimal most = give.dosing().mostNow(book.isFirst(product, at));
                if (units.compareTo(most) > 0) {
                    objections.add(new Objection(
                            DoseVerdict.Kind.TOO_MUCH_AT_ONCE, "More than " + product.says(most) + " at once."));
                }
                toAsk = give.cautions().stream().filter(Caution::asks).toList();
                objections.addAll(ofCautions(give));
            }
        }
        objections.addAll(tooNearToWhatItDoesNotGoWith(product, at));
        objections.addAll(ofClocks(product, units, at));
        return objections.isEmpty()
                ? new DoseVerdict.Allowed(toAsk)
                : new DoseVerdict.Stopped(objections.stream().distinct().toList());
    }

    /** When they may have a product again; empty where no dose of it is said for them. */
    public Optional<NextDose> next(Product product, Instant now) {
        if (!(answer(product, now) instanceof Give give)) {
            return Optional.empty();
        }
        Dosing dosing = give.dosing();
        BigDecimal some = mostThatFits(product, dosing, now);
        List<Instant> moments = book.clocks(now, Optional.of(product)).of(product, dosing.mostEver(), now).stream()
                .flatMap(r -> r.clock().candidates(r.asked().clear(), now))
                .sorted()
                .distinct()
                .toList();
        Optional<NextDose.Later> soonest = some.signum() > 0
                ? Optional.empty()
                : moments.stream()
                        .map(t -> new NextDose.Later(t, mostThatFits(product, dosing, t)))
                        .filter(l -> l.units().signum() > 0)
                        .findFirst();
        Optional<Instant> full = moments.stream()
                .filter(t -> mostThatFits(product, dosing, t).compareTo(dosing.mostEver()) == 0)
                .findFirst();
        return Optional.of(new NextDose(some, soonest, full));
    }

    private BigDecimal mostThatFits(Product product, Dosing dosing, Instant at) {
        BigDecimal units = dosing.mostNow(book.isFirst(product, at));
        DoseClocks clocks = book.clocks(at, Optional.of(product));
        while (units.compareTo(dosing.least()) >= 0 && units.signum() > 0) {
            if (breaches(clocks, product, units, at).isEmpty()) {
                return units;
            }
            units = units.subtract(product.step());
        }
        return BigDecimal.ZERO;
    }

    /** What they had in the last 24 hours, one thing each, and of what a product holds if one is looked at. */
    public List<DoseTally> tallies(Optional<Product> product, Instant now) {
        return new DoseTallies(formulary, book).of(product, now);
    }

    /** Two of a kind, and days running, are asked about before anything is noted; a direction has answered the first. */
    private static List<Objection> ofCautions(Give give) {
        List<Objection> found = new ArrayList<>();
        for (Caution c : give.cautions()) {
            if (c.kind() == Kind.TWO_OF_A_KIND && give.directed().isEmpty()) {
                found.add(new Objection(DoseVerdict.Kind.TWO_OF_A_KIND, capital(c.because()) + ". " + c.says()));
            } else if (c.kind() == Kind.DAYS_RUNNING) {
                found.add(new Objection(DoseVerdict.Kind.DAYS_RUNNING, capital(c.because()) + ". " + c.says()));
            }
        }
        return found;
    }

    private List<Objection> tooNearToWhatItDoesNotGoWith(Product product, Instant at) {
        return new KeptApart(formulary)
                .of(product, at, book.around(at)).stream()
                        .map(k -> new Objection(
                                DoseVerdict.Kind.KEEP_APART,
                                "Less than " + DoseAnswer.hours(k.apart()) + " from " + k.name() + " ("
                                        + Moments.said(k.at(), zone) + "). " + k.says()))
                        .toList();
    }

    private static List<Breach> breaches(DoseClocks clocks, Product product, BigDecimal units, Instant at) {
        return clocks.of(product, units, at).stream()
                .flatMap(r -> r.clock().breaches(r.asked()).stream())
                .toList();
    }

    private List<Objection> ofClocks(Product product, BigDecimal units, Instant at) {
        List<Objection> found = new ArrayList<>();
        for (Running running : book.clocks(at, Optional.of(product)).of(product, units, at)) {
            if (!running.ingredient() && !product.form().onTheSpot() && !found.isEmpty()) {
                // The product's own clock says what its ingredient's has said.
                continue;
            }
            String name = running.ingredient() ? capital(formulary.nameOf(running.of())) : product.name();
            for (Breach breach : running.clock().breaches(running.asked())) {
                found.add(new Objection(kind(breach), name + ": " + says(breach, running, product, at)));
            }
        }
        return found;
    }

    private static DoseVerdict.Kind kind(Breach breach) {
        return switch (breach) {
            case Breach.TooNear near -> DoseVerdict.Kind.TOO_SOON;
            case Breach.TooMany many -> DoseVerdict.Kind.TOO_MANY_IN_A_DAY;
            case Breach.TooMuch much -> DoseVerdict.Kind.TOO_MUCH_IN_A_DAY;
        };
    }

    private String says(Breach breach, Running running, Product product, Instant at) {
        String when = Moments.said(breach.at(), zone);
        boolean later = breach.at().isAfter(at);
        String upTo = later ? " in the 24 h to the dose of " + when : " in 24 h";
        return switch (breach) {
            case Breach.TooNear near ->
                "less than " + DoseAnswer.hours(near.apart()) + (later ? " before" : " after") + " the dose of " + when
                        + ".";
            case Breach.TooMany many -> "more than " + Plural.counted(many.times(), "dose") + upTo + ".";
            case Breach.TooMuch much ->
                amount(much.sum(), running, product) + upTo + " is more than " + amount(much.most(), running, product)
                        + ".";
        };
    }

    private static String amount(BigDecimal amount, Running running, Product product) {
        return running.ingredient() ? amount.stripTrailingZeros().toPlainString() + " mg" : product.says(amount);
    }

    private Optional<Caution> daysRunning(Product product, Give give, Instant at) {
        List<DaysRunning.Allowed> allowed = new ArrayList<>();
        give.dosing()
                .days()
                .ifPresent(n ->
                        allowed.add(new DaysRunning.Allowed(n, d -> d.product().equals(product.id()))));
        if (!product.form().onTheSpot() && give.directed().isEmpty()) {
            for (String ingredient : product.strengths().keySet()) {
                sheet.line(ingredient, book.patientAt(at))
                        .map(line -> line.band().days())
                        .filter(OptionalInt::isPresent)
                        .ifPresent(n -> allowed.add(new DaysRunning.Allowed(
                                n.getAsInt(), d -> d.of(ingredient).micrograms() > 0)));
            }
        }
        return DaysRunning.beyond(noted, allowed, at, zone);
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
