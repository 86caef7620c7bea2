package hodeon.app.people;

import hodeon.app.formulary.MedicineShelf;
import hodeon.core.medication.Patient;
import hodeon.core.medication.Patient.Weighed;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
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

    /** Somebody who goes along; {@code profile} is empty while they are not written down. */
    public record Going(String name, UUID id, Optional<Profile> profile, Patient patient) {}

    public List<Going> of(UUID household, List<Person> party) {
        LocalDate today = LocalDate.now(clock);
        Formulary formulary = medicines.of(household);
        List<PeopleService.Known> all = people.all(household);
        return party.stream()
                .map(p -> {
                    Optional<PeopleService.Known> known = known(all, p);
                    return new Going(
                            p.name(),
                            p.id(),
                            known.map(PeopleService.Known::profile),
                            known.map(k -> together(k.profile().patient(today, formulary), p))
                                    .orElseGet(() -> Patient.of(p, today)));
                })
                .toList();
    }

    /** Somebody who is written down, by themselves. */
    public Going of(UUID household, PeopleService.Known known) {
        return new Going(
                known.profile().name(),
                known.id(),
                Optional.of(known.profile()),
                known.profile().patient(LocalDate.now(clock), medicines.of(household)));
    }

    private static Optional<PeopleService.Known> known(List<PeopleService.Known> all, Person person) {
        return all.stream()
                .filter(k -> k.id().equals(person.id())
                        || person.knownByNameOnly() && k.profile().name().equalsIgnoreCase(person.name()))
                .findFirst();
    }

    /** What either says matters, matters; of two masses the one that was taken later. */
    private static Patient together(Patient written, Person person) {
        Set<Allergy> allergies = new HashSet<>(written.allergies());
        allergies.addAll(person.allergies());
        Set<Condition> conditions = new HashSet<>(written.conditions());
        conditions.addAll(person.conditions());
        Weighed onTrip = new Weighed(person.bodyMass().exactGrams().movePointLeft(3), person.weighedOn());
        Patient weighed = written.weighed().map(w -> onTrip.laterThan(w)).orElse(!written.dog())
                ? written.weighing(onTrip)
                : written;
        return weighed.reactingTo(allergies, written.reactsTo()).having(conditions);
    }
}
