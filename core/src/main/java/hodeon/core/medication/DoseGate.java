package hodeon.core.medication;

import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.Cautions.Acting;
import hodeon.core.medication.Clocks.Running;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.DoseAnswer.Why;
import hodeon.core.medication.DoseClock.Breach;
import hodeon.core.medication.Verdict.Objection;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
    private static final Duration CLOCKS_DIFFER = Duration.ofMinutes(10);

    /** So far around a moment doses can matter: a day's window at either side of a day's window. */
    private static final Duration AROUND = DoseClock.DAY.multipliedBy(2);

    private final Formulary formulary;
    private final DoseSheet sheet;
    private final Patient patient;
    private final List<GivenDose> noted;
    private final ZoneId zone;
    /** What the sheet says on each day of each product, asked once. */
    private final Map<LocalDate, Map<Product, DoseAnswer>> said = new HashMap<>();

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
        DoseAnswer answer = sheet.of(product, at(at), actingAround(product, at));
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
    public Verdict judge(Product product, BigDecimal units, Instant at, Instant now) {
        if (at.isAfter(now.plus(CLOCKS_DIFFER))) {
            return new Verdict.Refused(new Objection(
                    Verdict.Kind.IN_THE_FUTURE, "A dose is noted when it was given, and that time has not come yet."));
        }
        List<Objection> objections = new ArrayList<>();
        List<Caution> toAsk = List.of();
        switch (answer(product, at)) {
            case Refused refused
            when refused.why() == Why.DOG -> {
                return new Verdict.Refused(new Objection(Verdict.Kind.DOG, refused.reason() + " " + refused.remedy()));
            }
            case Refused refused -> objections.add(new Objection(Verdict.Kind.NOT_SAID, refused.reason()));
            case Give give -> {
                BigDecimal most = give.dosing().mostNow(isFirst(product, at));
                if (units.compareTo(most) > 0) {
                    objections.add(new Objection(
                            Verdict.Kind.TOO_MUCH_AT_ONCE, "More than " + product.says(most) + " at once."));
                }
                toAsk = give.cautions().stream().filter(Caution::asks).toList();
                objections.addAll(ofCautions(give));
            }
        }
        objections.addAll(tooNearToWhatItDoesNotGoWith(product, at));
        objections.addAll(ofClocks(product, units, at));
        return objections.isEmpty()
                ? new Verdict.Allowed(toAsk)
                : new Verdict.Stopped(objections.stream().distinct().toList());
    }

    /** When they may have a product again; empty where no dose of it is said for them. */
    public Optional<NextDose> next(Product product, Instant now) {
        if (!(answer(product, now) instanceof Give give)) {
            return Optional.empty();
        }
        Dosing dosing = give.dosing();
        BigDecimal some = mostThatFits(product, dosing, now);
        List<Instant> moments = clocks(now, Optional.of(product)).of(product, dosing.mostEver(), now).stream()
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
        BigDecimal units = dosing.mostNow(isFirst(product, at));
        Clocks clocks = clocks(at, Optional.of(product));
        while (units.compareTo(dosing.least()) >= 0 && units.signum() > 0) {
            if (breaches(clocks, product, units, at).isEmpty()) {
                return units;
            }
            units = units.subtract(product.step());
        }
        return BigDecimal.ZERO;
    }

    /** What they had in the last 24 hours, one thing each, and of what a product holds if one is looked at. */
    public List<Tally> tallies(Optional<Product> product, Instant now) {
        List<GivenDose> recent = known(now).stream()
                .filter(d -> !d.at().isAfter(now) && d.at().plus(DoseClock.DAY).isAfter(now))
                .toList();
        Set<String> ingredients = new LinkedHashSet<>();
        Set<String> spots = new LinkedHashSet<>();
        recent.forEach(d -> {
            if (d.onTheSpot()) {
                spots.add(d.product());
            } else {
                d.amounts().keySet().stream().sorted().forEach(ingredients::add);
            }
        });
        product.ifPresent(p -> {
            if (p.form().onTheSpot()) {
                spots.add(p.id());
            } else {
                p.strengths().keySet().stream().sorted().forEach(ingredients::add);
            }
        });
        Clocks clocks = clocks(now, product);
        List<Tally> tallies = new ArrayList<>();
        for (String ingredient : ingredients) {
            Optional<Product> held = lookedAt(ingredient, product, recent);
            DoseClock clock = clocks.ofIngredient(ingredient, held);
            boolean said = clocks.isSaid(ingredient, held);
            tallies.add(new Tally(
                    ingredient,
                    formulary.nameOf(ingredient),
                    true,
                    clock.inLastDay(now),
                    said ? clock.room(now) : Optional.empty(),
                    said,
                    clock.known()));
        }
        for (String spot : spots) {
            Optional<Product> known = formulary.product(spot);
            DoseClock clock = known.map(clocks::ofProduct)
                    .orElseGet(() -> new DoseClock(DoseClock.Limit.NONE, clocks.unitsOf(spot)));
            tallies.add(new Tally(
                    spot,
                    known.map(Product::name)
                            .or(() -> recent.stream()
                                    .filter(d -> d.product().equals(spot))
                                    .findFirst()
                                    .map(GivenDose::name))
                            .orElse(spot),
                    false,
                    clock.inLastDay(now),
                    clock.room(now),
                    !clock.limit().equals(DoseClock.Limit.NONE),
                    clock.known()));
        }
        return tallies;
    }

    /** What is looked at if it holds the ingredient, else the last that did and is still known. */
    private Optional<Product> lookedAt(String ingredient, Optional<Product> product, List<GivenDose> recent) {
        return product.filter(p -> p.of(ingredient).micrograms() > 0).or(() -> recent.reversed().stream()
                .filter(d -> d.of(ingredient).micrograms() > 0)
                .flatMap(d -> formulary.product(d.product()).stream())
                .findFirst());
    }

    private Patient at(Instant moment) {
        return patient.at(moment.atZone(zone).toLocalDate());
    }

    /** Noted around a moment, and what they are expected to have because they take it every day. */
    private List<GivenDose> known(Instant at) {
        return known(at, List.of());
    }

    /** @param asked what is about to be noted: it may stand for an expected dose */
    private List<GivenDose> known(Instant at, List<GivenDose> asked) {
        Instant from = at.minus(AROUND);
        Instant to = at.plus(AROUND);
        List<GivenDose> around = noted.stream()
                .filter(d -> !d.at().isBefore(from) && !d.at().isAfter(to))
                .toList();
        return Stream.concat(
                        around.stream(),
                        RegularSchedule.expected(
                                patient.regular(),
                                Stream.concat(around.stream(), asked.stream()).toList(),
                                from,
                                to,
                                zone)
                                .stream())
                .sorted(Comparator.comparing(GivenDose::at))
                .toList();
    }

    private Clocks clocks(Instant at, Optional<Product> asked) {
        List<GivenDose> doses =
                known(at, asked.map(p -> GivenDose.of(at, p, p.step())).stream().toList());
        return new Clocks(
                formulary,
                sheet,
                at(at),
                doses,
                at,
                said.computeIfAbsent(at.atZone(zone).toLocalDate(), day -> new HashMap<>()));
    }

    private boolean isFirst(Product product, Instant at) {
        Instant from = at.minus(DoseClock.DAY);
        return known(at, List.of(GivenDose.of(at, product, product.step()))).stream()
                .filter(d -> d.at().isAfter(from) && !d.at().isAfter(at))
                .noneMatch(d -> d.product().equals(product.id())
                        || product.strengths().keySet().stream()
                                .anyMatch(i -> d.of(i).micrograms() > 0));
    }

    /** What else acts: noted within a day before or after, what is taken every day left out, for that is known of them. */
    private List<Acting> actingAround(Product product, Instant at) {
        Set<String> everyDay =
                patient.regular().stream().map(r -> r.product().id()).collect(Collectors.toSet());
        return noted.stream()
                .filter(d -> Duration.between(d.at(), at).abs().compareTo(DoseClock.DAY) < 0)
                .filter(d -> !d.product().equals(product.id()) && !everyDay.contains(d.product()))
                .flatMap(d -> d.amounts().keySet().stream().sorted().map(i -> new Acting(i, d.onTheSpot(), false)))
                .distinct()
                .toList();
    }

    /** Two of a kind, and days running, are asked about before anything is noted; a direction has answered the first. */
    private static List<Objection> ofCautions(Give give) {
        List<Objection> found = new ArrayList<>();
        for (Caution c : give.cautions()) {
            if (c.kind() == Kind.TWO_OF_A_KIND && give.directed().isEmpty()) {
                found.add(new Objection(Verdict.Kind.TWO_OF_A_KIND, capital(c.because()) + ". " + c.says()));
            } else if (c.kind() == Kind.DAYS_RUNNING) {
                found.add(new Objection(Verdict.Kind.DAYS_RUNNING, capital(c.because()) + ". " + c.says()));
            }
        }
        return found;
    }

    private List<Objection> tooNearToWhatItDoesNotGoWith(Product product, Instant at) {
        return new KeptApart(formulary)
                .of(product, at, known(at)).stream()
                        .map(k -> new Objection(
                                Verdict.Kind.KEEP_APART,
                                "Less than " + DoseAnswer.hours(k.apart()) + " from " + k.name() + " ("
                                        + Moments.said(k.at(), zone) + "). " + k.says()))
                        .toList();
    }

    private static List<Breach> breaches(Clocks clocks, Product product, BigDecimal units, Instant at) {
        return clocks.of(product, units, at).stream()
                .flatMap(r -> r.clock().breaches(r.asked()).stream())
                .toList();
    }

    private List<Objection> ofClocks(Product product, BigDecimal units, Instant at) {
        List<Objection> found = new ArrayList<>();
        for (Running running : clocks(at, Optional.of(product)).of(product, units, at)) {
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

    private static Verdict.Kind kind(Breach breach) {
        return switch (breach) {
            case Breach.TooNear near -> Verdict.Kind.TOO_SOON;
            case Breach.TooMany many -> Verdict.Kind.TOO_MANY_IN_A_DAY;
            case Breach.TooMuch much -> Verdict.Kind.TOO_MUCH_IN_A_DAY;
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
            case Breach.TooMany many ->
                "more than " + many.times() + (many.times() == 1 ? " dose" : " doses") + upTo + ".";
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
                sheet.line(ingredient, at(at))
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
