package hodeon.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.shell.RepeatedFields;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.FormularyReader;
import hodeon.core.notice.Fault;
import hodeon.core.party.Training;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.core.ResolvableType;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.bind.ServletRequestDataBinder;

class ProfileTest {

    private static final LocalDate TODAY = LocalDate.of(2028, 2, 29);

    private static Profile born(LocalDate born, int years, LocalDate yearsOn) {
        return new Profile(
                false,
                "Beck",
                born,
                years,
                yearsOn,
                null,
                new BigDecimal("29.5"),
                TODAY,
                Training.UNTRAINED,
                Set.of(),
                Set.of("naproxen"),
                Set.of(),
                Map.of(),
                List.of(new Profile.Regular(
                        "cetirizine-syrup",
                        new BigDecimal("2.5"),
                        List.of(LocalTime.of(8, 0), LocalTime.of(20, 0)),
                        "")),
                List.of(),
                List.of(),
                "");
    }

    @ParameterizedTest
    @CsvSource({
        "2028-02-29, 0, 0 months",
        "2027-03-01, 11, 11 months",
        "2027-02-28, 12, 12 months",
        "2026-03-01, 23, 23 months",
        "2026-02-28, 24, 2 years",
        "2016-02-29, 144, 12 years",
        "2016-03-01, 143, 11 years",
    })
    void ageIsCountedInCompletedMonths(LocalDate born, int months, String says) {
        assertThat(born(born, 0, null).age(TODAY).months()).isEqualTo(months);
        assertThat(born(born, 0, null).age(TODAY)).hasToString(says);
    }

    @Test
    void anAgeWithoutABirthDateGrowsWithTime() {
        assertThat(born(null, 9, TODAY.minusMonths(14)).age(TODAY).months()).isEqualTo(9 * 12 + 14);
    }

    @Test
    void aPersonOfATripAndADaysMedicineFollow() {
        Profile beck = born(LocalDate.of(2018, 6, 1), 0, null);
        assertThat(beck.person(UUID.randomUUID(), TODAY)
                        .orElseThrow()
                        .bodyMass()
                        .grams())
                .isEqualTo(29_500);
        assertThat(beck.person(UUID.randomUUID(), TODAY).orElseThrow().years()).isEqualTo(9);
        assertThat(beck.regular().getFirst().unitsADay()).isEqualByComparingTo("5");
        Patient patient = beck.patient(TODAY, FormularyReader.shipped());
        assertThat(patient.takes()).containsExactly("cetirizine");
        assertThat(patient.weighed().orElseThrow().kilograms()).hasToString("29.5");
    }

    /** Every field that can be wrong, one at a time. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name | '' | a name has 1 to 80 characters",
                "born | 2017-02-29 | the birth date is a day from EARLIEST to today, TODAY",
                "born | 2031-01-01 | the birth date is a day from EARLIEST to today, TODAY",
                "born | 1850-01-01 | the birth date is a day from EARLIEST to today, TODAY",
                "kilograms | 0.4 | the body mass is from 0.5 to 300 kg",
                "kilograms | 1e2 | the body mass is from 0.5 to 300 kg",
                "kilograms | -5 | the body mass is from 0.5 to 300 kg",
                "weighedOn | yesterday | the day of the mass is a day from EARLIEST to today, TODAY",
                "training | WIZARD | the training is one of the choices on the list",
                "allergies | MOONLIGHT | an allergy is one of the choices on the list",
                "rescue | LUCK | a rescue medicine is one of the choices on the list",
                "regular[0].product | moonshine | a regular medicine is one of the list",
                "direction[0].ingredient | moonshine | a direction is for an ingredient of the list",
            })
    void oneWrongFieldIsOneFault(String field, String value, String limit) {
        MockHttpServletRequest form = new MockHttpServletRequest();
        form.setParameter("name", "Beck");
        form.setParameter("born", "2017-03-09");
        if (field.startsWith("regular")) {
            form.setParameter("regular[0].units", "1");
            form.setParameter("regular[0].times", "08:00");
        } else if (field.startsWith("direction")) {
            form.setParameter("direction[0].most", "500");
            form.setParameter("direction[0].day", "1500");
            form.setParameter("direction[0].hours", "6");
            form.setParameter("direction[0].by", "the practice");
            form.setParameter("direction[0].on", "2027-05-02");
        }
        form.setParameter(field, value);
        PersonReader reader = new PersonReader(bound(form), FormularyReader.shipped(), TODAY);
        assertThat(reader.read()).isEmpty();
        assertThat(reader.faults())
                .map(Fault::limit)
                .containsExactly(limit.replace("EARLIEST", TODAY.minusYears(111).toString())
                        .replace("TODAY", TODAY.toString()));
        assertThat(reader.faults()).map(Fault::field).containsExactly(field);
    }

    @Test
    void whatIsKeptComesBackIntoTheFieldsAsItWas() {
        Profile beck = born(LocalDate.of(2018, 6, 1), 0, null);
        PersonReader reader = new PersonReader(PersonFields.of(beck, 0, TODAY), FormularyReader.shipped(), TODAY);
        assertThat(reader.read()).contains(beck);
    }

    /** A row of which only a part is filled is told, not dropped; rows in which nothing stands are no rows. */
    @Test
    void halfARowIsToldAndAnEmptyOneIsNone() {
        MockHttpServletRequest sent = new MockHttpServletRequest();
        sent.setParameter("name", "Beck");
        sent.setParameter("born", "2017-03-09");
        sent.setParameter("rescue", "RELIEVER_INHALER");
        sent.setParameter("where[RELIEVER_INHALER]", "lid pocket, left");
        sent.setParameter("regular[0].product", "");
        sent.setParameter("regular[0].units", " ");
        sent.setParameter("regular[3].units", "5");
        sent.setParameter("regular[3].times", "08:00");
        ProfileForm form = bound(sent);
        assertThat(form.regularRows()).containsExactly(new ProfileForm.RegularRow("", "5", "08:00", ""));
        assertThat(form.regularAndOneMore()).hasSize(2);
        assertThat(form.rides("RELIEVER_INHALER")).isEqualTo("lid pocket, left");
        PersonReader reader = new PersonReader(form, FormularyReader.shipped(), TODAY);
        assertThat(reader.read()).isEmpty();
        assertThat(reader.faults()).map(Fault::field).containsExactly("regular[0].product");
    }

    /** As Spring binds what a browser sends. */
    private static ProfileForm bound(MockHttpServletRequest sent) {
        ServletRequestDataBinder binder = new ServletRequestDataBinder(null, "form");
        RepeatedFields.whole(binder);
        binder.setTargetType(ResolvableType.forClass(ProfileForm.class));
        binder.construct(sent);
        return (ProfileForm) Objects.requireNonNull(binder.getTarget());
    }
}
