package hodeon.app.simulated;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Weighing;
import hodeon.core.units.Mass;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The simulated scanner, scale and temperature logger. */
@Controller
class SimulatedController {

    private static final String WEIGHED = "antiseptic-wipe";
    private static final int MOST = 500;
    private static final Mass SOMETHING = Mass.ofGrams(25);

    private final SimulatedScanner scanner = new SimulatedScanner();
    private final SimulatedScale scale = new SimulatedScale(20_260_612);
    private final OwnCatalogue catalogues;
    private final Clock clock;

    SimulatedController(OwnCatalogue catalogues, Clock clock) {
        this.catalogues = catalogues;
        this.clock = clock;
    }

    /** The code lands where a scanner would have typed it. */
    @PostMapping("/simulated/scanner")
    String scan(RedirectAttributes next) {
        next.addAttribute("code", scanner.scan(LocalDate.now(clock)));
        return "redirect:/stock/enter";
    }

    @PostMapping("/simulated/scale")
    String weigh(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "12") int pieces,
            RedirectAttributes next) {
        Supply wipe =
                catalogues.of(member.householdId()).catalogue().supply(WEIGHED).orElseThrow();
        int some = Math.clamp(pieces, 0, MOST);
        Weighing weighing = Weighing.of(scale.weigh(wipe.mass().times(some)), Mass.ZERO, wipe.mass());
        next.addFlashAttribute(
                "weighed",
                Figures.named(weighing.pieces(), wipe) + " by weight, "
                        + (weighing.sure() ? "sure" : "not sure: count them by hand"));
        return "redirect:/stock/enter";
    }

    /** What the scale shows, in grams, for so many of a supply; for something it never saw, what such a thing may weigh. */
    @GetMapping(value = "/simulated/scale/reading", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String reading(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String supply,
            @RequestParam(defaultValue = "1") int pieces) {
        Mass one = catalogues
                .of(member.householdId())
                .catalogue()
                .supply(supply)
                .map(Supply::mass)
                .orElse(SOMETHING);
        return String.valueOf((long) scale.weigh(one.times(Math.clamp(pieces, 1, MOST)))[0]);
    }

    @GetMapping("/simulated/hot-car.csv")
    ResponseEntity<byte[]> hotCar() {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"simulated-hot-car.csv\"")
                .body(SimulatedLogger.hotCar(LocalDate.now(clock)).getBytes(StandardCharsets.UTF_8));
    }
}
