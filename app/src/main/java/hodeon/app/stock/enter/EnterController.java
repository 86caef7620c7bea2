package hodeon.app.stock.enter;

import hodeon.app.catalogue.ReadLine;
import hodeon.app.catalogue.Understanding;
import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.ArrivalForm.ReadCode;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.table.TablePage;
import hodeon.app.table.Tables;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Taking things in: typed, scanned, from a photo, pasted, from a file. */
@Controller
class EnterController {

    /** For what is known of a household without what lies anywhere. */
    private static final UUID NOWHERE = new UUID(0, 0);

    private final StockService stock;
    private final Entering entering;
    private final OpenLines open;
    private final Understanding understanding;
    private final Tables tables;
    private final EnterPages pages;

    EnterController(
            StockService stock,
            Entering entering,
            OpenLines open,
            Understanding understanding,
            Tables tables,
            EnterPages pages) {
        this.pages = pages;
        this.tables = tables;
        this.understanding = understanding;
        this.stock = stock;
        this.entering = entering;
        this.open = open;
    }

    @GetMapping("/stock/enter")
    String page(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String place,
            @RequestParam(defaultValue = "") String supply,
            @RequestParam(defaultValue = "") String code,
            Model model) {
        Faults faults = new Faults();
        ArrivalForm form = ArrivalForm.at(place).of(supply);
        ReadCode read = code.isEmpty() ? ReadCode.NOTHING : entering.fromCode(member.householdId(), code, faults);
        return pages.page(member, EnterPages.Typed.code(form, code, read), faults, model);
    }

    @PostMapping("/stock/enter")
    String enter(
            @AuthenticationPrincipal Member member,
            ArrivalForm form,
            @RequestParam(defaultValue = "") String code,
            @RequestParam(name = "do", defaultValue = "") String act,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        Faults faults = new Faults();
        if (act.equals("read")) {
            ReadCode read = entering.fromCode(member.householdId(), code, faults);
            return pages.answer(member, EnterPages.Typed.code(form, code, read), faults, response, model);
        }
        Optional<Arrival> arrival =
                entering.add(member.householdId(), form, Cause.of(member.getUsername(), ""), faults);
        if (arrival.isEmpty()) {
            return pages.answer(member, EnterPages.Typed.code(form, code, ReadCode.NOTHING), faults, response, model);
        }
        next.addFlashAttribute(
                "added",
                stock.at(member.householdId(), NOWHERE)
                        .named(arrival.get().pieces(), arrival.get().supply()));
        next.addAttribute("place", form.place());
        return "redirect:/stock/enter";
    }

    @PostMapping("/stock/enter/photo")
    String photo(
            @AuthenticationPrincipal Member member,
            @RequestParam MultipartFile photo,
            @RequestParam(defaultValue = "") String place,
            HttpServletResponse response,
            Model model)
            throws IOException {
        Faults faults = new Faults();
        Optional<String> code = CodePhoto.read(photo.getBytes(), faults);
        ReadCode read = code.map(c -> entering.fromCode(member.householdId(), c, faults))
                .orElse(ReadCode.NOTHING);
        String shown = code.orElse("").replace("\u001d", "<GS>");
        return pages.answer(member, EnterPages.Typed.code(ArrivalForm.at(place), shown, read), faults, response, model);
    }

