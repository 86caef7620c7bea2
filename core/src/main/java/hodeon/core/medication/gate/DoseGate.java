package hodeon.core.medication.gate;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.Caution;
import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Dosing;
import hodeon.core.medication.Patient;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.medication.gate.DoseClock.Breach;
import hodeon.core.medication.gate.DoseClocks.Running;
import hodeon.core.medication.gate.Objection.Subject;
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

    /** Later than so a dose is no longer written down; an assumption. */
    private static final Duration NOTED_LATE = Duration.ofDays(PlanningAssumption.NOTED_LATE.whole());

    private final Formulary formulary;
    private final DoseSheet sheet;
    private final Patient patient;
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
        this.patient = patient;
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

    /** Whether a dose of a moment can be written down {@code now}: not ahead but for clocks that differ, and not a week ago. */
    public static boolean canBeNoted(Instant at, Instant now) {
        return !at.isAfter(now.plus(CLOCKS_DIFFER)) && at.isAfter(now.minus(NOTED_LATE));
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
            return new DoseVerdict.Refused(new Objection.InTheFuture());
        }
        List<Objection> objections = new ArrayList<>();
        List<Caution> toAsk = List.of();
        switch (answer(product, at)) {
            case Refused refused
            when refused.why() == WhyNot.Kind.DOG -> {
                return new DoseVerdict.Refused(new Objection.Dog(refused));
            }
            case Refused refused -> objections.add(new Objection.NotSaid(refused));
            case Give give -> {
                BigDecimal most = give.dosing().mostNow(book.isFirst(product, at));
                if (units.compareTo(most) > 0) {
                    objections.add(new Objection.TooMuchAtOnce(product, most));
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

    /**
     * What a device needs to go on by itself with these products, as it is known {@code now}.
     *
     * @param byPiece those of them that a note of the log counts as a dose
     */
    public AwayClock away(List<Product> products, List<Product> byPiece, Instant now) {
        return new AwayClocks(formulary, this, book, patient, zone).of(products, byPiece, noted, now);
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
                found.add(new Objection.TwoOfAKind(c));
            } else if (c.kind() == Kind.DAYS_RUNNING) {
                found.add(new Objection.TooManyDays(c));
            }
        }
        return found;
    }

    private List<Objection> tooNearToWhatItDoesNotGoWith(Product product, Instant at) {
        return List.copyOf(new KeptApart(formulary).of(product, at, book.around(at)));
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
            Subject subject = running.ingredient()
                    ? new Subject.OfIngredient(formulary.nameOf(running.of()))
                    : new Subject.OfProduct(product);
            running.clock().breaches(running.asked()).forEach(b -> found.add(objection(subject, b, at)));
        }
        return found;
    }

    private static Objection objection(Subject subject, Breach breach, Instant at) {
        boolean later = breach.at().isAfter(at);
        Optional<Instant> upTo = later ? Optional.of(breach.at()) : Optional.empty();
        return switch (breach) {
            case Breach.TooNear near -> new Objection.TooSoon(subject, near.apart(), near.at(), later);
            case Breach.TooMany many -> new Objection.TooManyInADay(subject, many.times(), upTo);
            case Breach.TooMuch much -> new Objection.TooMuchInADay(subject, much.sum(), much.most(), upTo);
        };
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
}
