package hodeon.core.medication.gate;

import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.Dosing;
import hodeon.core.medication.Patient;
import hodeon.core.medication.RegularIntake;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.AwayClock.Amount;
import hodeon.core.medication.gate.AwayClock.Asked;
import hodeon.core.medication.gate.AwayClock.Held;
import hodeon.core.medication.gate.AwayClock.Limits;
import hodeon.core.medication.gate.AwayClock.Most;
import hodeon.core.medication.gate.AwayClock.Noted;
import hodeon.core.medication.gate.AwayClock.Pack;
import hodeon.core.medication.gate.AwayClock.Regular;
import hodeon.core.medication.gate.DoseClock.Limit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Writes down for a device what the gate knows. */
final class AwayClocks {

    /** So long at most a device goes on by itself. */
    private static final Duration HOLDS = DoseClock.DAY;

    /** Far enough that every window the device looks at is filled: two days around what it asks about three days on. */
    private static final Duration BEFORE = DoseClock.DAY.multipliedBy(3);

    private static final Duration AFTER = DoseClock.DAY.multipliedBy(7);

    /** A note of more pieces of one thing is not counted on the device. */
    private static final int MOST_PIECES = 12;

    private final Formulary formulary;
    private final DoseGate gate;
    private final KnownDoses book;
    private final Patient patient;
    private final ZoneId zone;

    AwayClocks(Formulary formulary, DoseGate gate, KnownDoses book, Patient patient, ZoneId zone) {
        this.formulary = formulary;
        this.gate = gate;
        this.book = book;
        this.patient = patient;
        this.zone = zone;
    }

    /** @param byPiece those of them that a note of the log counts as a dose */
    AwayClock of(List<Product> products, List<Product> byPiece, List<GivenDose> noted, Instant now) {
        Set<Product> beside = new LinkedHashSet<>(products);
        patient.regular().stream().map(RegularIntake::product).forEach(beside::add);
        noted.stream().flatMap(d -> formulary.product(d.product()).stream()).forEach(beside::add);
        List<Asked> asked = asked(products, beside, now);
        return new AwayClock(
                now.toEpochMilli(),
                until(products, beside, asked, now).toEpochMilli(),
                noted.stream()
                        .filter(d -> !d.at().isBefore(now.minus(BEFORE)))
                        .map(d -> new Noted(
                                d.at().toEpochMilli(),
                                d.product(),
                                thousandths(d.units()),
                                held(d, formulary.product(d.product()))))
                        .toList(),
                patient.regular().stream().map(r -> regular(r, now)).toList(),
                asked,
                byPiece.stream().flatMap(p -> pack(p, now).stream()).toList());
    }

    /** The first midnight after which anything would be said differently; a day on at the latest. */
    private Instant until(List<Product> products, Set<Product> beside, List<Asked> asked, Instant now) {
        Instant last = now.plus(HOLDS);
        LocalDate tomorrow = now.atZone(zone).toLocalDate().plusDays(1);
        return Stream.iterate(tomorrow, d -> !d.atStartOfDay(zone).toInstant().isAfter(last), d -> d.plusDays(1))
                .map(d -> d.atStartOfDay(zone).toInstant())
                .filter(midnight -> !asked(products, beside, midnight).equals(asked))
                .findFirst()
                .orElse(last);
    }

    private List<Asked> asked(List<Product> products, Set<Product> beside, Instant at) {
        return products.stream()
                .flatMap(p -> gate.answer(p, at) instanceof Give give
                        ? Stream.of(asked(p, give, beside, at))
                        : Stream.empty())
                .toList();
    }

    private Asked asked(Product product, Give give, Set<Product> beside, Instant at) {
        Dosing dosing = give.dosing();
        Map<String, Limits> limits = new TreeMap<>();
        if (!product.form().onTheSpot()) {
            product.strengths().keySet().forEach(i -> limits.put(i, limits(i, product, beside, at)));
        }
        DoseClock itself = alone(at, List.of()).ofProduct(product);
        return new Asked(
                product.id(),
                give.asks(),
                amounts(product, dosing.mostEver(), dosing.least(), at),
                amounts(product, dosing.most(), dosing.least(), at),
                limits,
                most(itself.limit()),
                product.strengths().keySet().stream().sorted().toList());
    }

    private List<Amount> amounts(Product product, BigDecimal most, BigDecimal least, Instant at) {
        List<Amount> amounts = new ArrayList<>();
        for (BigDecimal units = most;
                units.compareTo(least) >= 0 && units.signum() > 0;
                units = units.subtract(product.step())) {
            amounts.add(amount(product, units, at));
        }
        return amounts;
    }

    private Limits limits(String ingredient, Product product, Set<Product> others, Instant at) {
        Most always = most(alone(at, List.of())
                .ofIngredient(ingredient, Optional.of(product))
                .limit());
        Map<String, Most> beside = new TreeMap<>();
        others.forEach(other -> {
            List<GivenDose> inUse = List.of(GivenDose.of(at, other, other.step()));
            Most most = most(alone(at, inUse)
                    .ofIngredient(ingredient, Optional.of(product))
                    .limit());
            if (!most.equals(always)) {
                beside.put(other.id(), most);
            }
        });
        return new Limits(always, beside);
    }

    private DoseClocks alone(Instant at, List<GivenDose> inUse) {
        return book.clocksOf(inUse, at);
    }

    private Map<String, Held> held(GivenDose dose, Optional<Product> product) {
        DoseClocks clocks = alone(dose.at(), List.of());
        Map<String, Held> held = new TreeMap<>();
        if (!dose.onTheSpot()) {
            dose.amounts()
                    .forEach((ingredient, amount) -> held.put(
                            ingredient,
                            new Held(
                                    amount.micrograms(),
                                    clocks.clear(ingredient, amount, product).toMillis())));
        }
        return held;
    }

    private Regular regular(RegularIntake intake, Instant now) {
        GivenDose one = GivenDose.of(now, intake.product(), intake.units());
        return new Regular(
                intake.product().id(),
                thousandths(intake.units()),
                held(one, Optional.of(intake.product())),
                RegularSchedule.due(intake, now.minus(BEFORE), now.plus(AFTER), zone).stream()
                        .map(Instant::toEpochMilli)
                        .toList());
    }

    private Optional<Pack> pack(Product product, Instant at) {
        return product.supply()
                .map(supply -> new Pack(
                        supply,
                        product.id(),
                        IntStream.rangeClosed(1, MOST_PIECES)
                                .mapToObj(
                                        n -> amount(product, product.perPiece().multiply(BigDecimal.valueOf(n)), at))
                                .toList()));
    }

    private Amount amount(Product product, BigDecimal units, Instant at) {
        return new Amount(
                thousandths(units), product.says(units), held(GivenDose.of(at, product, units), Optional.of(product)));
    }

    private static Most most(Limit limit) {
        return new Most(
                limit.inADay().map(AwayClocks::thousandths),
                limit.apart().toMillis(),
                limit.times().isPresent() ? Optional.of(limit.times().getAsInt()) : Optional.empty());
    }

    /** Micrograms of milligrams, or thousandths of units; rounded down, which a whole sum is over exactly if it is over the rest too. */
    private static long thousandths(BigDecimal amount) {
        return amount.movePointRight(3).setScale(0, RoundingMode.FLOOR).longValueExact();
    }
}