    /** First what was understood, to be looked over; nothing is written yet. */
    @PostMapping("/stock/enter/lines")
    String lines(
            @AuthenticationPrincipal Member member,
            @RequestParam String text,
            @RequestParam(defaultValue = "") String place,
            @RequestParam(required = false) @Nullable List<String> at,
            Model model) {
        Faults faults = new Faults();
        List<ReadLine> lines = understanding.read(member.householdId(), text);
        String rest = "";
        long given = Understanding.lines(text).count();
        if (given > Understanding.MOST_LINES) {
            faults.add(
                    "lines",
                    Wording.says("linesPage.lines", given),
                    Wording.says("enterController.atMostLinesAreLookedOverAt", Understanding.MOST_LINES),
                    Wording.says("enterController.enterTheseFirstTheRestWaitsIn"));
            rest = Understanding.lines(text).skip(Understanding.MOST_LINES).collect(Collectors.joining("\n"));
        }
        return pages.page(member, EnterPages.Typed.lines(place, lines, RepeatedFields.sent(at), rest), faults, model);
    }

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    /** The lines as they were looked over; all are written or none. */
    @PostMapping("/stock/enter/confirmed")
    String confirmed(
            @AuthenticationPrincipal Member member,
            LookedOver given,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        Faults faults = new Faults();
        ArrivalReader reader = entering.reader(member.householdId());
        String place = given.goesTo();
        List<Arrival> arrivals = new ArrayList<>();
        List<String> unknown = new ArrayList<>();
        List<String> dropped = new ArrayList<>();
        List<String> placed = new ArrayList<>();
        Map<String, String> meant = new HashMap<>();
        List<ReadLine.Typed> lines = given.rows();
        for (int i = 0; i < lines.size(); i++) {
            ReadLine.Typed line = lines.get(i);
            if (line.supply().isEmpty()) {
                unknown.add(line.text());
            } else if (line.supply().equals(LookedOver.DROP)) {
                dropped.add(line.text());
            } else {
                placed.add(line.text());
                int row = i;
                reader.read(f -> given.field(row, line, f), Wording.says("enterController.line", i + 1) + " ", faults)
                        .ifPresent(arrival -> {
                            arrivals.add(arrival);
                            meant.put(line.text(), arrival.supply());
                        });
            }
        }
        if (!faults.none()) {
            List<ReadLine> again = understanding.again(member.householdId(), lines);
            return pages.answer(
                    member, EnterPages.Typed.lines(place, again, given.each(), ""), faults, response, model);
        }
        entering.add(member.householdId(), arrivals, Cause.of(member.getUsername(), "pasted"));
        understanding.learn(member.householdId(), meant);
        open.settle(
                member.householdId(),
                Stream.concat(placed.stream(), dropped.stream()).toList());
        open.keep(member.householdId(), unknown);
        next.addFlashAttribute(
                "added",
                Figures.counted(arrivals.size(), "line")
                        + (unknown.isEmpty() ? "" : Wording.says("enterController.keptOpenSeeBelow", unknown.size()))
                        + (dropped.isEmpty() ? "" : Wording.says("enterController.dropped", dropped.size())));
        next.addAttribute("place", place);
        return "redirect:/stock/enter";
    }

    /** Our own file is entered at once; of any other table the columns are looked at first. */
    @PostMapping("/stock/enter/file")
    String file(
            @AuthenticationPrincipal Member member,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String place,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model)
            throws IOException {
        Faults faults = new Faults();
        byte[] bytes = file.getBytes();
        if (!StockCsv.isOurs(bytes)) {
            String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
            TablePage table = tables.read(member.householdId(), bytes, name, "/stock/enter/lines", place, faults);
            response.setStatus(faults.none() ? HttpStatus.OK.value() : HttpStatus.UNPROCESSABLE_CONTENT.value());
            return Shown.page("table/table", table, model);
        }
        List<Arrival> arrivals = Texts.read(bytes, "file", faults)
                .map(text -> StockCsv.read(text, entering.reader(member.householdId()), faults))
                .orElse(List.of());
        if (!faults.none()) {
            return pages.answer(
                    member, EnterPages.Typed.code(ArrivalForm.EMPTY, "", ReadCode.NOTHING), faults, response, model);
        }
        entering.add(member.householdId(), arrivals, Cause.of(member.getUsername(), "from a file"));
        next.addFlashAttribute("added", Figures.counted(arrivals.size(), "line"));
        return "redirect:/stock/enter";
    }
}
