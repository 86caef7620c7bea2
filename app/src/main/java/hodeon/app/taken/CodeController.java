package hodeon.app.taken;

import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.chart.Qr;
import hodeon.app.stock.StockService;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The code of a kit: make and print it, replace it, revoke it; what was taken by it last. */
@Controller
class CodeController {

    private final KitCodes codes;
    private final Taking taking;
    private final StockService stock;
    private final Listening listening;

    CodeController(KitCodes codes, Taking taking, StockService stock, Listening listening) {
        this.codes = codes;
        this.taking = taking;
        this.stock = stock;
        this.listening = listening;
    }

    /**
     * The page.
     *
     * @param madeAt empty while there is none
     * @param beyond whether a phone can reach Hodeon at all
     * @param taken what was taken last, a line each
     */
    record CodePage(UUID id, String kit, String madeAt, boolean beyond, List<String> taken) {}

    @GetMapping("/kits/{id}/code")
    String code(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        UUID household = member.householdId();
        CodePage view = new CodePage(
                id,
                stock.place(household, id).name(),
                codes.madeAt(household, id).map(Figures::moment).orElse(""),
                listening.beyondThisMachine(),
                taking.latest(household, id).stream()
                        .map(t -> Figures.moment(t.at()) + ": " + t.what()
                                + (t.who().isEmpty() ? "" : ", " + t.who()))
                        .toList());
        return Shown.page("taken/code", view, model);
    }

    /** The address is shown this once: only its digest is kept. */
    @PostMapping("/kits/{id}/code")
    String make(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            HttpServletRequest request,
            RedirectAttributes next) {
        stock.place(member.householdId(), id);
        if (listening.beyondThisMachine()) {
            String address = request.getScheme() + "://" + listening.host(request.getServerName()) + ":"
                    + request.getServerPort() + "/t/" + codes.make(member.householdId(), id);
            next.addFlashAttribute("address", address);
            Qr.of(address).ifPresent(qr -> next.addFlashAttribute("qr", qr));
        }
        return "redirect:/kits/" + id + "/code";
    }

    @PostMapping("/kits/{id}/code/revoke")
    String revoke(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        stock.place(member.householdId(), id);
        codes.revoke(member.householdId(), id);
        next.addFlashAttribute("said", "The code opens nothing any more.");
        return "redirect:/kits/" + id + "/code";
    }
}
