package hodeon.app.medicine;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.medicine.TripMedicines.Answer;
import hodeon.app.shell.Shown;
import hodeon.core.notice.Faults;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A trip's medicines: enough, for whom not, and across which border. */
@Controller
class EnoughController {

    private final TripMedicines medicines;
    private final TripService trips;
    private final Progress progress;
    private final MatService mats;
    private final CountryNotes notes;
    private final Clock clock;

    EnoughController(
            TripMedicines medicines,
            TripService trips,
            Progress progress,
            MatService mats,
            CountryNotes notes,
            Clock clock) {
        this.medicines = medicines;
        this.trips = trips;
        this.progress = progress;
        this.mats = mats;
        this.notes = notes;
        this.clock = clock;
    }

    @GetMapping("/trips/{id}/medicines")
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        StoredTrip trip = trips.find(member.householdId(), id);
        Answer answer = medicines.of(member.householdId(), trip);
        model.addAttribute("strip", progress.of(member.householdId(), trip, "Medicines"));
        return Shown.page(
                "medicine/medicines",
                EnoughPage.of(trip.trip(), answer, notes.of(member.householdId()), LocalDate.now(clock)),
                model);
    }

    /** Puts what a product asks for on the mat and pins it, so that rebalancing keeps it. */
    @PostMapping("/trips/{id}/medicines/pin")
    String pin(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String supply,
            @RequestParam int pieces,
            @RequestParam long version,
            RedirectAttributes next) {
        try {
            mats.pin(member.householdId(), id, version, supply, Math.max(0, pieces));
            next.addFlashAttribute("said", "On the mat and pinned.");
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute("said", "The mat was changed meanwhile: look at the figures again.");
        }
        return "redirect:/trips/" + id + "/medicines";
    }

    @PostMapping("/trips/{id}/country-notes")
    String addNote(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            CountryNotes.Form form,
            RedirectAttributes next) {
        trips.find(member.householdId(), id);
        Faults faults = new Faults();
        notes.add(member.householdId(), form, faults);
        if (faults.none()) {
            next.addFlashAttribute("said", "Kept.");
        } else {
            next.addFlashAttribute("faults", faults.all());
            next.addFlashAttribute("typed", form);
        }
        return "redirect:/trips/" + id + "/medicines#countries";
    }

    @PostMapping("/trips/{id}/country-notes/{note}/remove")
    String removeNote(@AuthenticationPrincipal Member member, @PathVariable UUID id, @PathVariable UUID note) {
        notes.remove(member.householdId(), note);
        return "redirect:/trips/" + id + "/medicines#countries";
    }
}
