package hodeon.app.people;

import hodeon.app.formulary.MedicineShelf;
import hodeon.app.household.Audit;
import hodeon.app.household.Member;
import hodeon.app.people.PeopleService.ChangedMeanwhile;
import hodeon.app.people.PeopleService.Known;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.storage.seal.Seal;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.notice.Fault;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The people page, and one page for each of them. */
@Controller
class PeopleController {

    private static final int VIEWS_SHOWN = 30;

    private final PeopleService people;
    private final MedicineShelf medicines;
    private final OnTripsOnly onTrips;
    private final List<AlsoWritten> written;
    private final Seal seal;
    private final Audit audit;
    private final Clock clock;

    PeopleController(
            PeopleService people,
            MedicineShelf medicines,
            OnTripsOnly onTrips,
            List<AlsoWritten> written,
            Seal seal,
            Audit audit,
            Clock clock) {
        this.audit = audit;
        this.onTrips = onTrips;
        this.seal = seal;
        this.written = written;
        this.people = people;
        this.medicines = medicines;
        this.clock = clock;
    }

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    record PersonView(UUID id, String name, String who, String matters, String toDo) {}

    record PeoplePage(List<PersonView> people, List<OnTripsOnly.Somebody> onTrips, List<UUID> unreadable) {}

    @GetMapping("/people")
    String all(@AuthenticationPrincipal Member member, Model model) {
        LocalDate today = LocalDate.now(clock);
        Formulary formulary = medicines.of(member.householdId());
        List<Known> all = people.all(member.householdId());
        people.seen(member.householdId(), all, member.getUsername(), "list of people");
        return Shown.page(
                "people/people",
                new PeoplePage(
                        all.stream().map(k -> view(k, formulary, today)).toList(),
                        onTrips.of(member.householdId()),
                        people.unreadable(member.householdId())),
                model);
    }

    private static PersonView view(Known known, Formulary formulary, LocalDate today) {
        Profile p = known.profile();
        List<String> matters = new ArrayList<>();
        p.allergies().forEach(a -> matters.add(Wording.says("doseCards.reactsTo", a.label())));
        p.conditions().forEach(c -> matters.add(c.label()));
        p.rescue().forEach((r, where) -> matters.add(r.label() + (where.isEmpty() ? "" : ": " + where)));
        p.regular()
                .forEach(r -> matters.add(Wording.says(
                        "peopleController.takes",
                        formulary.product(r.product()).map(Product::name).orElse(r.product()))));
        List<String> toDo = new ArrayList<>();
        if (!p.dog() && p.kilograms() == null) {
            toDo.add(Wording.says("doseCards.massNotKnown"));
        } else if (!p.dog() && p.massIsStale(today)) {
            toDo.add(Wording.says("peopleController.massIsFromWeighAgain", p.weighedOn()));
        }
        p.rescue().forEach((r, where) -> {
            if (where.isEmpty()) {
                toDo.add(Wording.says("peopleController.whereDoesTheRide", r.label()));
            }
        });
        return new PersonView(
                known.id(),
                p.name(),
                p.dog()
                        ? "dog"
                        : p.age(today).toString()
                                + (p.kilograms() == null
                                        ? ""
                                        : Wording.says(
                                                "peopleController.kg",
                                                p.kilograms()
                                                        .stripTrailingZeros()
                                                        .toPlainString())),
                String.join("; ", matters),
                String.join("; ", toDo));
    }

    /** Takes away somebody of whom nothing can be read; never while it is only the key that is missing. */
    @PostMapping("/people/{id}/remove-unreadable")
    String removeUnreadable(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        if (seal.locked().isEmpty()) {
            people.remove(member.householdId(), id);
            next.addFlashAttribute("said", "Removed.");
        }
        return "redirect:/people";
    }

    @GetMapping("/people/new")
    String blank(@AuthenticationPrincipal Member member, @RequestParam(defaultValue = "") String name, Model model) {
        return page(member, null, ProfileForm.named(name), List.of(), model);
    }

