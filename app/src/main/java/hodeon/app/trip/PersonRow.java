package hodeon.app.trip;

import hodeon.app.storage.SealedText;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

@Embeddable
class PersonRow {

    @Convert(converter = SealedText.class)
    String name = "";

    int alike = 1;
    int years;

    @Column(name = "body_mass_mg")
    long bodyMassMilligrams;

    @Enumerated(EnumType.STRING)
    Training training = Training.UNTRAINED;

    /** Names of constants with spaces between. */
    @Convert(converter = SealedText.class)
    String allergies = "";

    @Convert(converter = SealedText.class)
    String conditions = "";

    @Convert(converter = SealedText.class)
    String rescue = "";

    protected PersonRow() {}

    PersonRow(People people) {
        Person person = people.person();
        this.name = person.name();
        this.alike = people.alike();
        this.years = person.years();
        this.bodyMassMilligrams = person.bodyMass().milligrams();
        this.training = person.training();
        this.allergies = ConstantWords.of(person.allergies());
        this.conditions = ConstantWords.of(person.conditions());
        this.rescue = ConstantWords.of(person.rescue());
    }

    People people() {
        Person person = new Person(
                name,
                years,
                new Mass(bodyMassMilligrams),
                training,
                ConstantWords.read(allergies, Allergy.class),
                ConstantWords.read(conditions, Condition.class),
                ConstantWords.read(rescue, RescueMedicine.class));
        return new People(person, alike);
    }

    PersonRow nameless(String standIn) {
        PersonRow row = new PersonRow();
        row.name = standIn;
        row.alike = alike;
        row.years = years;
        row.bodyMassMilligrams = bodyMassMilligrams;
        return row;
    }
}
