package hodeon.app.people;

import hodeon.app.formulary.MedicineShelf;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The party of a trip as people who may need medicine: what the trip says of them, and what is written down under their name. */
@Component
public class PartyPatients {

    private final PeopleService people;
    private final MedicineShelf medicines;
    private final Clock clock;

    PartyPatients(PeopleService people, MedicineShelf medicines, Clock clock) {
        this.people = people;
        this.medicines = medicines;
        this.clock = clock;
    }

    /** Somebody who goes along; {@code profile} is empty while nobody of that name is written down. */
    public record Going(String name, Optional<UUID> id, Optional<Profile> profile, Patient patient) {}

    public List<Going> of(UUID household, List<Person> party) {
        LocalDate today = LocalDate.now(clock);
        Formulary formulary = medicines.of(household);
        Map<String, PeopleService.Known> byName = people.all(household).stream()
                .collect(Collectors.toMap(k -> k.profile().name().toLowerCase(Locale.ROOT), Function.identity()));
        return party.stream()
                .map(p -> {
                    Optional<PeopleService.Known> known =
                            Optional.ofNullable(byName.get(p.name().toLowerCase(Locale.ROOT)));
                    return new Going(
                            p.name(),
                            known.map(PeopleService.Known::id),
                            known.map(PeopleService.Known::profile),
                            known.map(k -> together(k.profile().patient(today, formulary), p))
                                    .orElseGet(() -> Patient.of(p, today)));
                })
                .toList();
    }

    /** What either says matters, matters. */
    private static Patient together(Patient written, Person person) {
        Set<Allergy> allergies = new HashSet<>(written.allergies());
        allergies.addAll(person.allergies());
        Set<Condition> conditions = new HashSet<>(written.conditions());
        conditions.addAll(person.conditions());
        return written.reactingTo(allergies, written.reactsTo()).having(conditions);
    }
}
