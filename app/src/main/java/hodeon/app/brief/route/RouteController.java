package hodeon.app.brief.route;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.core.brief.route.Pace;
import hodeon.core.brief.route.Route;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
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

    /** How somebody walks, as typed. */
    record RouteForm(String rule, String factor, String hoursADay, String beyond) {

        static final RouteForm USUAL = new RouteForm("", "1", "6", "1");

        RouteForm {
            rule = Texts.given(rule);
            factor = Texts.given(factor);
            hoursADay = Texts.given(hoursADay);
            beyond = Texts.given(beyond);
        }
    }

    /** @param route what the file says; missing while none was read */
    record RoutePage(
            RouteForm typed,
            List<Pace.Rule> rules,
            @Nullable RouteView route,
            List<String> routeFaults) {}

    @GetMapping
    String ask(Model model) {
        return page(RouteForm.USUAL, null, List.of(), model);
    }

    @PostMapping
    String read(@RequestParam("file") MultipartFile file, RouteForm typed, HttpServletResponse response, Model model)
            throws IOException {
        Faults faults = new Faults();
        FieldReader read = new FieldReader(faults);
        double factor = number(
                read, "factor", typed.factor(), Pace.LEAST, Pace.MOST, Wording.says("routeController.thePaceFactor"));
        double hoursADay =
                number(read, "hoursADay", typed.hoursADay(), 1, 16, Wording.says("routeController.hoursADayOnFoot"));
        double beyond =
                number(read, "beyond", typed.beyond(), 0, 200, Wording.says("routeController.hoursFromTheEndsToCare"));
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        Optional<Route> route = RouteFile.read(name, file.getBytes(), faults);
        if (faults.none() && route.isPresent()) {
            Pace pace = new Pace(rule(typed.rule()), factor);
            return page(typed, RouteView.of(route.get(), pace, hoursADay, beyond), List.of(), model);
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(typed, null, faults.all().stream().map(Fault::sentence).toList(), model);
    }

    private static String page(RouteForm typed, @Nullable RouteView route, List<String> faults, Model model) {
        return Shown.page("brief/route", new RoutePage(typed, List.of(Pace.Rule.values()), route, faults), model);
    }

    private static Pace.Rule rule(String name) {
        return name.equals(Pace.Rule.TOBLER.name()) ? Pace.Rule.TOBLER : Pace.Rule.NAISMITH;
    }

    private static double number(FieldReader read, String field, String typed, double least, double most, String what) {
        return read.decimal(field, typed, BigDecimal.valueOf(least), BigDecimal.valueOf(most), what, 3, "h")
                .doubleValue();
    }
}
