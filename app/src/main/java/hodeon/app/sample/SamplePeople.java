package hodeon.app.sample;

import hodeon.app.people.PeopleService;
import hodeon.app.people.Profile;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The Tidewrack Paddlers themselves, and a dog. All made up. */
@Component
class SamplePeople {

    private static final Map<RescueMedicine, String> WHERE = Map.of(
            RescueMedicine.AUTO_INJECTOR, "left pocket of the life vest",
            RescueMedicine.RELIEVER_INHALER, "deck bag of Lumi's boat");

    private final PeopleService people;

    SamplePeople(PeopleService people) {
        this.people = people;
    }

    void writeDown(UUID household, LocalDate today) {
        for (Person person : SampleTrips.PADDLERS) {
            people.add(household, profile(person, today));
        }
        people.add(
                household,
                new Profile(
                        true,
                        "Kelp",
                        today.minusYears(5),
                        0,
                        null,
                        null,
                        new BigDecimal("14.5"),
                        today.minusMonths(2),
                        Training.UNTRAINED,
                        Set.of(),
                        Set.of(),
                        Set.of(),
                        Map.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        "Bites when a paw is touched: muzzle first."));
    }

    private static Profile profile(Person person, LocalDate today) {
        Map<RescueMedicine, String> rescue = new HashMap<>();
        person.rescue().forEach(r -> rescue.put(r, WHERE.getOrDefault(r, "")));
        boolean child = person.years() < 18;
        return new Profile(
                false,
                person.name(),
                today.minusYears(person.years()).minusMonths(4),
                0,
                null,
                null,
                new BigDecimal(person.bodyMass()
                        .exactGrams()
                        .movePointLeft(3)
                        .stripTrailingZeros()
                        .toPlainString()),
                // One of the children was weighed too long ago.
                today.minusMonths(person.name().startsWith("Beck") ? 8 : 1),
                person.training(),
                person.allergies(),
                Set.of(),
                person.conditions(),
                rescue,
                person.name().startsWith("Jonas")
                        ? List.of(new Profile.Regular(
                                "apixaban-5",
                                BigDecimal.ONE,
                                List.of(LocalTime.of(8, 0), LocalTime.of(20, 0)),
                                "with water"))
                        : List.of(),
                List.of(),
                child
                        ? List.of(new Profile.Contact("Lumi Halla", "mother, along on the outing", "0000 555 0141"))
                        : List.of(new Profile.Contact("The harbour office", "knows the float plan", "0000 555 0102")),
                "");
    }
}
