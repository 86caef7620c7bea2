package hodeon.app.dose;

import hodeon.app.formulary.MedicineShelf;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.medication.gate.DoseGate;
import hodeon.core.medication.gate.DoseVerdict;
import hodeon.core.medication.gate.GivenDose;
import hodeon.core.medication.gate.Moments;
import hodeon.core.medication.gate.Objection;
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
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Keeps who had which dose when, and says what speaks against the next one. */
@Service
@Transactional
public class DoseBook implements RestoredRoom {

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

    /** @param zone where the person's clock on the wall is */
    @Transactional(readOnly = true)
    public DoseCase of(UUID household, UUID person, ZoneId zone) {
        return of(household, List.of(people.find(household, person)), zone).getFirst();
    }

    /** Several at once, in their order, as it is now. */
    @Transactional(readOnly = true)
    List<DoseCase> of(UUID household, List<PeopleService.Known> several, ZoneId zone) {
        return of(household, several, zone, clock.instant());
    }

    /** With everything noted that matters for a dose at a moment, be it long past. */
    private List<DoseCase> of(UUID household, List<PeopleService.Known> several, ZoneId zone, Instant at) {
        Formulary formulary = medicines.of(household);
        Tradition tradition = medicines.rules(household).tradition();
        Instant now = clock.instant();
        LocalDate today = now.atZone(zone).toLocalDate();
        Map<UUID, List<KeptDose>> kept = since(
                household,
                several.stream().map(PeopleService.Known::id).toList(),
                LocalDateTime.ofInstant(at.minus(Duration.ofDays(DoseGate.daysToKnow(formulary))), ZoneOffset.UTC));
        return several.stream()
                .map(known -> {
                    Patient patient = known.profile().patient(today, formulary);
                    List<KeptDose> theirs = kept.getOrDefault(known.id(), List.of());
                    List<GivenDose> given = theirs.stream()
                            .filter(KeptDose::counts)
                            .map(KeptDose::given)
                            .toList();
                    return new DoseCase(
                            known,
                            formulary,
                            patient,
                            theirs,
                            new DoseGate(formulary, tradition, patient, given, zone),
                            now);
                })
                .toList();
    }

    private Map<UUID, List<KeptDose>> since(UUID household, List<UUID> people, LocalDateTime after) {
        return doses.findByHouseholdIdAndPersonIdInAndTakenAtAfterOrderByTakenAt(household, people, after).stream()
                .collect(Collectors.groupingBy(
                        row -> row.personId, Collectors.mapping(this::kept, Collectors.toList())));
    }

    /** Every dose that was ever noted for somebody. */
    @Transactional(readOnly = true)
    List<KeptDose> ever(UUID household, UUID person) {
        return since(household, List.of(person), LONG_AGO).getOrDefault(person, List.of());
    }

