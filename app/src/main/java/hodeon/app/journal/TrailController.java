package hodeon.app.journal;

import hodeon.app.aid.DoNow;
import hodeon.app.aid.FirstAid;
import hodeon.app.aid.KitAtHand;
import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.household.Member;
import hodeon.app.household.Right;
import hodeon.app.need.Forecasts;
import hodeon.app.plan.PartySuitability;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Severity;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.procedure.Casualty;
import hodeon.core.need.Drivers;
import hodeon.core.need.ProblemForecast;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.party.Alike;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** The log in three taps, and what keeps it working out of the server's reach. */
@Controller
class TrailController {

    /** Buttons shown at once; the others are behind “more”. */
    private static final int FIRST = 12;

    /** Buttons for what threatens life, before all others. */
    private static final int MOST_GRAVE = 6;

    private static final JsonMapper JSON = new JsonMapper();

    private final TripService trips;
    private final Forecasts forecasts;
    private final HouseholdEvidence knowledge;
    private final TrailNotes notes;
    private final KitAtHand along;
    private final Progress progress;
    private final FirstAid aid;
    private final PartySuitability suitability;

    TrailController(
            TripService trips,
            Forecasts forecasts,
            HouseholdEvidence knowledge,
            TrailNotes notes,
            KitAtHand along,
            Progress progress,
            FirstAid aid,
            PartySuitability suitability) {
        this.trips = trips;
        this.forecasts = forecasts;
        this.knowledge = knowledge;
        this.notes = notes;
        this.along = along;
        this.progress = progress;
        this.aid = aid;
        this.suitability = suitability;
    }

    /** What may be used. @param where it lies @param doses pieces of a dose by person, as JSON; empty where a use is the same for all */
    record Used(Supply supply, String where, String units, String doses) {

        private static Used of(KitAtHand.Lying lying, Map<String, Map<String, Integer>> perDose) {
            Supply supply = lying.supply();
            return new Used(
                    supply,
                    lying.where(),
                    Figures.unit(2, supply.piece()),
                    Optional.ofNullable(perDose.get(supply.id()))
                            .map(JSON::writeValueAsString)
                            .orElse(""));
        }
    }

    /** Somebody of the party. @param casualty whom what to do is told for, as a constant */
    record Somebody(UUID id, String name, String casualty, boolean alike) {

        private static List<Somebody> of(List<Alike> party) {
            return party.stream()
                    .flatMap(a -> a.people().stream().map(p -> of(p, a.people().size() > 1)))
                    .toList();
        }

        private static Somebody of(Person person, boolean alike) {
            Set<Condition> conditions = Condition.toHeed(person.conditions());
            return new Somebody(
                    person.id(),
                    person.name(),
                    Casualty.of(
                                    person.age().months(),
                                    conditions.contains(Condition.PREGNANCY),
                                    conditions.contains(Condition.CONTACT_LENSES))
                            .name(),
                    alike);
        }
    }

    /**
     * The page.
     *
     * @param grave problems that threaten life, {@code first} the likeliest others, {@code more} the rest
     * @param people of the party, and {@code alike} names of those who are alike, who are folded
     * @param aid what to do in each, and {@code uses} how its supplies are used
     */
    record TrailPage(
            Progress.Strip strip,
            List<TrailOffer> grave,
            List<TrailOffer> first,
            List<TrailOffer> more,
            List<DoNow> aid,
            List<DoNow.HowTo> uses,
            List<Somebody> people,
            String alike,
            List<Used> kit,
            LocalDate start,
            LocalDate end) {}

