package hodeon.app.dose;

import hodeon.app.brief.TripService;
import hodeon.app.care.CareBook;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.household.Member;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.DeviceZone;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.DoseVerdict;
import hodeon.core.medication.gate.Moments;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The dose clock: what counts in the last 24 hours, what has room, when the next dose may be; and noting one. */
@Controller
class ClockController {

    private final DoseBook book;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final TripService trips;
    private final AwayDoses away;
    private final Clock clock;

    ClockController(
            DoseBook book,
            PeopleService people,
            MedicineShelf medicines,
            TripService trips,
            AwayDoses away,
            Clock clock) {
        this.away = away;
        this.book = book;
        this.people = people;
        this.medicines = medicines;
        this.trips = trips;
        this.clock = clock;
    }

    record Dosed(UUID id, String when, String says, String by, String over, String struck) {}

    /** @param away what may be given now, and what a device goes on with */
    record Row(UUID id, String name, List<Counting> counting, AwayDoses.Away away) {}

    record EverybodyPage(
            String zone, List<Row> rows, @Nullable UUID trip) {}

    /**
     * One person's clock.
     *
     * @param chosen what the sheet says of the product that is asked about, if one is
     * @param against what speaks against what was sent, and {@code opens} what opens it all the same
     * @param several lines that were sent and not taken
     */
    record ClockPage(
            PeopleService.Known known,
            String who,
            DoseForm typed,
            List<Product> products,
            SheetController.@Nullable Line chosen,
            @Nullable DoseNow mayNow,
            String zone,
            List<Counting> counting,
            List<Dosed> doses,
            List<String> against,
            String opens,
            String several,
            List<Fault> faults) {}

    /** Why what was sent is not in the book. */
    private record NotNoted(List<String> against, String opens, String several, List<Fault> faults) {

        static final NotNoted NOTHING = new NotNoted(List.of(), "", "", List.of());
    }

