package hodeon.app.table;

import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.core.catalogue.words.Columns.Meaning;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A file with somebody's own table: which column is what, and then its lines are looked over like those that are pasted. */
@Controller
@RequestMapping("/tables")
class TableController {

    private final Tables tables;

    TableController(Tables tables) {
        this.tables = tables;
    }

    @PostMapping
    String read(
            @AuthenticationPrincipal Member member,
            @RequestParam MultipartFile file,
            @RequestParam String to,
            @RequestParam(defaultValue = "") String place,
            HttpServletResponse response,
            Model model)
            throws IOException {
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        TablePage page = tables.read(member.householdId(), file.getBytes(), name, address(to), place, new Faults());
        return shown(page, response, model);
    }

    @PostMapping("/columns")
    String say(
            @AuthenticationPrincipal Member member,
            @RequestParam String cells,
            @RequestParam int first,
            @RequestParam List<Meaning> meaning,
            @RequestParam String to,
            @RequestParam(defaultValue = "") String place,
            HttpServletResponse response,
            Model model) {
        return shown(tables.say(member.householdId(), cells, first, meaning, address(to), place), response, model);
    }

    private static String address(String to) {
        if (!Tables.goesTo(to)) {
            throw new NotHere("a place to look lists over at " + to);
        }
        return to;
    }

    private static String shown(TablePage page, HttpServletResponse response, Model model) {
        if (!page.faults().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        return Shown.page("table/table", page, model);
    }
}