    private KeptDose kept(DoseRow row) {
        Instant at = row.takenAt.toInstant(ZoneOffset.UTC);
        try {
            return new KeptDose(row.id, at, json.readValue(row.dose, NotedDose.class));
        } catch (JacksonException unreadable) {
            return new KeptDose(row.id, at, NotedDose.UNREADABLE);
        }
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
     * Notes a dose, or answers what speaks against it. With a reason it is noted all the same, and the reason with it, unless
     * nothing opens the gate. Two who note at once for one person take turns.
     */
    DoseVerdict note(UUID household, UUID person, Given given) {
        people.hold(household, person);
        Instant at = given.at().toInstant();
        DoseCase of = of(
                        household,
                        List.of(people.find(household, person)),
                        given.at().getZone(),
                        at)
                .getFirst();
        Product product =
                of.formulary().product(given.product()).orElseThrow(() -> new NotHere("medicine " + given.product()));
        DoseVerdict verdict = withUnreadable(of, of.gate().judge(product, given.units(), at, of.now()));
        return switch (verdict) {
            case DoseVerdict.Allowed allowed -> {
                write(household, person, product, given, "");
                yield allowed;
            }
            case DoseVerdict.Stopped stopped
            when !given.over().isBlank() -> {
                String reasons = String.join(" ", new ObjectionWords(given.at().getZone()).say(stopped.objections()));
                write(
                        household,
                        person,
                        product,
                        given,
                        Wording.says("doseBook.although", given.over().strip(), reasons));
                yield new DoseVerdict.Allowed(List.of());
            }
            case DoseVerdict.Stopped stopped -> stopped;
            case DoseVerdict.Refused refused -> refused;
        };
    }

    /** What cannot be read may have been anything: it takes a reason to go on beside it. */
    private static DoseVerdict withUnreadable(DoseCase of, DoseVerdict verdict) {
        List<Objection> unknown = of.kept().stream()
                .filter(k -> k.noted().unreadable())
                .<Objection>map(k -> new Objection.Unreadable(k.at()))
                .toList();
        if (unknown.isEmpty()) {
            return verdict;
        }
        return switch (verdict) {
            case DoseVerdict.Allowed allowed -> new DoseVerdict.Stopped(unknown);
            case DoseVerdict.Stopped stopped ->
                new DoseVerdict.Stopped(Stream.concat(stopped.objections().stream(), unknown.stream())
                        .toList());
            case DoseVerdict.Refused refused -> refused;
        };
    }

    /** Something speaks against one of several doses that come together; none of them is kept. */
    static final class NotAll extends RuntimeException {

        private static final long serialVersionUID = 1;

        private final transient List<String> against;

        private NotAll(List<String> against) {
            super(String.join(" ", against));
            this.against = against;
        }

        List<String> against() {
            return against;
        }
    }

    /** Notes several of one person, each judged with those before it, all or none; throws {@link NotAll}. */
    void noteAll(UUID household, UUID person, List<Given> several) {
        List<String> against = new ArrayList<>();
        for (Given given : several) {
            String when = Moments.dated(given.at().toInstant(), given.at().getZone());
            ObjectionWords words = new ObjectionWords(given.at().getZone());
            switch (note(household, person, given)) {
                case DoseVerdict.Allowed allowed -> {}
                case DoseVerdict.Stopped stopped ->
                    stopped.objections().forEach(o -> against.add(when + ": " + words.say(o)));
                case DoseVerdict.Refused refused -> against.add(when + ": " + words.say(refused.objection()));
            }
        }
        if (!against.isEmpty()) {
            throw new NotAll(against);
        }
    }

    private void write(UUID household, UUID person, Product product, Given given, String over) {
        Map<String, Long> amounts = new HashMap<>();
        product.holds(given.units()).forEach((ingredient, dose) -> amounts.put(ingredient, dose.micrograms()));
        DoseRow row = new DoseRow();
        row.householdId = household;
        row.personId = person;
        row.logEntry = given.logEntry().orElse(null);
        row.takenAt = LocalDateTime.ofInstant(given.at().toInstant(), ZoneOffset.UTC);
        row.dose = json.writeValueAsString(new NotedDose(
                product.id(),
                product.name(),
                given.units(),
                product.says(given.units()),
                amounts,
                product.form().onTheSpot(),
                given.at().getZone(),
                given.by(),
                over,
                ""));
        doses.save(row);
    }

    /** Strikes out what was noted by mistake; it stays to be read and no longer counts. */
    void strike(UUID household, UUID person, UUID dose, String by) {
        DoseRow row = doses.findByIdAndHouseholdIdAndPersonId(dose, household, person)
                .orElseThrow(() -> new NotHere("dose " + dose));
        strike(row, by);
    }

    /** A note that is no longer in the log was written by mistake, and so were its doses. */
    void removed(UUID household, UUID logEntry) {
        doses.findByHouseholdIdAndLogEntry(household, logEntry)
                .forEach(row -> strike(row, Wording.says("doseBook.removingItsNoteFromTheLog")));
    }

    private void strike(DoseRow row, String by) {
        if (kept(row).noted().unreadable()) {
            doses.delete(row);
            return;
        }
        row.dose = json.writeValueAsString(
                json.readValue(row.dose, NotedDose.class).struckBy(by));
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll(UUID household) {
        for (PeopleService.Known known : people.all(household)) {
            ever(household, known.id()).forEach(k -> {
                if (k.noted().unreadable()) {
                    throw new IllegalArgumentException("dose_taken " + k.id() + ": the dose cannot be read");
                }
                if (k.counts()) {
                    k.given();
                }
            });
        }
    }
}
