package hodeon.app.plan;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.shell.FindingWords;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Substitute;
import hodeon.core.medication.Suitability;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Formulary;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Who of a trip's party cannot have a medicine, and what they could have instead. */
@Component
public class PartySuitability {

    private final PartyPatients patients;
    private final MedicineShelf medicines;

    PartySuitability(PartyPatients patients, MedicineShelf medicines) {
        this.patients = patients;
        this.medicines = medicines;
    }

    /** Somebody who cannot have a supply. */
    public record Unsuited(String person, String because, Optional<Supply> instead) {

        public String sentence() {
            return person + ": " + because + " Instead: "
                    + instead.map(Supply::name).orElse("nothing known, ask") + ".";
        }
    }

    public Suitability of(StoredTrip trip, Catalogue catalogue) {
        return Suitability.of(
                catalogue,
                medicines.of(trip.householdId()),
                sheet(trip.householdId()),
                going(trip).stream().map(Going::patient).toList());
    }

    /**
     * Of each supply those who cannot have it, supplies that everybody can have left out.
     *
     * @param there ids of supplies that come along anyway; they are preferred as what could be had instead
     */
    public Map<Supply, List<Unsuited>> unsuited(
            StoredTrip trip, Catalogue catalogue, Suitability suitability, List<Supply> supplies, Set<String> there) {
        Substitute instead = new Substitute(catalogue, medicines.of(trip.householdId()), sheet(trip.householdId()));
        Map<Supply, List<Unsuited>> found = new LinkedHashMap<>();
        List<Going> going = going(trip);
        for (Supply supply : supplies) {
            Map<String, WhyNot> refused = suitability.refused().getOrDefault(supply.id(), Map.of());
            for (Going g : going) {
                Optional.ofNullable(refused.get(g.name())).ifPresent(no -> found.computeIfAbsent(
                                supply, s -> new ArrayList<>())
                        .add(new Unsuited(g.name(), FindingWords.say(no), instead.of(supply, g.patient(), there))));
            }
        }
        return found;
    }

    private List<Going> going(StoredTrip trip) {
        return patients.of(trip.householdId(), trip.trip().party().people());
    }

    private DoseSheet sheet(UUID household) {
        Formulary formulary = medicines.of(household);
        return new DoseSheet(formulary, medicines.rules(household).tradition());
    }
}
