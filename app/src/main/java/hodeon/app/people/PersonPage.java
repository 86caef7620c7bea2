package hodeon.app.people;

import hodeon.app.people.PeopleService.Known;
import hodeon.app.people.PeopleService.Seen;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.notice.Fault;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The form about one person.
 *
 * @param known who it is; missing for somebody new
 * @param fault by field, a sentence
 * @param views who looked lately
 */
record PersonPage(
        @Nullable Known known,
        ProfileForm form,
        Map<String, String> fault,
        List<Training> trainings,
        List<Allergy> allergies,
        List<Condition> conditions,
        List<RescueMedicine> rescues,
        List<MedicineForm> forms,
        List<Product> products,
        List<Ingredient> ingredients,
        List<Seen> views) {

    static PersonPage of(
            @Nullable Known known,
            ProfileForm form,
            List<Fault> faults,
            List<Product> products,
            List<Ingredient> ingredients,
            List<Seen> views) {
        return new PersonPage(
                known,
                form,
                faults.stream().collect(Collectors.toMap(Fault::field, Fault::sentence, (a, b) -> a + " " + b)),
                List.of(Training.values()),
                List.of(Allergy.values()),
                List.of(Condition.values()),
                List.of(RescueMedicine.values()),
                List.of(MedicineForm.values()),
                products,
                ingredients,
                views);
    }
}
