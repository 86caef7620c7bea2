package hodeon.app.brief;

import hodeon.app.brief.form.Brief;
import hodeon.app.brief.form.BriefConverter;
import hodeon.app.brief.form.BriefDifference;
import hodeon.app.brief.form.BriefForm;
import hodeon.app.brief.form.BriefForms;
import hodeon.app.brief.form.BriefRows;
import hodeon.app.brief.form.Drafts;
import hodeon.app.brief.form.Preset;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.shell.Binned;
import hodeon.app.shell.DeviceZone;
import hodeon.app.shell.Shown;
import hodeon.core.brief.Stance;
import hodeon.core.notice.Fault;
import hodeon.core.party.Party;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
    private final KnownPeople people;
    private final Clock clock;

    TripController(
            TripService trips,
            Progress progress,
            Drafts drafts,
            StanceEffects effects,
            KnownPeople people,
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
    void choices(@AuthenticationPrincipal Member member, DeviceZone zone, Model model) {
        Shown.part(BriefChoices.of(people.names(member.householdId()), zone.id()), model);
    }

    /** A brief that is there: where its trip stands, and what each stance would change. */
    record Opened(Progress.Strip strip, Map<Stance, String> effects) {}

    /** How a new brief begins; {@code instead} leads there while something else is typed and not saved. */
    record Begun(String preset, @Nullable String instead) {}

    /** What a new brief may start from. */
    record Starts(List<Preset> presets) {}

    /** What was typed and not saved; {@code draftOf} is when, missing if the form shows what is saved. */
    record Unsaved(UUID about, @Nullable LocalDateTime draftOf) {}

    /** What a button did that adds, opens or removes a row; empty for the one that saves. */
    private Optional<BriefRows> pressed(Member member, BriefForm form, String action, String known) {
        people.recognise(member.householdId(), form);
        if (action.equals("add-known")) {
            people.add(member.householdId(), form, known);
            return Optional.of(new BriefRows("known", OptionalInt.empty()));
        }
        return action.equals("save")
                ? Optional.empty()
                : Optional.of(BriefRows.press(form, action).orElse(new BriefRows("", OptionalInt.empty())));
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
            String address = "/trips/new?sure=yes&" + (like == null ? "preset=" + preset : "like=" + like);
            Shown.part(new Begun("", address), model);
            return orDraft(member, member.householdId(), BriefForms.blank(), model);
        }
        if (like == null) {
            Optional<BriefForm> from = Preset.named(preset).map(Preset::form);
            Shown.part(new Begun(preset, null), model);
            return from.isPresent()
                    ? page(from.get(), List.of(), Optional.empty(), model)
                    : orDraft(member, member.householdId(), BriefForms.blank(), model);
        }
        BriefForm form = BriefForms.of(trips.find(member.householdId(), like));
        form.setVersion("");
        form.setName("");
        form.setStart("");
        form.setEnd("");
        return page(form, List.of(), Optional.empty(), model);
    }

    /** What a kit that stays is for, whether or not it has a list yet. */
    @GetMapping("/standing/new")
    String stays(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String preset,
            @RequestParam(defaultValue = "") String list,
            Model model) {
        Optional<Preset> from = Preset.named(preset).filter(Preset::stays);
        BriefForm form = from.map(Preset::form).orElseGet(BriefForms::standing);
        form.getStanding().setList(list);
        Shown.part(new Begun(preset, null), model);
        return from.isPresent()
                ? page(form, List.of(), Optional.empty(), model)
                : orDraft(member, aboutNew(member, true), form, model);
    }

    /** A draft of an outing and one of a kit that stays are kept beside each other. */
    private static UUID aboutNew(Member member, boolean stays) {
        return stays
                ? UUID.nameUUIDFromBytes((member.householdId() + " stays").getBytes(StandardCharsets.UTF_8))
                : member.householdId();
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
            return kept(member, aboutNew(member, form.getStanding().stays()), form);
        }
        Optional<BriefRows> pressed = pressed(member, form, action, knownName);
        if (pressed.isPresent()) {
            return page(form, List.of(), pressed, model);
        }
        BriefConverter converter = new BriefConverter(form, LocalDate.now(clock));
        Optional<Brief> brief = converter.convert();
        if (brief.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(form, converter.faults(), Optional.empty(), model);
        }
        UUID id =
                trips.add(member.householdId(), brief.get(), form.getStanding().getList());
        drafts.drop(member.householdId(), aboutNew(member, form.getStanding().stays()));
        return "redirect:/trips/" + id + "/odds";
    }

    @GetMapping("/trips/{id}/brief")
    String brief(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        StoredTrip stored = trips.find(member.householdId(), id);
        opened(member, stored, model);
        return orDraft(member, id, BriefForms.of(stored), model);
    }

    /** Opens the form, or what was typed and not saved, if that was typed over this version. */
    private String orDraft(Member member, UUID about, BriefForm form, Model model) {
        Optional<Drafts.Draft> draft = drafts.find(member.householdId(), about);
        boolean fits = draft.isPresent() && draft.get().openedVersion().equals(form.getVersion());
        Shown.part(new Unsaved(about, fits ? draft.get().savedAt() : null), model);
        return page(fits ? draft.get().form() : form, List.of(), Optional.empty(), model);
    }

    private String kept(Member member, UUID about, BriefForm form) {
        drafts.keep(member.householdId(), about, form);
        return "brief/draft";
    }

    /** Drops what was typed and not saved. */
    @PostMapping("/trips/{id}/draft/drop")
    String dropDraft(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        drafts.drop(member.householdId(), id);
        return id.equals(aboutNew(member, false))
                ? "redirect:/trips/new"
                : id.equals(aboutNew(member, true)) ? "redirect:/standing/new" : "redirect:/trips/" + id + "/brief";
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
            return kept(member, id, form);
        }
        opened(member, stored, model);
        Optional<BriefRows> pressed = pressed(member, form, action, knownName);
        if (pressed.isPresent()) {
            return page(form, List.of(), pressed, model);
        }
        BriefConverter converter = new BriefConverter(form, LocalDate.now(clock));
        Optional<Brief> brief = converter.convert();
        if (brief.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(form, converter.faults(), Optional.empty(), model);
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
            opened(member, saved, model);
            return page(form, List.of(), Optional.empty(), model);
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

    private void opened(Member member, StoredTrip stored, Model model) {
        Shown.part(new Opened(progress.of(member.householdId(), stored, "Brief"), effects.of(stored)), model);
    }

    private String page(BriefForm form, List<Fault> faults, Optional<BriefRows> pressed, Model model) {
        Shown.part(new Starts(Preset.of(form.getStanding().stays())), model);
        return Shown.page("brief/brief", BriefPage.of(form, faults, pressed, LocalDate.now(clock)), model);
    }
}