    /** Everybody at once; of a trip only those who go along. */
    @GetMapping("/doses")
    String everybody(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) @Nullable UUID trip,
            DeviceZone here,
            Model model) {
        UUID household = member.householdId();
        Optional<Set<String>> along = Optional.ofNullable(trip)
                .map(id -> trips.find(household, id).trip().party().people().stream()
                        .map(p -> p.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.toSet()));
        List<PeopleService.Known> shown = people.all(household).stream()
                .filter(k -> !k.profile().dog())
                .filter(k -> along.isEmpty()
                        || along.get().contains(k.profile().name().toLowerCase(Locale.ROOT)))
                .toList();
        people.seen(household, shown, member.getUsername(), "dose clock of all");
        ZoneId zone = here.id();
        Set<String> lying = away.lying(household);
        Map<UUID, List<CareBook.Before>> helped = away.helped(household);
        List<Row> rows = book.of(household, shown, zone).stream()
                .map(of -> new Row(
                        of.known().id(),
                        of.known().profile().name(),
                        Counting.of(of, Optional.empty(), zone),
                        away.of(
                                of,
                                household,
                                lying,
                                helped.getOrDefault(of.known().id(), List.of()),
                                zone)))
                .sorted(Comparator.comparing(r -> r.counting().isEmpty()))
                .toList();
        return Shown.page("dose/everybody", new EverybodyPage(zone.getId(), rows, trip), model);
    }

    @GetMapping("/people/{id}/clock")
    String one(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String product,
            DeviceZone here,
            Model model) {
        return page(member, id, DoseForm.of(product), NotNoted.NOTHING, here.id(), model);
    }

    /** Time and zone are filled in together: one without the other would be hours wrong. */
    private String page(Member member, UUID id, DoseForm form, NotNoted not, ZoneId here, Model model) {
        ZoneId zone = DeviceZone.named(form.zone()).orElse(here);
        DoseForm typed = form.at().isEmpty() || form.zone().isEmpty()
                ? form.at(
                        LocalDateTime.ofInstant(clock.instant(), zone)
                                .truncatedTo(ChronoUnit.MINUTES)
                                .toString(),
                        zone.getId())
                : form;
        DoseCase of = book.of(member.householdId(), id, zone);
        people.seen(member.householdId(), id, member.getUsername(), "dose clock");
        Optional<Product> product = of.formulary().product(typed.product());
        ClockPage view = new ClockPage(
                of.known(),
                SheetController.about(of),
                typed,
                medicines.products(member.householdId()),
                product.map(p -> SheetController.line(of.gate().answer(p, of.now())))
                        .orElse(null),
                product.map(p -> DoseNow.of(of.gate(), p, of.now(), zone)).orElse(null),
                zone.getId(),
                Counting.of(of, product, zone),
                of.kept().reversed().stream().map(ClockController::dosed).toList(),
                not.against(),
                not.opens(),
                not.several(),
                not.faults());
        return Shown.page("dose/clock", view, model);
    }

    private static Dosed dosed(KeptDose kept) {
        return new Dosed(
                kept.id(),
                Moments.dated(kept.at(), kept.noted().zone()),
                Wording.says(
                        "clockController.of", kept.noted().says(), kept.noted().name()),
                kept.noted().by(),
                kept.noted().over(),
                kept.noted().struck());
    }

    @PostMapping("/people/{id}/clock")
    String note(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            DoseForm form,
            DeviceZone here,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        people.find(member.householdId(), id);
        Faults faults = new Faults();
        Optional<DoseBook.Given> given = new DoseNoteReader(medicines.of(member.householdId()), clock.instant(), faults)
                .read(form, member.getUsername());
        List<String> against = List.of();
        String opens = "";
        if (given.isPresent()) {
            DoseVerdict verdict = book.note(member.householdId(), id, given.get());
            ObjectionWords words = new ObjectionWords(given.get().at().getZone());
            switch (verdict) {
                case DoseVerdict.Allowed allowed -> {
                    next.addFlashAttribute("said", "Noted.");
                    return "redirect:/people/" + id + "/clock";
                }
                case DoseVerdict.Stopped stopped -> {
                    against = words.say(stopped.objections());
                    opens = "reason";
                }
                case DoseVerdict.Refused refused -> {
                    against = List.of(words.say(refused.objection()));
                    opens = "nothing";
                }
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(member, id, form, new NotNoted(against, opens, "", faults.all()), here.id(), model);
    }

    /** Several at once, as they stand on a card that was written out of reach; all of them or none. */
    @PostMapping("/people/{id}/clock/several")
    String several(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String zone,
            DeviceZone here,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        people.find(member.householdId(), id);
        Faults faults = new Faults();
        ZoneId where = DeviceZone.named(zone).orElse(here.id());
        List<DoseBook.Given> given = new DoseLines(medicines.products(member.householdId()), where, faults)
                .read(text).stream()
                        .map(l -> new DoseBook.Given(
                                l.product(), l.units(), l.at(), member.getUsername(), l.why(), Optional.empty()))
                        .toList();
        NotNoted not = new NotNoted(List.of(), "", text, faults.all());
        if (faults.none()) {
            try {
                book.noteAll(member.householdId(), id, given);
                next.addFlashAttribute("said", Wording.says("dose.noted", given.size()));
                return "redirect:/people/" + id + "/clock";
            } catch (DoseBook.NotAll stopped) {
                not = new NotNoted(stopped.against(), "lines", text, List.of());
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(member, id, DoseForm.of(""), not, where, model);
    }

    @PostMapping("/people/{id}/clock/{dose}/strike")
    String strike(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable UUID dose,
            RedirectAttributes next) {
        book.strike(member.householdId(), id, dose, member.getUsername());
        next.addFlashAttribute("said", "Struck out; it no longer counts.");
        return "redirect:/people/" + id + "/clock";
    }
}