    @PostMapping("/people/new")
    String add(
            @AuthenticationPrincipal Member member,
            ProfileForm typed,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        PersonReader reader = reader(member, typed);
        Optional<Profile> profile = reader.read();
        List<Fault> faults = new ArrayList<>(reader.faults());
        profile.flatMap(p -> taken(member, null, p)).ifPresent(faults::add);
        if (people.all(member.householdId()).size() >= PeopleService.MOST_PEOPLE) {
            faults.add(new Fault(
                    "name",
                    typed.name(),
                    Wording.says("peopleController.aHouseholdHasAtMostPeople", PeopleService.MOST_PEOPLE),
                    Wording.says("peopleController.eraseSomebodyWhoNoLongerComesAlong")));
        }
        if (profile.isEmpty() || !faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, null, typed, faults, model);
        }
        Optional<OnTripsOnly.Somebody> goes = onTrips.of(member.householdId()).stream()
                .filter(s -> s.name().equalsIgnoreCase(profile.get().name()))
                .findFirst();
        UUID id = people.add(
                member.householdId(), goes.map(OnTripsOnly.Somebody::id).orElseGet(UUID::randomUUID), profile.get());
        next.addFlashAttribute(
                "said",
                profile.get().name() + " is written down"
                        + goes.map(g -> Wording.says("peopleController.andIsTheOneOf", g.where()))
                                .orElse("")
                        + ".");
        return "redirect:/people/" + id;
    }

    @GetMapping("/people/{id}")
    String one(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        Known known = people.find(member.householdId(), id);
        people.seen(member.householdId(), id, member.getUsername(), "page");
        ProfileForm kept = PersonFields.of(known.profile(), known.version(), LocalDate.now(clock));
        return page(member, known, kept, List.of(), model);
    }

    @PostMapping("/people/{id}")
    String change(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            ProfileForm typed,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        Known known = people.find(member.householdId(), id);
        PersonReader reader = reader(member, typed);
        Optional<Profile> profile = reader.read();
        List<Fault> faults = new ArrayList<>(reader.faults());
        profile.flatMap(p -> taken(member, id, p)).ifPresent(faults::add);
        if (profile.isEmpty() || !faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, known, typed, faults, model);
        }
        try {
            String opened = typed.version();
            people.change(
                    member.householdId(), id, opened.matches("\\d{1,9}") ? Long.parseLong(opened) : -1, profile.get());
        } catch (ChangedMeanwhile | OptimisticLockingFailureException conflict) {
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(
                    member,
                    known,
                    typed.withVersion(people.find(member.householdId(), id).version()),
                    List.of(new Fault(
                            "name",
                            typed.name(),
                            Wording.says("peopleController.somebodyElseHasChangedThisPerson"),
                            Wording.says("peopleController.openThePersonInAnotherTabTo"))),
                    model);
        }
        next.addFlashAttribute("said", "Saved.");
        return "redirect:/people/" + id;
    }

    /** Names join people of trips and of the household, so each is there once. */
    private Optional<Fault> taken(Member member, @Nullable UUID self, Profile profile) {
        return people.named(member.householdId(), profile.name())
                .filter(k -> !k.id().equals(self))
                .map(k -> new Fault(
                        "name",
                        profile.name(),
                        Wording.says("peopleController.everyPersonHasANameOfTheir"),
                        Wording.says("peopleController.addSomethingToIt")));
    }

    private PersonReader reader(Member member, ProfileForm typed) {
        return new PersonReader(typed, medicines.of(member.householdId()), LocalDate.now(clock));
    }

    /** Everything written about one person, to hand to them. */
    @GetMapping("/people/{id}/data.json")
    ResponseEntity<Map<String, Object>> export(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        Known known = people.find(member.householdId(), id);
        people.seen(member.householdId(), id, member.getUsername(), "export");
        audit.note(member, Audit.Kind.EXPORT, "everything written about one person");
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("person", known.profile());
        written.forEach(w -> file.put(w.name(), w.about(member.householdId(), known)));
        file.put("seen", people.views(member.householdId(), id, Integer.MAX_VALUE));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"person.json\"")
                .body(file);
    }

    @PostMapping("/people/{id}/erase")
    String erase(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String name,
            RedirectAttributes next) {
        Known known = people.find(member.householdId(), id);
        if (!name.strip().equalsIgnoreCase(known.profile().name())) {
            next.addFlashAttribute(
                    "faults",
                    List.of(new Fault(
                            "name",
                            name,
                            Wording.says("peopleController.theNameIsTypedAsItStands"),
                            Wording.says(
                                    "peopleController.type", known.profile().name()))));
            return "redirect:/people/" + id + "#erase";
        }
        people.erase(member.householdId(), id);
        audit.note(member, Audit.Kind.ERASURE, "one person, also from outings and logs");
        next.addFlashAttribute("said", "Erased, also from outings and logs. Backups you made before still hold it.");
        return "redirect:/people";
    }

    private String page(Member member, @Nullable Known known, ProfileForm typed, List<Fault> faults, Model model) {
        if (!faults.isEmpty() || !model.containsAttribute("faults")) {
            model.addAttribute("faults", faults);
        }
        PersonPage view = PersonPage.of(
                known,
                typed,
                faults,
                medicines.products(member.householdId()),
                medicines.of(member.householdId()).ingredients(),
                known == null ? List.of() : people.views(member.householdId(), known.id(), VIEWS_SHOWN));
        return Shown.page("people/person", view, model);
    }
}
