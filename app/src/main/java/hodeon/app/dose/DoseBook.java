package hodeon.app.dose;

import hodeon.app.medicine.MedicineRules;
import hodeon.app.medicine.MedicineShelf;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.NotHere;
import hodeon.app.usage.UseLog;
import hodeon.core.medication.Formulary;
import hodeon.core.medication.Product;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps who had which dose when, and says what speaks against the next one. */
@Service
@Transactional
class DoseBook {

    /** Doses that can touch a window of 24 hours around any that may be noted. */
    private static final Duration LOOK_BACK = Duration.ofDays(10);

    private static final LocalDateTime LONG_AGO = LocalDateTime.of(1900, 1, 1, 0, 0);

    private final DoseRepository doses;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final Clock clock;
    private final JsonMapper json = JsonMapper.builder().build();

    DoseBook(DoseRepository doses, PeopleService people, MedicineShelf medicines, Clock clock) {
        this.doses = doses;
        this.people = people;
        this.medicines = medicines;
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
     * A dose to be noted.
     *
     * @param at when, on the clock on the wall there
     * @param over why it is given although something speaks against it; empty if nobody said so
     * @param logEntry the note in the log it comes from, if it does
     */
    record Given(String product, BigDecimal units, ZonedDateTime at, String by, String over, Optional<UUID> logEntry) {}

    /**
     * Notes a dose, or answers what speaks against it. With a reason it is noted all the same, and the reason with it. Two
     * who note at once for one person take turns.
     */
    List<String> note(UUID household, UUID person, Given given) {
        people.hold(household, person);
        DoseCase of = of(household, person);
        Product taken =
                of.formulary().product(given.product()).orElseThrow(() -> new NotHere("medicine " + given.product()));
        List<String> reasons = of.against(taken, given.units(), given.at().toInstant());
        if (!reasons.isEmpty() && given.over().isBlank()) {
            return reasons;
        }
        Map<String, Long> amounts = new HashMap<>();
        taken.counted(given.units()).forEach((counted, dose) -> amounts.put(counted, dose.micrograms()));
        DoseRow row = new DoseRow();
        row.householdId = household;
        row.personId = person;
        row.logEntry = given.logEntry().orElse(null);
        row.takenAt = LocalDateTime.ofInstant(given.at().toInstant(), ZoneOffset.UTC);
        row.dose = json.writeValueAsString(new Noted(
                taken.id(),
                taken.name(),
                given.units(),
                taken.form().says(given.units().stripTrailingZeros().toPlainString()),
                amounts,
                given.at().getZone(),
                given.by(),
                reasons.isEmpty() ? "" : given.over().strip() + " (although: " + String.join(" ", reasons) + ")",
                ""));
        doses.save(row);
        return List.of();
    }

    /** Strikes out what was noted by mistake; it stays to be read and no longer counts. */
    void strike(UUID household, UUID person, UUID dose, String by) {
        DoseRow row = doses.findByIdAndHouseholdIdAndPersonId(dose, household, person)
                .orElseThrow(() -> new NotHere("dose " + dose));
        strike(row, by);
    }

    /** A note that is no longer in the log was written by mistake, and so were its doses. */
    @EventListener
    void removed(UseLog.Removed gone) {
        doses.findByHouseholdIdAndLogEntry(gone.householdId(), gone.entryId())
                .forEach(row -> strike(row, "removing its note from the log"));
    }

    private void strike(DoseRow row, String by) {
        row.dose = json.writeValueAsString(json.readValue(row.dose, Noted.class).struckBy(by));
    }
}
