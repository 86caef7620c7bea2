package hodeon.app.trip;

import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

@Embeddable
class PersonRow {

    String name = "";
    int alike = 1;
    int years;

    @Column(name = "body_mass_mg")
    long bodyMassMilligrams;

    @Enumerated(EnumType.STRING)
    Training training = Training.UNTRAINED;

    /** Names of constants with spaces between. */
    String allergies = "";

    String conditions = "";
    String rescue = "";

    protected PersonRow() {}

    PersonRow(People people) {
        Person person = people.person();
        this.name = person.name();
        this.alike = people.alike();
        this.years = person.years();
        this.bodyMassMilligrams = person.bodyMass().milligrams();
        this.training = person.training();
        this.allergies = words(person.allergies());
        this.conditions = words(person.conditions());
        this.rescue = words(person.rescue());
    }

    People people() {
        Person person = new Person(
                name,
                years,
                new Mass(bodyMassMilligrams),
                training,
                constants(allergies, Allergy.class),
                constants(conditions, Condition.class),
                constants(rescue, RescueMedicine.class));
        return new People(person, alike);
    }

    private static String words(Set<? extends Enum<?>> constants) {
        return constants.stream().map(Enum::name).sorted().collect(Collectors.joining(" "));
    }

    private static <E extends Enum<E>> Set<E> constants(String words, Class<E> type) {
        Set<E> constants = EnumSet.noneOf(type);
        Arrays.stream(words.split(" ")).filter(w -> !w.isEmpty()).forEach(w -> constants.add(Enum.valueOf(type, w)));
        return constants;
    }
}