    @GetMapping("/trips/{id}/trail")
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        StoredTrip trip = trips.find(member.householdId(), id).seen(member.may(Right.PEOPLE));
        List<KitAtHand.Lying> lying = along.of(trip);
        List<Supply> kit = lying.stream()
                .filter(l -> l.pieces() > 0)
                .map(KitAtHand.Lying::supply)
                .toList();
        List<TrailOffer> offers = forecasts.of(trip).problems().stream()
                .sorted(Comparator.comparingDouble(
                        (ProblemForecast p) -> -p.events().mean()))
                .map(p -> TrailOffer.of(p.problem(), kit))
                .toList();
        List<TrailOffer> grave = offers.stream()
                .filter(o -> o.severity() == Severity.WORST)
                .limit(MOST_GRAVE)
                .toList();
        List<TrailOffer> others =
                offers.stream().filter(o -> !grave.contains(o)).toList();
        int first = Math.min(FIRST, others.size());
        List<DoNow> now = aid.all(
                member.householdId(),
                offers.stream().map(TrailOffer::id).collect(Collectors.toSet()),
                Drivers.around(trip.trip()),
                lying);
        boolean people = member.may(Right.PEOPLE);
        Map<String, Map<String, Integer>> perDose = people
                ? suitability
                        .of(trip, knowledge.of(member.householdId()).catalogue())
                        .piecesPerDose()
                : Map.of();
        List<Alike> party = people ? Alike.of(trip.trip().party().people()) : List.of();
        TrailPage view = new TrailPage(
                progress.of(member.householdId(), trip, "Log"),
                grave,
                others.subList(0, first),
                others.subList(first, others.size()),
                now,
                now.stream().flatMap(d -> d.howTo().stream()).distinct().toList(),
                Somebody.of(party),
                party.stream()
                        .filter(a -> a.people().size() > 1)
                        .map(Alike::name)
                        .collect(Collectors.joining(", ")),
                lying.stream()
                        .filter(l -> l.pieces() > 0)
                        .map(l -> Used.of(l, perDose))
                        .toList(),
                trip.trip().start(),
                trip.trip().end());
        return Shown.page("journal/trail", view, model);
    }

    /** A fresh token to send with; whoever is signed out is sent to the door instead. */
    @GetMapping("/trips/{id}/trail/token")
    @ResponseBody
    Map<String, String> token(CsrfToken token) {
        return Map.of("header", token.getHeaderName(), "token", token.getToken());
    }

    /**
     * Takes a note: 201 when it is new, 200 when it had come before, 409 when another note has its number, 422 with what is wrong; with {@code stopped} where a
     * dose clock speaks against what was given, and a reason in {@code over} would have it kept all the same.
     */
    @PostMapping("/trips/{id}/trail")
    @ResponseBody
    ResponseEntity<Map<String, Object>> note(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody TrailEntry entry) {
        Optional<StoredTrip> trip = trips.maybe(member.householdId(), id);
        if (trip.isEmpty()) {
            return answer(HttpStatus.GONE, List.of("This outing has been deleted; the note has nowhere to go."));
        }
        Faults faults = new Faults();
        Catalogue catalogue = knowledge.of(member.householdId()).catalogue();
        Optional<TrailEntry.Checked> checked = entry.check(trip.get().trip(), catalogue, faults);
        if (checked.isEmpty()) {
            return answer(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    faults.all().stream().map(Fault::sentence).toList());
        }
        try {
            TrailNotes.Kept kept = notes.keep(member.householdId(), id, checked.get(), member.getUsername());
            if (kept.taken() == UseLog.Taken.ID_ELSEWHERE) {
                return answer(
                        HttpStatus.CONFLICT,
                        List.of("id: another note already has this one's number. Send it with another number."));
            }
            return ResponseEntity.status(kept.taken() == UseLog.Taken.KEPT ? HttpStatus.CREATED : HttpStatus.OK)
                    .body(Map.of("faults", List.of(), "counted", kept.counted()));
        } catch (TrailNotes.DoseStopped stopped) {
            return ResponseEntity.unprocessableContent().body(Map.of("faults", stopped.against(), "stopped", true));
        } catch (DataIntegrityViolationException refused) {
            // Sent twice at once, the second finds the first; anything else was not kept and must not be told to be.
            return notes.isKept(member.householdId(), id, checked.get().id())
                    ? answer(HttpStatus.OK, List.of())
                    : answer(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            List.of("This note could not be kept. Write it anew, or discard it."));
        }
    }

    @ExceptionHandler(HttpMessageNotReadableException.class)
    @ResponseBody
    ResponseEntity<Map<String, Object>> unreadable() {
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                List.of("The note is not readable as JSON. Discard it and write it again."));
    }

    private static ResponseEntity<Map<String, Object>> answer(HttpStatus status, List<String> faults) {
        return ResponseEntity.status(status).body(Map.of("faults", faults));
    }
}
