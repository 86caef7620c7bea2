package hodeon.app.taken;

import com.github.benmanes.caffeine.cache.Ticker;
import hodeon.app.kits.KitDrawing;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Fault;
import hodeon.core.stock.Ledger.TooFew;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** The page behind the code on a kit: what lies where, what to do first, and “I took this” in three touches. No account is needed. */
@Controller
class TakingController {

    /** So many things may be taken by one code in ten minutes. */
    private static final int MOST_TAKES = 40;

    private static final Duration IN = Duration.ofMinutes(10);

    private final KitCodes codes;
    private final Taking taking;
    private final Quota takes = new Quota(MOST_TAKES, IN, Ticker.systemTicker());

    TakingController(KitCodes codes, Taking taking) {
        this.codes = codes;
        this.taking = taking;
    }

    /**
     * The page.
     *
     * @param code what opens it
     * @param next an id for what is said next without script
     * @param drawing its modules as they lie in it
     * @param said what was done just now; empty if nothing was
     */
    record TakingPage(String code, UUID next, KitBefore kit, KitDrawing drawing, String said, List<Fault> faults) {}

    @GetMapping("/t/{code}")
    String page(@PathVariable String code, @RequestParam(required = false) @Nullable String taken, Model model) {
        return page(code, open(code), taken == null ? "" : "Thank you. It is written down.", List.of(), model);
    }

    /** Takes what was said; a program is answered in a word, a form by the page. */
    @PostMapping("/t/{code}")
    Object take(
            @PathVariable String code,
            @RequestParam UUID id,
            @RequestParam String what,
            @RequestParam int pieces,
            @RequestParam(defaultValue = "") String problem,
            @RequestParam(defaultValue = "") String who,
            @RequestHeader(name = "Accept", defaultValue = "") String accept,
            HttpServletResponse response,
            Model model) {
        KitCodes.Opened opened = open(code);
        boolean program = accept.startsWith(MediaType.TEXT_PLAIN_VALUE);
        boolean tooMany = !takes.takes(code);
        Optional<Fault> fault = tooMany
                ? Optional.of(new Fault(
                        "pieces",
                        String.valueOf(pieces),
                        Wording.says("takingController.moreThanWereWrittenDownInTen", MOST_TAKES),
                        Wording.says("takingController.waitALittleOrTellWhoeverKeeps")))
                : taken(opened, what, form(id, what, pieces, problem, who));
        HttpStatus status = tooMany
                ? HttpStatus.TOO_MANY_REQUESTS
                : fault.isEmpty() ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT;
        if (program) {
            return ResponseEntity.status(status)
                    .contentType(MediaType.TEXT_PLAIN)
                    .body(fault.map(Fault::sentence).orElse(Wording.says("takingController.writtenDown")));
        }
        if (fault.isEmpty()) {
            return "redirect:/t/" + code + "?taken";
        }
        response.setStatus(status.value());
        return page(code, opened, "", List.of(fault.get()), model);
    }

    private Optional<Fault> taken(KitCodes.Opened opened, String what, Optional<TakenForm> form) {
        if (form.isEmpty()) {
            return Optional.of(new Fault(
                    "what",
                    what,
                    Wording.says("takingController.aThingIsOneOfThoseOn"),
                    Wording.says("taking.openTheKitsPageAgain")));
        }
        try {
            return taking.take(opened, form.get());
        } catch (TooFew quicker) {
            return Optional.of(new Fault(
                    "pieces",
                    String.valueOf(form.get().pieces()),
                    Wording.says("takingController.somebodyTookOfTheSameAMoment"),
                    Wording.says("takingController.lookAgainAtWhatIsLeftAnd")));
        }
    }

    private static Optional<TakenForm> form(UUID id, String what, int pieces, String problem, String who) {
        int colon = what.indexOf(':');
        try {
            return Optional.of(new TakenForm(
                    id,
                    UUID.fromString(what.substring(0, Math.max(0, colon))),
                    what.substring(colon + 1),
                    pieces,
                    problem,
                    who));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    private KitCodes.Opened open(String code) {
        return codes.open(code).orElseThrow(() -> new NotHere("kit of this code"));
    }

    private String page(String code, KitCodes.Opened opened, String said, List<Fault> faults, Model model) {
        return Shown.page(
                "taken/taking",
                new TakingPage(code, UUID.randomUUID(), taking.before(opened), taking.drawn(opened), said, faults),
                model);
    }
}
