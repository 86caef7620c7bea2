package hodeon.app.kit;

import hodeon.app.medicine.MedicineShelf;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.trip.StoredTrip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Instead;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Who of a party cannot have a medicine, and what they could have instead. */
@Component
public class Suits {

    private final PartyPatients patients;
    private final MedicineShelf medicines;
    private final Clock clock;

    Suits(PartyPatients patients, MedicineShelf medicines, Clock clock) {
        this.patients = patients;
        this.medicines = medicines;
        this.clock = clock;
    }

    /** Somebody who cannot have a supply. */
    public record Unsuited(String person, String because, Optional<Supply> instead) {

        String sentence() {
            return person + ": " + because + " Instead: "
                    + instead.map(Supply::name).orElse("nothing known, ask") + ".";
        }
    }

    /** @param there ids of supplies that come along anyway; they are preferred */
    public List<Unsuited> of(StoredTrip trip, Catalogue catalogue, Supply supply, Set<String> there) {
        return of(trip, catalogue, List.of(supply), there).getOrDefault(supply, List.of());
    }

    /** The same of several supplies at once, those that nobody has to do without left out. */
    public Map<Supply, List<Unsuited>> of(
            StoredTrip trip, Catalogue catalogue, List<Supply> supplies, Set<String> there) {
        UUID household = trip.householdId();
        Formulary formulary = medicines.of(household);
        Map<Supply, Product> held = new LinkedHashMap<>();
        supplies.stream()
                .filter(s -> s.prescribed().isEmpty())
                .forEach(s -> formulary.inSupply(s.id()).ifPresent(p -> held.put(s, p)));
        if (held.isEmpty()) {
            return Map.of();
        }
        DoseSheet sheet = new DoseSheet(formulary, medicines.rules(household).tradition());
        Instead instead = new Instead(catalogue, formulary, sheet);
        List<Going> going = patients.of(household, trip.trip().party().people());
        Map<Supply, List<Unsuited>> found = new LinkedHashMap<>();
        held.forEach((supply, product) -> {
            for (Going g : going) {
                if (sheet.of(product, g.patient()) instanceof DoseAnswer.Refused refused) {
                    found.computeIfAbsent(supply, s -> new ArrayList<>())
                            .add(new Unsuited(g.name(), refused.reason(), instead.of(supply, g.patient(), there)));
                }
            }
        });
        return found;
    }
}
