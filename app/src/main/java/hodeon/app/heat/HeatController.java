package hodeon.app.heat;

import hodeon.app.household.Member;
import hodeon.app.shell.Texts;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Heat.Reading;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A temperature log against the limits of what lies in a place. Nothing of it is kept, and no date is ever extended. */
@Controller
class HeatController {

    private final StockService stock;

    HeatController(StockService stock) {
        this.stock = stock;
    }

    @GetMapping("/stock/heat")
    String page(@AuthenticationPrincipal Member member, Model model) {
        model.addAttribute("places", stock.places(member.householdId()));
        return "heat/heat";
    }

    @PostMapping("/stock/heat")
    String read(
            @AuthenticationPrincipal Member member,
            @RequestParam MultipartFile file,
            @RequestParam UUID place,
            HttpServletResponse response,
            Model model)
            throws IOException {
        Place where = stock.place(member.householdId(), place);
        Faults faults = new Faults();
        List<Reading> readings = Texts.read(file.getBytes(), "file", faults)
                .map(text -> TemperatureCsv.read(text, faults))
                .orElse(List.of());
        if (faults.none()) {
            Stock there = stock.at(member.householdId(), place);
            model.addAttribute("heat", HeatView.of(readings, there.held(), there));
        } else {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        model.addAttribute("faults", faults.all());
        model.addAttribute("where", where.name());
        model.addAttribute("place", place);
        return page(member, model);
    }
}
