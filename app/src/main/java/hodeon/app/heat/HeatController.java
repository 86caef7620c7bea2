package hodeon.app.heat;

import hodeon.app.household.Member;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Texts;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Heat.Reading;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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

    /** @param heat what the log says; missing while none was read */
    record HeatPage(
            List<Place> places,
            @Nullable HeatView heat,
            List<Fault> faults,
            String where,
            @Nullable UUID place) {}

    @GetMapping("/stock/heat")
    String page(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page(
                "heat/heat", new HeatPage(stock.places(member.householdId()), null, List.of(), "", null), model);
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
        Stock there = stock.at(member.householdId(), place);
        if (!faults.none()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        HeatPage view = new HeatPage(
                stock.places(member.householdId()),
                faults.none() ? HeatView.of(readings, there.held(), there) : null,
                faults.all(),
                where.name(),
                place);
        return Shown.page("heat/heat", view, model);
    }
}
