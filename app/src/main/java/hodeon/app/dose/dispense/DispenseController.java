package hodeon.app.dose.dispense;

import hodeon.app.household.Member;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Cells;
import hodeon.app.shell.Figures;
import hodeon.app.shell.FindingWords;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** Handing medicine over: choose, see what the gate says, hand over; its label and the register. */
@Controller
class DispenseController {

    private final Dispensing dispensing;
    private final PeopleService people;

    DispenseController(Dispensing dispensing, PeopleService people) {
        this.dispensing = dispensing;
        this.people = people;
    }

    /** Something to choose. @param key its product and place */
    record Choice(String key, String name) {}

    /**
     * The page.
     *
     * @param product chosen, with its place; empty while none is
     * @param answer what the gate says to it, and {@code refused} whether that is no
     */
    record DispensePage(
            PeopleService.Known known,
            List<PeopleService.Known> clinicians,
            List<Choice> offered,
            String product,
            String answer,
            List<String> warnings,
            boolean refused,
            DispenseForm typed,
            List<Fault> faults) {}

    @GetMapping("/people/{id}/dispense")
    String ask(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String what,
            Model model) {
        people.find(member.householdId(), id);
        people.seen(member.householdId(), id, member.getUsername(), "handing over");
        return page(member, id, what, new DispenseForm(null, null, "", null, ""), List.of(), model);
    }

    @PostMapping("/people/{id}/dispense")
    String hand(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String what,
            @RequestParam(defaultValue = "") String units,
            @RequestParam(required = false) Optional<UUID> by,
            @RequestParam(defaultValue = "") String note,
            HttpServletResponse response,
            Model model) {
        people.find(member.householdId(), id);
        Faults faults = new Faults();
        DispenseForm form = new DispenseForm(product(what), place(what).orElse(null), units, by.orElse(null), note);
        Optional<UUID> line = dispensing.hand(member.householdId(), id, form, faults);
        if (line.isPresent()) {
            return "redirect:/dispensed/" + line.get();
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(member, id, what, form, faults.all(), model);
    }

    private static String product(String what) {
        return what.replaceFirst("@.*", "");
    }

    private static Optional<UUID> place(String what) {
        try {
            return Optional.of(UUID.fromString(what.replaceFirst(".*@", "")));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    private String page(Member member, UUID person, String what, DispenseForm typed, List<Fault> faults, Model model) {
        UUID household = member.householdId();
        List<Choice> offered = dispensing.offered(household).stream()
                .map(o -> new Choice(
                        o.product().id() + "@" + o.place(),
                        Wording.says("dispenseController.in", o.product().name(), o.pieces(), o.placeName())))
                .toList();
        boolean known = offered.stream().anyMatch(o -> o.key().equals(what));
        Optional<DoseAnswer> answer =
                known ? Optional.of(dispensing.answer(household, person, product(what))) : Optional.empty();
        DispensePage view = new DispensePage(
                people.find(household, person),
                dispensing.clinicians(household),
                offered,
                known ? what : "",
                answer.map(DispenseController::say).orElse(""),
                answer.filter(a -> a instanceof DoseAnswer.Give)
                        .map(a -> ((DoseAnswer.Give) a)
                                .cautions().stream()
                                        .map(c -> c.level().label() + ": " + FindingWords.say(c.warning()))
                                        .toList())
                        .orElse(List.of()),
                answer.filter(a -> a instanceof DoseAnswer.Refused).isPresent(),
                typed,
                faults);
        return Shown.page("dispense/dispense", view, model);
    }

    private static String say(DoseAnswer answer) {
        return switch (answer) {
            case DoseAnswer.Give give -> give.amountWithMilligrams() + ", " + give.often();
            case DoseAnswer.Refused refused ->
                Wording.says("sheetController.notSaid", FindingWords.say(refused.whyNot()));
        };
    }

    record LabelPage(Dispensing.Entry entry, String at) {}

    @GetMapping("/dispensed/{id}")
    String label(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        Dispensing.Entry entry = dispensing.find(member.householdId(), id);
        return Shown.page("dispense/label", new LabelPage(entry, Figures.moment(entry.at())), model);
    }

    record RegisterPage(List<Dispensing.Entry> entries) {}

    @GetMapping("/dispensed")
    String register(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page("dispense/register", new RegisterPage(dispensing.all(member.householdId())), model);
    }

    @GetMapping(value = "/dispensed.csv", produces = "text/csv;charset=UTF-8")
    @ResponseBody
    String csv(@AuthenticationPrincipal Member member) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord("number", "at", "who", "product", "quantity", "lots", "good_until", "by");
            for (Dispensing.Entry e : dispensing.all(member.householdId())) {
                csv.printRecord(
                        e.number(),
                        Figures.moment(e.at()),
                        Cells.write(e.who()),
                        Cells.write(e.product()),
                        Cells.write(e.quantity()),
                        Cells.write(e.lots()),
                        e.goodUntil(),
                        Cells.write(e.by()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
