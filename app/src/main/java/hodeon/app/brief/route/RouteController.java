package hodeon.app.brief.route;

import hodeon.core.brief.route.Pace;
import hodeon.core.brief.route.Route;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Reads a route file for the brief: length, climb, days, and hours to help from its farthest point. Keeps nothing. */
@Controller
@RequestMapping("/route")
class RouteController {

    @GetMapping
    String ask(Model model) {
        return page(Map.of(), model);
    }

    @PostMapping
    String read(
            @RequestParam("file") MultipartFile file,
            @RequestParam Map<String, String> typed,
            HttpServletResponse response,
            Model model)
            throws IOException {
        Faults faults = new Faults();
        double factor = number("factor", typed, Pace.LEAST, Pace.MOST, "The pace factor", faults);
        double hoursADay = number("hoursADay", typed, 1, 16, "Hours a day on foot", faults);
        double beyond = number("beyond", typed, 0, 200, "Hours from the ends to care", faults);
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        Optional<Route> route = RouteFile.read(name, file.getBytes(), faults);
        if (faults.none() && route.isPresent()) {
            Pace pace = new Pace(rule(typed.getOrDefault("rule", "")), factor);
            model.addAttribute("route", RouteView.of(route.get(), pace, hoursADay, beyond));
        } else {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute(
                    "routeFaults", faults.all().stream().map(Fault::sentence).toList());
        }
        return page(typed, model);
    }

    private static String page(Map<String, String> typed, Model model) {
        model.addAttribute("rules", Pace.Rule.values());
        model.addAttribute("typed", typed);
        return "brief/route";
    }

    private static Pace.Rule rule(String name) {
        return name.equals(Pace.Rule.TOBLER.name()) ? Pace.Rule.TOBLER : Pace.Rule.NAISMITH;
    }

    private static double number(
            String field, Map<String, String> typed, double least, double most, String what, Faults faults) {
        String text = typed.getOrDefault(field, "").strip().replace(',', '.');
        if (text.matches("\\d{1,3}(\\.\\d{1,3})?")) {
            double number = Double.parseDouble(text);
            if (number >= least && number <= most) {
                return number;
            }
        }
        String limit = what + " is a number from " + trimmed(least) + " to " + trimmed(most);
        faults.add(field, text, limit, "Correct it");
        return least;
    }

    private static String trimmed(double number) {
        return number == Math.rint(number) ? Long.toString(Math.round(number)) : Double.toString(number);
    }
}
