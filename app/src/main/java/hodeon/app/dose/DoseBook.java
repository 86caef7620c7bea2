package hodeon.app.dose;

import hodeon.app.medicine.MedicineRules;
import hodeon.app.medicine.MedicineShelf;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.NotHere;
import hodeon.app.usage.Knowledge;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseClock;
import hodeon.core.medication.DoseClock.Limit;
import hodeon.core.medication.DoseClock.Taken;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Formulary;
import hodeon.core.medication.Ingredient;
import hodeon.core.medication.Limits;
import hodeon.core.medication.Patient;
import hodeon.core.medication.Product;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps who had which dose when, and says what speaks against the next one. */
@Service
@Transactional
public class DoseBook {

    /** Doses that can touch a window of 24 hours around any that may be noted. */
    private static final Duration LOOK_BACK = Duration.ofDays(10);

    private static final Duration DAY = Duration.ofHours(24);

    private static final LocalDateTime LONG_AGO = LocalDateTime.of(1900, 1, 1, 0, 0);

    private final DoseRepository doses;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final Knowledge knowledge;
    private final Clock clock;
    private final JsonMapper json = JsonMapper.builder().build();

    DoseBook(DoseRepository doses, PeopleService people, MedicineShelf medicines, Knowledge knowledge, Clock clock) {
        this.doses = doses;
        this.people = people;
        this.medicines = medicines;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** A dose that is kept. */
    record Kept(UUID id, Instant at, Noted noted) {

        boolean counts() {
            return noted.struck().isEmpty();
        }

        Taken taken() {
            return new Taken(
                    at,
                    noted.product(),
                    noted.amounts().entrySet().stream()
                            .collect(Collectors.toMap(Map.Entry::getKey, e -> new Dose(e.getValue()))));
        }
    }

    /** Somebody with everything a dose depends on. */
    record Case(
            PeopleService.Known known,
            Formulary formulary,
            MedicineRules rules,
            Patient patient,
            List<Kept> kept,
            Instant now,
            LocalDate today) {

        DoseAnswer answer(Product product) {
            return new DoseSheet(formulary, rules.tradition(), today)
                    .of(product, patient, known.profile().directed(), recently(product));
        }

        /** Doses of the last 24 hours, which may still act together with what comes next. */
        private Stream<Kept> recent() {
            return kept.stream().filter(k -> k.counts() && k.at().isAfter(now.minus(DAY)));
        }

        /** Other products' ingredients of the last 24 hours. */
        private Set<String> recently(Product product) {
            return recent().filter(k -> !k.noted().product().equals(product.id()))
                    .flatMap(k -> k.noted().amounts().keySet().stream())
                    .collect(Collectors.toSet());
        }

        List<Taken> taken() {
            return kept.stream().filter(Kept::counts).map(Kept::taken).toList();
        }

        /** The strictest of what holds for an ingredient, with the products that are in use and perhaps one more. */
        Optional<Limit> limit(String ingredient, Optional<Product> next) {
            Set<Product> inUse = new LinkedHashSet<>(next.stream().toList());
            recent().flatMap(k -> formulary.product(k.noted().product()).stream())
                    .forEach(inUse::add);
            return Limits.of(
                    formulary,
                    rules.tradition(),
                    today,
                    ingredient,
                    patient,
                    known.profile().directed(),
                    List.copyOf(inUse));
        }

        Optional<DoseClock> clock(String ingredient, Optional<Product> next) {
            return limit(ingredient, next).map(l -> new DoseClock(ingredient, l, taken()));
        }
    }

    @Transactional(readOnly = true)
    Case of(UUID household, UUID person) {
        return of(household, List.of(people.find(household, person))).getFirst();
    }

    /** Several at once, in their order. */
    @Transactional(readOnly = true)
    List<Case> of(UUID household, List<PeopleService.Known> several) {
        Formulary formulary = medicines.of(household);
        MedicineRules rules = medicines.rules(household);
        Instant now = clock.instant();
        LocalDate today = LocalDate.now(clock);
        Map<UUID, List<Kept>> kept = since(
                household,
                several.stream().map(PeopleService.Known::id).toList(),
                LocalDateTime.ofInstant(now.minus(LOOK_BACK), ZoneOffset.UTC));
        return several.stream()
                .map(known -> new Case(
                        known,
                        formulary,
                        rules,
                        known.profile().patient(today, known.profile().taking(formulary)),
                        kept.getOrDefault(known.id(), List.of()),
                        now,
                        today))
                .toList();
    }

    private Map<UUID, List<Kept>> since(UUID household, List<UUID> people, LocalDateTime after) {
        return doses.findByHouseholdIdAndPersonIdInAndTakenAtAfterOrderByTakenAt(household, people, after).stream()
                .collect(Collectors.groupingBy(
                        row -> row.personId, Collectors.mapping(this::kept, Collectors.toList())));
    }

    /** Every dose that was ever noted for somebody. */
    @Transactional(readOnly = true)
    List<Kept> ever(UUID household, UUID person) {
        return since(household, List.of(person), LONG_AGO).getOrDefault(person, List.of());
    }

    private Kept kept(DoseRow row) {
        return new Kept(row.id, row.takenAt.toInstant(ZoneOffset.UTC), json.readValue(row.dose, Noted.class));
    }

    /** What speaks against a dose, each a sentence; empty if nothing known does. */
    static List<String> against(Case of, Product product, BigDecimal units, Instant at) {
        List<String> reasons = new ArrayList<>();
        switch (of.answer(product)) {
            case DoseAnswer.Refused refused -> reasons.add(refused.reason());
            case DoseAnswer.Give give -> {
                if (units.compareTo(give.most()) > 0) {
                    reasons.add("More than " + give.amount() + " at once.");
                }
            }
        }
        product.counted(units).forEach((counted, dose) -> of.clock(counted, Optional.of(product))
                .flatMap(c -> c.breach(dose, at))
                .ifPresent(why -> reasons.add(name(of.formulary(), counted) + ": " + why)));
        return reasons;
    }

    /** The ingredient's name, or of what works on the spot the product's. */
    static String name(Formulary formulary, String counted) {
        return formulary
                .ingredient(counted)
                .map(Ingredient::name)
                .or(() -> onTheSpot(formulary, counted).map(Product::name))
                .orElse(counted);
    }

    static Optional<Product> onTheSpot(Formulary formulary, String counted) {
        return formulary.products().stream()
                .filter(p -> p.form().onTheSpot() && p.counts(counted))
                .findFirst();
    }

    /**
     * Notes a dose, or answers what speaks against it. With a reason in {@code over} it is noted all the same, and the
     * reason with it. Two who note at once for one person take turns.
     */
    List<String> note(
            UUID household,
            UUID person,
            String product,
            BigDecimal units,
            Instant at,
            ZoneId zone,
            String by,
            String over) {
        people.hold(household, person);
        Case of = of(household, person);
        Product taken = of.formulary().product(product).orElseThrow(() -> new NotHere("medicine " + product));
        List<String> reasons = against(of, taken, units, at);
        if (!reasons.isEmpty() && over.isBlank()) {
            return reasons;
        }
        Map<String, Long> amounts = new HashMap<>();
        taken.counted(units).forEach((counted, dose) -> amounts.put(counted, dose.micrograms()));
        DoseRow row = new DoseRow();
        row.householdId = household;
        row.personId = person;
        row.takenAt = LocalDateTime.ofInstant(at, ZoneOffset.UTC);
        row.dose = json.writeValueAsString(new Noted(
                product,
                taken.name(),
                units,
                taken.form().says(units.stripTrailingZeros().toPlainString()),
                amounts,
                zone,
                by,
                reasons.isEmpty() ? "" : over.strip() + " (although: " + String.join(" ", reasons) + ")",
                ""));
        doses.save(row);
        return List.of();
    }

    /**
     * What came of a note that somebody was given something.
     *
     * @param counted each a sentence
     * @param against what speaks against it, each a sentence; then nothing of it may be kept
     */
    public record Logged(List<String> counted, List<String> against) {}

    /**
     * Notes what a log says somebody was given, as far as a piece is a dose that somebody swallows; whoever is not written
     * down has no clock.
     *
     * @param pieces by supply id
     * @param over why it was given although something speaks against it, empty if nobody said so
     */
    public Logged logged(
            UUID household, String who, Map<String, Integer> pieces, ZonedDateTime at, String by, String over) {
        List<String> counted = new ArrayList<>();
        List<String> against = new ArrayList<>();
        Optional<PeopleService.Known> person = people.named(household, who);
        Formulary formulary = medicines.of(household);
        Catalogue catalogue = knowledge.of(household).catalogue();
        pieces.forEach((supply, number) -> formulary
                .inSupply(supply)
                .filter(p -> !p.form().onTheSpot()
                        && catalogue
                                .supply(supply)
                                .filter(s -> s.usesPerPiece() == 1)
                                .isPresent())
                .ifPresent(product -> {
                    BigDecimal units = product.perPiece().multiply(BigDecimal.valueOf(number));
                    String says =
                            product.form().says(units.stripTrailingZeros().toPlainString()) + " of " + product.name();
                    if (person.isEmpty()) {
                        counted.add(says + " is on nobody's dose clock: " + who
                                + " is not written down among your people.");
                        return;
                    }
                    List<String> reasons = note(
                            household, person.get().id(), product.id(), units, at.toInstant(), at.getZone(), by, over);
                    if (reasons.isEmpty()) {
                        counted.add(says + " is on the dose clock of " + who + ".");
                    }
                    against.addAll(reasons);
                }));
        return new Logged(counted, against);
    }

    /** Strikes out what was noted by mistake; it stays to be read and no longer counts. */
    void strike(UUID household, UUID person, UUID dose, String by) {
        DoseRow row = doses.findByIdAndHouseholdIdAndPersonId(dose, household, person)
                .orElseThrow(() -> new NotHere("dose " + dose));
        row.dose = json.writeValueAsString(json.readValue(row.dose, Noted.class).struckBy(by));
    }

    /** What was taken in the last day, and what a product counts as if one is looked at. */
    static List<String> counted(Case of, Instant now, Optional<Product> product) {
        return Stream.concat(
                        of.kept().stream()
                                .filter(k -> k.counts() && k.at().isAfter(now.minus(DAY)))
                                .flatMap(k ->
                                        k.noted().amounts().keySet().stream().sorted()),
                        product.stream().flatMap(p -> p.counted(BigDecimal.ONE).keySet().stream()
                                .sorted()))
                .distinct()
                .toList();
    }
}
