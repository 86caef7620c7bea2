package hodeon.app.journal;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.BriefConverter;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.evidence.Known;
import hodeon.app.household.Member;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Problem;
import hodeon.core.need.Learning.Learned;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.party.Person;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What happened on a trip, and what the household learns from it. */
@Controller
class LogController {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);

    /** Entries on the page, the latest first; the others count and are in the backup. */
    private static final int MOST_SHOWN = 300;

    private final UseLog log;
    private final HouseholdEvidence knowledge;
    private final TripService trips;
    private final Progress progress;
    private final Clock clock;

    LogController(UseLog log, HouseholdEvidence knowledge, TripService trips, Progress progress, Clock clock) {
        this.clock = clock;
        this.log = log;
        this.knowledge = knowledge;
        this.trips = trips;
        this.progress = progress;
    }

    record EntryView(UUID id, String on, String problem, int times, String who, String note, String used) {}

    /**
     * The page.
     *
     * @param shown entries at most
     * @param problems names to choose from
     * @param learns whether the household learns from this log, and {@code learned} what from all
     * @param text lines that were pasted and not taken
     */
    record LogPage(
            Progress.Strip strip,
            int shown,
            List<EntryView> entries,
            List<String> problems,
            List<String> people,
            String start,
            String end,
            boolean learns,
            List<LearnedView> learned,
            String text,
            List<Fault> faults) {}

    record LearnedView(String problem, String before, String after, String logged) {}

    @GetMapping("/trips/{id}/log")
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(member, id, "", new Faults(), model);
    }

    @PostMapping("/trips/{id}/log")
    String add(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String on,
            @RequestParam String problem,
            @RequestParam(defaultValue = "1") String times,
            @RequestParam(defaultValue = "") String who,
            @RequestParam(defaultValue = "") String note,
            HttpServletResponse response,
            Model model) {
        Faults faults = new Faults();
        StoredTrip trip = trips.find(member.householdId(), id);
        String name = new FieldReader(faults)
                .lineOrNothing("who", who, Wording.says("logController.theName"), BriefConverter.LONGEST_NAME);
        LogCsv.line(
                        on,
                        problem,
                        times,
                        note.strip(),
                        "",
                        knowledge.of(member.householdId()).catalogue(),
                        trip.trip(),
                        faults)
                .filter(line -> faults.none())
                .ifPresent(line -> log.keep(
                        member.householdId(),
                        id,
                        UUID.randomUUID(),
                        line,
                        UseLog.Detail.to(name, called(trip.trip(), name))));
        return answered(member, id, "", faults, response, model);
    }

    private static Optional<UUID> called(Trip trip, String name) {
        return trip.party().people().stream()
                .filter(p -> p.name().equalsIgnoreCase(name))
                .map(Person::id)
                .findFirst();
    }

    @PostMapping("/trips/{id}/log/import")
    String importCsv(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String text,
            HttpServletResponse response,
            Model model) {
        Faults faults = new Faults();
        StoredTrip trip = trips.find(member.householdId(), id);
        List<UseLog.Line> lines =
                LogCsv.read(text, knowledge.of(member.householdId()).catalogue(), trip.trip(), faults);
        if (faults.none()) {
            log.add(member.householdId(), id, lines);
        }
        return answered(member, id, text, faults, response, model);
    }

    @PostMapping("/trips/{id}/log/{entry}/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable UUID id, @PathVariable UUID entry) {
        log.remove(member.householdId(), entry);
        return "redirect:/trips/" + id + "/log";
    }

    @PostMapping("/trips/{id}/log/learn")
    String learn(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam boolean learn,
            @RequestParam(defaultValue = "") String sure,
            RedirectAttributes next) {
        Trip trip = trips.find(member.householdId(), id).trip();
        if (learn && sure.isEmpty() && trip.start().isAfter(LocalDate.now(clock))) {
            next.addFlashAttribute("ask", trip.start().toString());
            return "redirect:/trips/" + id + "/log#learn-title";
        }
        log.learn(member.householdId(), id, learn);
        return "redirect:/trips/" + id + "/log";
    }

    /** The note and everything else that must be told later. */
    private static String noted(UseLog.Kept kept) {
        UseLog.Detail detail = kept.detail();
        return Stream.of(
                        kept.line().note(),
                        detail.place(),
                        detail.tourniquetAt()
                                .map(t -> Wording.says(
                                        "logController.tourniquetOnAt",
                                        t.toString().replace('T', ' '),
                                        in(kept)))
                                .orElse(""),
                        detail.bodyPlace(),
                        detail.specimen() ? Wording.says("logController.specimenKept") : "",
                        detail.burnPercent().isPresent()
                                ? Wording.says(
                                        "logController.aboutOfTheBodyBurnt",
                                        detail.burnPercent().getAsInt())
                                : "",
                        moments(kept))
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining("; "));
    }

    /** “10:20:31 Tourniquet on, 10:22:05 Call”, with whose clock it was. */
    private static String moments(UseLog.Kept kept) {
        List<UseLog.Moment> moments = kept.detail().moments();
        return moments.isEmpty()
                ? ""
                : Wording.says(
                        "logController.done",
                        moments.stream()
                                .map(m -> CLOCK.format(m.at()) + " " + m.what())
                                .collect(Collectors.joining(", ")),
                        in(kept));
    }

    /** A time never stands without naming whose clock it is, where that was kept. */
    private static String in(UseLog.Kept kept) {
        return kept.detail().zone().isEmpty() ? "" : " (" + kept.detail().zone() + ")";
    }

    private static String used(UseLog.Kept kept, Known known) {
        return kept.detail().used().entrySet().stream()
                .map(u -> known.catalogue()
                        .supply(u.getKey())
                        .map(s -> Figures.named(u.getValue(), s))
                        .orElse(u.getKey() + ": " + u.getValue()))
                .sorted()
                .collect(Collectors.joining(", "));
    }

    private String answered(
            Member member, UUID id, String text, Faults faults, HttpServletResponse response, Model model) {
        if (faults.none()) {
            return "redirect:/trips/" + id + "/log";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(member, id, text, faults, model);
    }

    private String page(Member member, UUID id, String text, Faults faults, Model model) {
        StoredTrip trip = trips.find(member.householdId(), id);
        Known known = knowledge.of(member.householdId());
        Map<String, Learned> learned = known.learning().byProblem();
        LogPage view = new LogPage(
                progress.of(member.householdId(), trip, "Log"),
                MOST_SHOWN,
                log.of(member.householdId(), id).reversed().stream()
                        .limit(MOST_SHOWN)
                        .map(k -> new EntryView(
                                k.id(),
                                k.detail()
                                        .at()
                                        .map(t -> Figures.moment(t) + in(k))
                                        .orElseGet(() -> Figures.day(k.line().on())),
                                known.catalogue()
                                        .problem(k.line().problem())
                                        .map(Problem::name)
                                        .orElse(k.line().problem()),
                                k.line().times(),
                                k.detail().who(),
                                noted(k),
                                used(k, known)))
                        .toList(),
                known.catalogue().problems().stream()
                        .map(Problem::name)
                        .sorted()
                        .toList(),
                trip.trip().party().people().stream().map(Person::name).toList(),
                trip.trip().start().toString(),
                trip.trip().end().toString(),
                log.learnsFrom(member.householdId(), id),
                known.before().problems().stream()
                        .flatMap(p -> Optional.ofNullable(learned.get(p.id())).stream()
                                .map(l -> new LearnedView(
                                        p.name(),
                                        Figures.number(l.before().perThousandPersonDays()),
                                        Figures.number(l.after().perThousandPersonDays()),
                                        Wording.says(
                                                "logController.inPersonDays",
                                                Figures.counted(l.events(), "event"),
                                                Figures.number(l.personDays())))))
                        .sorted(Comparator.comparing(LearnedView::problem))
                        .toList(),
                text,
                faults.all());
        return Shown.page("journal/log", view, model);
    }
}
