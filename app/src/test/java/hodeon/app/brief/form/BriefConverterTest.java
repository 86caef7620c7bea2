package hodeon.app.brief.form;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.brief.Carriage;
import hodeon.core.brief.Means;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Surroundings;
import hodeon.core.brief.Thrift;
import hodeon.core.brief.Trip;
import hodeon.core.notice.Fault;
import hodeon.core.party.Person;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class BriefConverterTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 5, 2);

    static BriefForm good() {
        BriefForm form = new BriefForm();
        form.setName("Skerry ring");
        form.setStart("2027-06-12");
        form.setEnd("2027-06-17");
        form.setHoursToCare("9");
        form.setMassLimit("2300");
        LegForm leg = new LegForm();
        leg.setActivity("PADDLING");
        leg.setEnvironment("COAST");
        leg.setDays("5.5");
        form.getLegs().add(leg);
        PersonForm person = new PersonForm();
        person.setName("Noor Castellan");
        person.setYears("29");
        person.setKilograms("58.5");
        person.setAllergies(Set.of("LATEX"));
        form.getPeople().add(person);
        return form;
    }

    private static List<Fault> faults(BriefForm form) {
        BriefConverter converter = new BriefConverter(form, TODAY);
        assertThat(converter.convert().isEmpty()).isEqualTo(!converter.faults().isEmpty());
        return converter.faults();
    }

    @Test
    void aGoodBriefBecomesATrip() {
        BriefForm form = good();
        form.getPeople().getFirst().setAlike("3");
        Trip trip = new BriefConverter(form, TODAY).convert().orElseThrow().trip();
        assertThat(trip.days()).isEqualTo(6);
        assertThat(trip.party().people())
                .extracting("name")
                .containsExactly("Noor Castellan 1", "Noor Castellan 2", "Noor Castellan 3");
        assertThat(trip.limits().mass().grams()).isEqualTo(2300);
    }

    @Test
    void aLimitIsACeilingThatNobodyHasToSet() {
        BriefForm form = good();
        form.setMassLimit("");
        Trip trip = new BriefConverter(form, TODAY).convert().orElseThrow().trip();
        assertThat(trip.limits().massIsLimited()).isFalse();
        assertThat(trip.means()).isEqualTo(Means.UNSAID);
    }

    /** As people write them; one leg alone has no days to get wrong. */
    @Test
    void massesMayCarryTheirUnitAndOneLegFollowsTheDates() {
        for (String days : new String[] {"", "4", "6"}) {
            BriefForm form = good();
            form.setMassLimit("2.3 kg");
            form.getPeople().getFirst().setKilograms("48 kg");
            form.getLegs().getFirst().setDays(days);
            Trip trip = new BriefConverter(form, TODAY).convert().orElseThrow().trip();
            assertThat(trip.limits().mass().grams()).isEqualTo(2300);
            assertThat(trip.party().people().getFirst().bodyMass().grams()).isEqualTo(48_000);
            assertThat(trip.legs()).extracting(l -> l.days()).containsExactly(6.0);
        }
    }

    @Test
    void whatIsAtHandFollowsFromThePlaceUnlessItIsSaid() {
        BriefForm form = good();
        form.setReach(Set.of("TAP"));
        assertThat(new BriefConverter(form, TODAY)
                        .convert()
                        .orElseThrow()
                        .trip()
                        .means()
                        .reach())
                .isEmpty();
        form.setReachSaid("yes");
        form.setCarriage("IN_VEHICLE");
        form.setThrift("LIGHT");
        form.setComfort("yes");
        Trip trip = new BriefConverter(form, TODAY).convert().orElseThrow().trip();
        assertThat(trip.means())
                .isEqualTo(new Means(
                        Optional.of(Carriage.IN_VEHICLE), Optional.of(Set.of(Reach.TAP)), Thrift.LIGHT, true));
        assertThat(Surroundings.of(trip)).isEqualTo(new Surroundings(Set.of(Reach.TAP), Carriage.IN_VEHICLE));
    }

    /** Below two years a dose hangs on months, and a child's mass on when it was taken. */
    @Test
    void agesInMonthsAndTheDayOfTheMassAreKept() {
        BriefForm form = good();
        form.getPeople().getFirst().setYears("16 m");
        form.getPeople().getFirst().setKilograms("10.4");
        Person person = new BriefConverter(form, TODAY)
                .convert()
                .orElseThrow()
                .trip()
                .party()
                .people()
                .getFirst();
        assertThat(person.age().months()).isEqualTo(16);
        assertThat(person.weighedOn()).contains(TODAY);
        form.getPeople().getFirst().setWeighedOn("2026-10-01");
        assertThat(BriefForms.weighAgain(form, TODAY)).containsExactly(0);
        form.getPeople().getFirst().setWeighedOn("2027-01-01");
        assertThat(BriefForms.weighAgain(form, TODAY)).isEmpty();
        form.getPeople().getFirst().setYears("29");
        form.getPeople().getFirst().setWeighedOn("2019-01-01");
        assertThat(BriefForms.weighAgain(form, TODAY)).isEmpty();
    }

    static Stream<Arguments> bad() {
        return Stream.of(
                bad(
                        "name",
                        f -> f.setName("  "),
                        "An outing's name has 1 to 80 characters; nothing was given. Give one."),
                bad("name", f -> f.setName("x".repeat(100_000)), "(100000 characters)” was given. Shorten it."),
                bad(
                        "start",
                        f -> f.setStart("2027-02-30"),
                        "The first day is a date of the calendar, year-month-day; “2027-02-30” was given. Write it like 2027-06-12."),
                bad("end", f -> f.setEnd("2027-06-11"), "The last day lies before the first day, 2027-06-12"),
                bad("end", f -> f.setEnd("2027-12-31"), "That makes 203 days; an outing has at most 60"),
                bad(
                        "hoursToCare",
                        f -> f.setHoursToCare("-3"),
                        "Hours to care is a whole number from 0 to 240; “-3” was given. Correct it."),
                bad(
                        "massLimit",
                        f -> f.setMassLimit("two kilos"),
                        "The mass limit is a number from 10 to 50000 g; “two kilos” was given. Write digits only, without the unit."),
                bad("carriage", f -> f.setCarriage("BY_BALLOON"), "“BY_BALLOON” was given"),
                bad("thrift", f -> f.setThrift("MEAN"), "“MEAN” was given"),
                bad("massLimit", f -> f.setMassLimit("-100"), "50000 g; “-100” was given"),
                bad("stance", f -> f.setStance("HEROIC"), "is one of the choices on the list; “"),
                bad(
                        "legs[0].days",
                        f -> f.getLegs().getFirst().setDays("-2"),
                        "The number of days of leg 1 is a number from 0.5 to 60 days; “-2” was given"),
                bad("legs[0].days", f -> f.getLegs().getFirst().setDays("0.7"), "Legs are counted in half days"),
                bad(
                        "legs[1].days",
                        f -> {
                            f.getLegs().getFirst().setDays("4");
                            LegForm second = new LegForm();
                            second.setDays("1");
                            f.getLegs().add(second);
                        },
                        "The legs add up to 5 days, the dates make 6"),
                bad("legs", f -> f.getLegs().clear(), "An outing has 1 to 20 legs; “0 legs” was given. Add a leg."),
                bad(
                        "people",
                        f -> f.getPeople().clear(),
                        "A party has 1 to 60 people; “0 people” was given. Add a person."),
                bad(
                        "people[0].alike",
                        f -> f.getPeople().getFirst().setAlike("10000"),
                        "The number alike of person 1 is a whole number from 1 to 60; “10000” was given"),
                bad("people[0].alike", f -> f.getPeople().getFirst().setAlike("0"), "; “0” was given"),
                bad(
                        "people[0].years",
                        f -> f.getPeople().getFirst().setYears("old"),
                        "The age of person 1 is in years from 0 to 110, or in months like “18 m”; “old” was given. Write 9, or 18 m."),
                bad(
                        "people[0].weighedOn",
                        f -> f.getPeople().getFirst().setWeighedOn("2027-05-03"),
                        "The day of the mass of person 1 lies in the past; “2027-05-03” was given. Correct it, or leave it empty."),
                bad(
                        "people[0].weighedOn",
                        f -> f.getPeople().getFirst().setWeighedOn("last week"),
                        "The day of the mass of person 1 is a date of the calendar, year-month-day; “last week” was given"),
                bad(
                        "people[0].kilograms",
                        f -> f.getPeople().getFirst().setKilograms("0.2"),
                        "The body mass of person 1 is from 1 to 300 kg"),
                bad(
                        "people[0].allergies",
                        f -> f.getPeople().getFirst().setAllergies(Set.of("WORK")),
                        "is one of the choices on the list; “"));
    }

    private static Arguments bad(String field, Consumer<BriefForm> spoil, String says) {
        return Arguments.of(field, spoil, says);
    }

    @ParameterizedTest(name = "{0}: {2}")
    @MethodSource("bad")
    void everyFaultNamesFieldValueLimitAndRemedy(String field, Consumer<BriefForm> spoil, String says) {
        BriefForm form = good();
        spoil.accept(form);
        assertThat(faults(form)).singleElement().satisfies(fault -> {
            assertThat(fault.field()).isEqualTo(field);
            assertThat(fault.sentence()).contains(says);
        });
    }

    @Test
    void allFaultsAreToldAtOnce() {
        BriefForm form = good();
        form.setName("");
        form.setHoursToCare("soon");
        form.getPeople().getFirst().setYears("-1");
        assertThat(faults(form)).extracting(Fault::field).containsExactly("name", "hoursToCare", "people[0].years");
    }

    @Test
    void rowsTogetherMayNotExceedTheParty() {
        BriefForm form = good();
        form.getPeople().getFirst().setAlike("40");
        PersonForm more = new PersonForm();
        more.setName("Guest");
        more.setAlike("21");
        more.setYears("30");
        more.setKilograms("70");
        form.getPeople().add(more);
        assertThat(faults(form))
                .extracting(Fault::sentence)
                .containsExactly(
                        "A party has at most 60 people; “61 people” was given. Split the party into several outings.");
    }

    @Test
    void aFormFilledFromATripGivesTheSameTripAgain() {
        Brief brief = new BriefConverter(good(), TODAY).convert().orElseThrow();
        StoredTrip stored = new StoredTrip(new UUID(1, 2), new UUID(3, 4), 7, brief.trip(), brief.people());
        BriefForm form = BriefForms.of(stored);
        assertThat(form.getVersion()).isEqualTo("7");
        assertThat(new BriefConverter(form, TODAY).convert()).contains(brief);
    }
}
