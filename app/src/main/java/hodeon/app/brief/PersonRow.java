package hodeon.app.brief;

import hodeon.app.brief.form.People;
import hodeon.app.storage.seal.Seal;
import hodeon.app.storage.seal.SealedText;
import hodeon.core.party.Age;
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
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

@Embeddable
class PersonRow {

    private static final int MONTHS_A_YEAR = 12;

    /** Who it is; null in rows of older files, where only the name says it. */
    @Nullable
    UUID personId;

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'TRIP_PERSON.NAME:' || {@}.trip_id || '/' || {@}.position || ' ' || {@}.name")
    String name = "";

    int alike = 1;
    int years;

    /** Beyond the full years. */
    int months;

    @Nullable
    LocalDate weighedOn;

    @Column(name = "body_mass_mg")
    long bodyMassMilligrams;

    @Enumerated(EnumType.STRING)
    Training training = Training.UNTRAINED;

    /** Names of constants with spaces between. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'TRIP_PERSON.ALLERGIES:' || {@}.trip_id || '/' || {@}.position || ' ' || {@}.allergies")
    String allergies = "";

    @Convert(converter = SealedText.class)
    @ColumnTransformer(
            read = "'TRIP_PERSON.CONDITIONS:' || {@}.trip_id || '/' || {@}.position || ' ' || {@}.conditions")
    String conditions = "";

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'TRIP_PERSON.RESCUE:' || {@}.trip_id || '/' || {@}.position || ' ' || {@}.rescue")
    String rescue = "";

    protected PersonRow() {}

    PersonRow(People people) {
        Person person = people.person();
        this.personId = person.id();
        this.name = person.name();
        this.alike = people.alike();
        this.years = person.years();
        this.months = person.age().months() % MONTHS_A_YEAR;
        this.weighedOn = person.weighedOn().orElse(null);
        this.bodyMassMilligrams = person.bodyMass().milligrams();
        this.training = person.training();
        this.allergies = ConstantWords.of(person.allergies());
        this.conditions = ConstantWords.of(person.conditions());
        this.rescue = ConstantWords.of(person.rescue());
    }

    People people() {
        boolean unknown = Stream.of(name, allergies, conditions, rescue).anyMatch(Seal.UNREADABLE::equals);
        Person person = new Person(
                id(),
                unknown ? (name.equals(Seal.UNREADABLE) ? "Somebody" : name) + " (" + Seal.UNREADABLE + ")" : name,
                Age.ofMonths(MONTHS_A_YEAR * years + months),
                new Mass(bodyMassMilligrams),
                Optional.ofNullable(weighedOn),
                training,
                ConstantWords.read(allergies, Allergy.class),
                ConstantWords.read(conditions, Condition.class),
                ConstantWords.read(rescue, RescueMedicine.class));
        return new People(person, alike);
    }

    UUID id() {
        return Objects.requireNonNullElseGet(personId, () -> Person.idOf(name));
    }

    boolean knownByNameOnly() {
        return id().equals(Person.idOf(name));
    }

    PersonRow nameless(String standIn) {
        PersonRow row = new PersonRow();
        row.name = standIn;
        row.alike = alike;
        row.years = years;
        row.months = months;
        row.weighedOn = weighedOn;
        row.bodyMassMilligrams = bodyMassMilligrams;
        return row;
    }
}
