package hodeon.app.medicine;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.formulary.MedicineRules;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.mat.MatService;
import hodeon.app.need.Forecasts;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.people.Profile;
import hodeon.app.plan.PartySuitability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.amount.MedicineDemand;
import hodeon.core.medication.amount.Traveller;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Brings together what core needs to say what a trip asks of medicines: who goes, what is known of them, and the mat. */
@Component
class TripMedicines {

    private final PartyPatients patients;
    private final MedicineShelf medicines;
    private final MatService mats;
    private final Forecasts forecasts;
    private final PartySuitability suitability;
    private final HouseholdEvidence knowledge;
    private final Clock clock;

    TripMedicines(
            PartyPatients patients,
            MedicineShelf medicines,
            MatService mats,
            Forecasts forecasts,
            PartySuitability suitability,
            HouseholdEvidence knowledge,
            Clock clock) {
        this.patients = patients;
        this.medicines = medicines;
        this.mats = mats;
        this.forecasts = forecasts;
        this.suitability = suitability;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** Somebody who may not have something on the mat. */
    record CannotHave(Supply supply, PartySuitability.Unsuited who) {}

    /** Everything the page shows. */
    record Answer(
            MedicineDemand demand,
            List<CannotHave> cannot,
            List<Going> unknown,
            int reserveDays,
            long matVersion,
            Map<String, Integer> onMat,
            Catalogue catalogue) {}

    Answer of(UUID household, StoredTrip trip) {
        MedicineRules rules = medicines.rules(household);
        Catalogue catalogue = knowledge.of(household).catalogue();
        List<Going> going = patients.of(household, trip.trip().party().people());
        MatService.OnMat mat = mats.onMat(household, trip);
        // Nobody keeps what they take every day in a kit that stays: only what bridges a delay.
        int days = trip.trip().standing().isPresent()
                ? 1
                : (int) Math.ceil(trip.trip().days());
        int reserve = rules.reserveFor(days);
        return new Answer(
                MedicineDemand.of(
                        going.stream().map(TripMedicines::traveller).toList(),
                        new MedicineDemand.Outing(days, reserve, trip.trip().hoursToCare()),
                        medicines.of(household),
                        rules.tradition(),
                        catalogue,
                        forecasts.of(trip),
                        mat.pieces()),
                cannot(trip, catalogue, mat.pieces()),
                going.stream().filter(g -> g.profile().isEmpty()).toList(),
                reserve,
                mat.version(),
                mat.pieces(),
                catalogue);
    }

    private static Traveller traveller(Going going) {
        return new Traveller(
                going.name(),
                going.patient(),
                going.profile().map(Profile::regular).orElse(List.of()).stream()
                        .map(r -> new Traveller.Taking(r.product(), r.unitsADay()))
                        .toList());
    }

    private List<CannotHave> cannot(StoredTrip trip, Catalogue catalogue, Map<String, Integer> onMat) {
        List<Supply> along = catalogue.supplies().stream()
                .filter(s -> onMat.containsKey(s.id()))
                .toList();
        return suitability
                .unsuited(trip, catalogue, suitability.of(trip, catalogue), along, onMat.keySet())
                .entrySet()
                .stream()
                .flatMap(e -> e.getValue().stream().map(who -> new CannotHave(e.getKey(), who)))
                .toList();
    }
}
