package hodeon.app.care;

import hodeon.app.formulary.MedicineShelf;
import hodeon.app.household.Member;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.medication.formulary.Product;
import hodeon.core.notice.Fault;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Somebody's care diary: what was found and given, whether it helped, and what helped them before, first. */
@Controller
@RequestMapping("/people/{id}/care")
class CareController {

    private static final int LONGEST = 200;
    private final CareBook book;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final Clock clock;

    CareController(CareBook book, PeopleService people, MedicineShelf medicines, Clock clock) {
        this.book = book;
        this.people = people;
        this.medicines = medicines;
        this.clock = clock;
    }

    /** @param open whether it is still to be said if it helped */
    record Line(UUID id, String at, String found, String given, String helped, boolean open) {}

    record Typed(String at, String found, String given) {}

    record CarePage(
            PeopleService.Known known,
            List<Line> lines,
            List<CareBook.Before> before,
            List<String> medicines,
            List<CareNote.Helped> answers,
            Typed typed,
            List<Fault> faults) {}

    @GetMapping
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        people.find(member.householdId(), id);
        people.seen(member.householdId(), id, member.getUsername(), "care diary");
        String now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES).toString();
        return page(member, id, new Typed(now, "", ""), List.of(), model);
    }

    private String page(Member member, UUID id, Typed typed, List<Fault> faults, Model model) {
        CarePage view = new CarePage(
                people.find(member.householdId(), id),
                book.of(member.householdId(), id).reversed().stream()
                        .map(n -> new Line(
                                n.id(),
                                Figures.moment(n.at()),
                                n.note().found(),
                                n.note().given(),
                                n.note().helped().label(),
                                n.note().helped() == CareNote.Helped.NOT_KNOWN
                                        && !n.note().given().isBlank()))
                        .toList(),
                book.before(member.householdId(), id),
                medicines.of(member.householdId()).products().stream()
                        .map(Product::name)
                        .sorted()
                        .toList(),
                List.of(CareNote.Helped.values()),
                typed,
                faults);
        return Shown.page("care/care", view, model);
    }

    @PostMapping
    String add(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String found,
            @RequestParam(defaultValue = "") String given,
            @RequestParam(defaultValue = "NOT_KNOWN") CareNote.Helped helped,
            HttpServletResponse response,
            Model model) {
        people.find(member.householdId(), id);
        Optional<LocalDateTime> moment = moment(at);
        Optional<Fault> fault = moment.isEmpty()
                ? Optional.of(new Fault(
                        "at",
                        at,
                        Wording.says("careController.aTimeSuchAs20260614t14"),
                        Wording.says("careController.typeItAgain")))
                : found.isBlank() && given.isBlank()
                        ? Optional.of(new Fault(
                                "found",
                                "",
                                Wording.says("careController.somethingWasFoundOrSomethingGiven"),
                                Wording.says("careController.writeEitherOfThem")))
                        : found.length() > LONGEST || given.length() > LONGEST
                                ? Optional.of(new Fault(
                                        "found",
                                        found + given,
                                        Wording.says("careController.aLineHasAtMostCharacters", LONGEST),
                                        Wording.says("careController.makeTwoLinesOfIt")))
                                : Optional.empty();
        if (fault.isPresent()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, id, new Typed(at, found, given), List.of(fault.get()), model);
        }
        book.add(member.householdId(), id, moment.orElseThrow(), new CareNote(found.strip(), given.strip(), helped));
        return "redirect:/people/" + id + "/care";
    }

    private static Optional<LocalDateTime> moment(String typed) {
        try {
            return Optional.of(LocalDateTime.parse(typed));
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    @PostMapping("/{note}/helped")
    String helped(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable UUID note,
            @RequestParam CareNote.Helped helped) {
        book.helped(member.householdId(), id, note, helped);
        return "redirect:/people/" + id + "/care";
    }

    @PostMapping("/{note}/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable UUID id, @PathVariable UUID note) {
        book.remove(member.householdId(), id, note);
        return "redirect:/people/" + id + "/care";
    }
}
