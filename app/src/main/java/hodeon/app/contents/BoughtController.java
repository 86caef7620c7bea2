package hodeon.app.contents;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.catalogue.ReadLine;
import hodeon.app.catalogue.Understanding;
import hodeon.app.household.Member;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A kit entered as it was bought: its parts list pasted, one date for all of it or one for each line. */
@Controller
@RequestMapping("/kits/{id}/bought")
class BoughtController {

    private final BoughtKit bought;
    private final StockService stock;
    private final OwnCatalogue catalogues;
    private final Understanding understanding;

    BoughtController(BoughtKit bought, StockService stock, OwnCatalogue catalogues, Understanding understanding) {
        this.understanding = understanding;
        this.bought = bought;
        this.stock = stock;
        this.catalogues = catalogues;
    }

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    /** @param until typed for all of it, and {@code untils} for each line; empty where nobody knows */
    record BoughtPage(UUID id, String kit, String until, List<String> untils) {}

    @GetMapping
    String ask(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(member, id, "", List.of(), LinesPage.EMPTY, model);
    }

    @PostMapping
    String match(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestParam String text, Model model) {
        UUID household = member.householdId();
        LinesPage lines = LinesPage.read(
                text, household, understanding, catalogues.of(household).catalogue());
        List<String> untils = lines.lines().stream().map(ReadLine::until).toList();
        return page(member, id, "", untils.stream().allMatch(String::isEmpty) ? List.of() : untils, lines, model);
    }

    @PostMapping("/confirmed")
    String confirmed(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String until,
            @RequestParam(name = "lineUntil", required = false) @Nullable List<String> untils,
            ConfirmedLines confirmed,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        List<String> each = RepeatedFields.sent(untils);
        Faults faults = new Faults();
        BoughtKit.Entered entered =
                bought.enter(member.householdId(), id, confirmed, until, each, member.getUsername(), faults);
        if (!faults.none()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            LinesPage again = LinesPage.again(
                    confirmed,
                    faults.all(),
                    member.householdId(),
                    understanding,
                    catalogues.of(member.householdId()).catalogue());
            return page(member, id, until, each, again, model);
        }
        confirmed.learn(
                member.householdId(), catalogues.of(member.householdId()).catalogue(), understanding);
        next.addFlashAttribute(
                "said",
                Wording.says("bought.entered", entered.kinds())
                        + (entered.aside().isEmpty()
                                ? ""
                                : " "
                                        + Wording.says(
                                                "boughtController.keptAsideForNothingLikeThemIs",
                                                String.join("; ", entered.aside()))));
        return "redirect:/kits/" + id + "/amend";
    }

    private String page(Member member, UUID id, String until, List<String> untils, LinesPage lines, Model model) {
        String kit = stock.place(member.householdId(), id).name();
        Shown.part(new BoughtPage(id, kit, until, untils), model);
        return Shown.page("contents/bought", lines, model);
    }
}
