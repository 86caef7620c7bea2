package hodeon.app.dose;

import hodeon.app.medicine.MedicineRules;
import hodeon.app.medicine.MedicineShelf;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.NotHere;
import hodeon.app.usage.Knowledge;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.medication.Formulary;
import hodeon.core.medication.Product;
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
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps who had which dose when, and says what speaks against the next one. */
@Service
@Transactional
public class DoseBook {

    /** Doses that can touch a window of 24 hours around any that may be noted. */
    private static final Duration LOOK_BACK = Duration.ofDays(10);

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

    @Transactional(readOnly = true)
    DoseCase of(UUID household, UUID person) {
        return of(household, List.of(people.find(household, person))).getFirst();
    }

    /** Several at once, in their order. */
    @Transactional(readOnly = true)
    List<DoseCase> of(UUID household, List<PeopleService.Known> several) {
        Formulary formulary = medicines.of(household);
        MedicineRules rules = medicines.rules(household);
        Instant now = clock.instant();
        LocalDate today = LocalDate.now(clock);
        Map<UUID, List<Kept>> kept = since(
                household,
                several.stream().map(PeopleService.Known::id).toList(),
                LocalDateTime.ofInstant(now.minus(LOOK_BACK), ZoneOffset.UTC));
        return several.stream()
                .map(known -> new DoseCase(
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
        DoseCase of = of(household, person);
        Product taken = of.formulary().product(product).orElseThrow(() -> new NotHere("medicine " + product));
        List<String> reasons = of.against(taken, units, at);
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
}
