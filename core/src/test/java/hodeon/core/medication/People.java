package hodeon.core.medication;

import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.FormularyReader;
import hodeon.core.medication.formulary.Product;
import hodeon.core.party.Age;
import hodeon.core.party.Condition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Made-up people and directions for tests of medicines. */
public final class People {

    public static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    public static final Formulary SHIPPED = FormularyReader.shipped();

    private People() {}

    public static Patient adult() {
        return aged("40", "70");
    }

    /** @param kilograms empty where the mass is not known */
    public static Patient aged(String age, String kilograms) {
        Patient patient = Patient.of("Beck", Age.parse(age).orElseThrow(), TODAY);
        return kilograms.isEmpty() ? patient : patient.weighing(new BigDecimal(kilograms), TODAY.minusMonths(1));
    }

    /** @param words conditions in the words of the reference files, with blanks between; may be empty or null */
    public static Set<Condition> conditions(String words) {
        return words == null || words.isBlank()
                ? Set.of()
                : Arrays.stream(words.split(" "))
                        .map(w -> Condition.valueOf(w.toUpperCase().replace('-', '_')))
                        .collect(Collectors.toSet());
    }

    public static Product product(String id) {
        return SHIPPED.product(id).orElseThrow();
    }

    /** Every 6 h, of paracetamol. */
    public static Direction direction(String perKilogram, long mostAtOnce, long day, boolean beyondLabel) {
        return direction("paracetamol", perKilogram, mostAtOnce, 6, day, beyondLabel, "");
    }

    public static Direction direction(
            String ingredient,
            String perKilogram,
            long mostAtOnce,
            int hours,
            long day,
            boolean beyondLabel,
            String beyondCeilings) {
        return new Direction(
                ingredient,
                Optional.empty(),
                Optional.of(perKilogram).filter(p -> !p.isEmpty()).map(p -> Dose.ofMilligrams(new BigDecimal(p))),
                Dose.ofMilligrams(mostAtOnce),
                Duration.ofHours(hours),
                Dose.ofMilligrams(day),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                beyondLabel,
                beyondCeilings,
                "the harbour practice",
                LocalDate.of(2026, 5, 1));
    }
}
