package hodeon.app.brief;

import hodeon.app.brief.form.Brief;
import hodeon.app.brief.form.BriefConverter;
import hodeon.app.brief.form.BriefDifference;
import hodeon.app.brief.form.BriefForm;
import hodeon.app.brief.form.BriefForms;
import hodeon.app.brief.form.BriefRows;
import hodeon.app.brief.form.Drafts;
import hodeon.app.brief.form.People;
import hodeon.app.brief.form.Preset;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Binned;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Carriage;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Region;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Thrift;
import hodeon.core.brief.route.Pace;
import hodeon.core.notice.Fault;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The brief: describe a trip, or change it. */
@Controller
class TripController {

    private final TripService trips;
    private final Progress progress;
    private final Drafts drafts;
    private final StanceEffects effects;
    private final PeopleService people;
    private final Clock clock;

    TripController(
            TripService trips,
            Progress progress,
            Drafts drafts,
            StanceEffects effects,
            PeopleService people,
            Clock clock) {
        this.people = people;
        this.clock = clock;
        this.trips = trips;
        this.progress = progress;
        this.drafts = drafts;
        this.effects = effects;
    }

    @InitBinder("form")
    void bound(WebDataBinder binder) {
        binder.setAutoGrowCollectionLimit(Party.MOST_PEOPLE + 1);
        binder.setDisallowedFields("class.*");
    }

    @ModelAttribute
    void choices(@AuthenticationPrincipal Member member, Model model) {
        model.addAttribute("known", known(member).map(Person::name).toList());
        model.addAttribute("activities", Activity.values());
        model.addAttribute("environments", Environment.values());
        model.addAttribute("seasons", Season.values());
        model.addAttribute("stances", Stance.values());
        model.addAttribute("carriages", Carriage.values());
        model.addAttribute("reaches", Reach.values());
        model.addAttribute("thrifts", Thrift.values());
        model.addAttribute("trainings", Training.values());
        model.addAttribute("allergies", Allergy.values());
        model.addAttribute("conditions", Condition.values());
        model.addAttribute("regions", Region.values());
        model.addAttribute("passages", Passage.values());
        model.addAttribute("medicines", RescueMedicine.values());
        model.addAttribute("presets", Preset.values());
        model.addAttribute("rules", Pace.Rule.values());
        model.addAttribute("effects", Map.of());
    }

    private Stream<Person> known(Member member) {
        return people.all(member.householdId()).stream()
                .flatMap(k -> k.profile().person(k.id(), LocalDate.now(clock)).stream());
    }

    /** Puts somebody the household has written down into the party; nobody twice. */
    private boolean personAdded(Member member, BriefForm form, String action, String name, Model model) {
        if (!action.equals("add-known")) {
            return false;
        }
        known(member)
                .filter(p -> p.name().equals(name)
                        && form.getPeople().stream()
                                .noneMatch(row -> row.getName().equals(name)
                                        || row.getId().equals(p.id().toString())))
                .forEach(p -> {
                    form.getPeople()
                            .removeIf(row ->
                                    row.getName().isBlank() && row.getYears().isBlank());
                    form.getPeople().add(BriefForms.of(new People(p, 1)));
                });
        model.addAttribute("focus", "known");
        return true;
    }

    @GetMapping("/trips/new")
    String blank(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) UUID like,
            @RequestParam(defaultValue = "") String preset,
            @RequestParam(defaultValue = "") String sure,
            Model model) {
        boolean instead = like != null || Preset.named(preset).isPresent();
        if (instead
                && sure.isEmpty()
                && drafts.find(member.householdId(), member.householdId()).isPresent()) {
            model.addAttribute(
                    "instead", "/trips/new?sure=yes&" + (like == null ? "preset=" + preset : "like=" + like));
            return orDraft(member, member.householdId(), BriefForms.blank(), model);
        }
        if (like == null) {
            Optional<BriefForm> from = Preset.named(preset).map(Preset::form);
            model.addAttribute("preset", preset);
            return from.isPresent()
                    ? page(from.get(), List.of(), model)
                    : orDraft(member, member.householdId(), BriefForms.blank(), model);
        }
        BriefForm form = BriefForms.of(trips.find(member.householdId(), like));
        form.setVersion("");
        form.setName("");
        form.setStart("");
        form.setEnd("");
        return page(form, List.of(), model);
    }

    @PostMapping("/trips/new")
    String add(
            @AuthenticationPrincipal Member member,
            @ModelAttribute("form") BriefForm form,
            @RequestParam(name = "do", defaultValue = "save") String action,
            @RequestParam(name = "known", defaultValue = "") String knownName,
            HttpServletResponse response,
            Model model) {
        if (action.equals("draft")) {
            return kept(member, member.householdId(), form, model);
        }
        if (personAdded(member, form, action, knownName, model) || rowChanged(form, action, model)) {
            return page(form, List.of(), model);
        }
        BriefConverter converter = new BriefConverter(form, LocalDate.now(clock));
        Optional<Brief> brief = converter.convert();
        if (brief.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(form, converter.faults(), model);
        }
        UUID id = trips.add(member.householdId(), brief.get());
        drafts.drop(member.householdId(), member.householdId());
        return "redirect:/trips/" + id + "/odds";
    }

    @GetMapping("/trips/{id}/brief")
    String brief(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        StoredTrip stored = trips.find(member.householdId(), id);
        model.addAttribute("effects", effects.of(stored));
        model.addAttribute("strip", progress.of(member.householdId(), stored, "Brief"));
        return orDraft(member, id, BriefForms.of(stored), model);
    }

    /** Opens the form, or what was typed and not saved, if that was typed over this version. */
    private String orDraft(Member member, UUID about, BriefForm form, Model model) {
        Optional<Drafts.Draft> draft = drafts.find(member.householdId(), about);
        boolean fits = draft.isPresent() && draft.get().openedVersion().equals(form.getVersion());
        model.addAttribute("about", about);
        model.addAttribute("draftOf", fits ? draft.get().savedAt() : null);
        return page(fits ? draft.get().form() : form, List.of(), model);
    }

    private String kept(Member member, UUID about, BriefForm form, Model model) {
        drafts.keep(member.householdId(), about, form);
        model.addAttribute("kept", true);
        return "brief/draft";
    }

    /** Drops what was typed and not saved. */
    @PostMapping("/trips/{id}/draft/drop")
    String dropDraft(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        drafts.drop(member.householdId(), id);
        return id.equals(member.householdId()) ? "redirect:/trips/new" : "redirect:/trips/" + id + "/brief";
    }

    @PostMapping("/trips/{id}/brief")
    String change(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ModelAttribute("form") BriefForm form,
            @RequestParam(name = "do", defaultValue = "save") String action,
            @RequestParam(name = "known", defaultValue = "") String knownName,
            HttpServletResponse response,
            Model model) {
        StoredTrip stored = trips.find(member.householdId(), id);
        if (action.equals("draft")) {
            return kept(member, id, form, model);
        }
        model.addAttribute("effects", effects.of(stored));
        if (personAdded(member, form, action, knownName, model) || rowChanged(form, action, model)) {
            return page(member, stored, form, List.of(), model);
        }
        BriefConverter converter = new BriefConverter(form, LocalDate.now(clock));
        Optional<Brief> brief = converter.convert();
        if (brief.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, stored, form, converter.faults(), model);
        }
        try {
            trips.change(member.householdId(), id, openedVersion(form), brief.get());
            drafts.drop(member.householdId(), id);
            return "redirect:/trips/" + id + "/odds";
        } catch (ChangedElsewhere | OptimisticLockingFailureException conflict) {
            StoredTrip saved = trips.find(member.householdId(), id);
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("differences", BriefDifference.between(BriefForms.of(saved), form));
            form.setVersion(Long.toString(saved.version()));
            return page(member, saved, form, List.of(), model);
        }
    }

    @PostMapping("/trips/{id}/delete")
    String delete(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        Binned.told(
                next, "TRIP", id, trips.find(member.householdId(), id).trip().name());
        trips.delete(member.householdId(), id);
        drafts.drop(member.householdId(), id);
        return "redirect:/";
    }

    private static long openedVersion(BriefForm form) {
        try {
            return Long.parseLong(form.getVersion());
        } catch (NumberFormatException notOurs) {
            return -1;
        }
    }

    /** Whether the button pressed was one that adds or removes a row; nothing is saved then. */
    private static boolean rowChanged(BriefForm form, String action, Model model) {
        BriefRows.press(form, action).ifPresent(row -> {
            model.addAttribute("focus", row.focus());
            row.opened().ifPresent(i -> model.addAttribute("opened", i));
        });
        return !action.equals("save");
    }

    private String page(Member member, StoredTrip stored, BriefForm form, List<Fault> faults, Model model) {
        model.addAttribute("strip", progress.of(member.householdId(), stored, "Brief"));
        return page(form, faults, model);
    }

    private String page(BriefForm form, List<Fault> faults, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("weighAgain", BriefForms.weighAgain(form, LocalDate.now(clock)));
        model.addAttribute("faults", faults);
        Map<String, String> byField = faults.stream()
                .collect(Collectors.toMap(Fault::field, Fault::sentence, (first, second) -> first + " " + second));
        model.addAttribute("fault", byField);
        return "brief/brief";
    }
}
