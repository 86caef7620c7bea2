package hodeon.app.readiness;

import hodeon.app.household.Member;
import hodeon.app.shell.Cells;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.ArrivalForm;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.Offer;
import hodeon.core.stock.Ledger.TooFew;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The restock page: from home first, then whole packs; ticking off, putting away, prices and spending. */
@Controller
class RestockController {

    private final RestockService restock;
    private final StockService stock;
    private final StockHistory history;
    private final PriceList prices;
    private final Clock clock;

    RestockController(RestockService restock, StockService stock, StockHistory history, PriceList prices, Clock clock) {
        this.restock = restock;
        this.stock = stock;
        this.history = history;
        this.prices = prices;
        this.clock = clock;
    }

    @GetMapping("/restock")
    String page(@AuthenticationPrincipal Member member, Model model) {
        RestockService.Answer answer = restock.answer(member.householdId());
        return Shown.page(
                "readiness/restock",
                RestockPage.of(
                        answer,
                        prices.shops(member.householdId()),
                        history.spending(member.householdId()),
                        LocalDate.now(clock)),
                model);
    }

    @PostMapping("/restock/fill")
    String fill(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) Optional<UUID> kit,
            @RequestParam(defaultValue = "") String supply,
            @RequestParam(defaultValue = "0") int pieces,
            @RequestParam(required = false) Optional<LocalDate> until,
            @RequestParam(defaultValue = "/restock") String back,
            RedirectAttributes next) {
        try {
            String who = member.getUsername();
            int moved = kit.isEmpty()
                    ? restock.fillAll(member.householdId(), who)
                    : until.isPresent()
                            ? restock.fill(member.householdId(), kit.get(), supply, pieces, until.get(), who)
                            : restock.fillKit(member.householdId(), kit.get(), who);
            next.addFlashAttribute(
                    "said",
                    moved == 0
                            ? "Nothing that may be taken lasts long enough."
                            : Figures.counted(moved, "piece") + " moved.");
        } catch (TooFew few) {
            next.addFlashAttribute("said", "Somebody was quicker: look again at what is left at home.");
        }
        return "redirect:" + (back.matches("/trips/[0-9a-f-]{36}/ready|/kits/[0-9a-f-]{36}") ? back : "/restock");
    }

    @PostMapping("/restock/discard-old")
    String discardOld(@AuthenticationPrincipal Member member, RedirectAttributes next) {
        int lots = restock.discardOld(member.householdId(), member.getUsername());
        next.addFlashAttribute("said", Figures.counted(lots, "lot") + " past the date thrown out.");
        return "redirect:/restock";
    }

    @PostMapping("/restock/tick")
    String tick(
            @AuthenticationPrincipal Member member,
            @RequestParam String supply,
            @RequestParam(defaultValue = "false") boolean bought) {
        if (stock.of(member.householdId()).supplies().containsKey(supply)) {
            restock.tick(member.householdId(), supply, bought);
        }
        return "redirect:/restock#buy";
    }

    /** What was bought is put away: a lot is made of it, and the tick goes. */
    @PostMapping("/restock/put-away")
    String putAway(@AuthenticationPrincipal Member member, ArrivalForm form, RedirectAttributes next) {
        Faults faults = new Faults();
        restock.putAway(member.householdId(), form, member.getUsername(), faults)
                .ifPresent(pieces -> next.addFlashAttribute("said", Figures.counted(pieces, "piece") + " put away."));
        if (!faults.none()) {
            next.addFlashAttribute("faults", faults.all());
        }
        return "redirect:/restock#buy";
    }

    /** Everything in the basket at once: it came from one shop on one day. */
    @PostMapping("/restock/put-basket-away")
    String putBasketAway(
            @AuthenticationPrincipal Member member,
            @RequestParam UUID shelf,
            @RequestParam(defaultValue = "") String until,
            RedirectAttributes next) {
        Faults faults = new Faults();
        int kinds = restock.putBasketAway(member.householdId(), shelf, until, member.getUsername(), faults);
        if (faults.none()) {
            next.addFlashAttribute("said", Figures.counted(kinds, "kind") + " put away.");
        } else {
            next.addFlashAttribute("faults", faults.all());
        }
        return "redirect:/restock#buy";
    }

    /** What is to be bought, to take along or to send to somebody. */
    @GetMapping(value = "/restock/list.csv", produces = "text/csv;charset=UTF-8")
    @ResponseBody
    String listCsv(@AuthenticationPrincipal Member member) throws IOException {
        RestockService.Answer answer = restock.answer(member.householdId());
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter rows = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            Map<PriceList.Sold, String> shops = prices.shops(member.householdId());
            rows.printRecord("supply", "needed", "unit", "packs", "cost", "shop", "in_basket", "supply_id");
            for (RestockService.Purchase p : answer.purchases()) {
                rows.printRecord(
                        Cells.write(answer.all().stock().nameOf(p.supply())),
                        p.need(),
                        answer.all().stock().piece(p.supply()),
                        p.packs().bought().entrySet().stream()
                                .map(b -> b.getValue() + " x " + b.getKey().name())
                                .collect(Collectors.joining(" + ")),
                        Figures.money(p.packs().cost().amount()),
                        PriceList.where(shops, p.supply(), p.packs().bought().keySet()).stream()
                                .map(Cells::write)
                                .collect(Collectors.joining(" + ")),
                        p.ticked() ? "yes" : "no",
                        p.supply());
            }
        }
        return csv.toString();
    }

    @PostMapping("/restock/prices")
    String prices(@AuthenticationPrincipal Member member, @RequestParam MultipartFile file, RedirectAttributes next)
            throws IOException {
        Faults faults = new Faults();
        List<PriceList.Line> lines = Texts.read(file.getBytes(), "file", faults)
                .map(text -> PriceList.read(text, stock.of(member.householdId()), faults))
                .orElse(List.of());
        if (faults.none() && lines.isEmpty()) {
            faults.add(new Fault(
                    "file",
                    Wording.says("restockController.noLines"),
                    Wording.says("restockController.aPriceListHasAtLeastOne"),
                    Wording.says("restockController.lookAtItsFormat")));
        }
        if (faults.none()) {
            prices.replace(member.householdId(), lines);
            next.addFlashAttribute("said", Figures.counted(lines.size(), "price") + " taken over.");
        } else {
            next.addFlashAttribute("faults", new ArrayList<>(faults.all()));
        }
        return "redirect:/restock";
    }

    /** The offers in use, as a list to start from. */
    @GetMapping(value = "/restock/prices.csv", produces = "text/csv;charset=UTF-8")
    @ResponseBody
    String pricesCsv(@AuthenticationPrincipal Member member) {
        Map<String, List<Offer>> own = prices.own(member.householdId());
        Map<PriceList.Sold, String> shops = prices.shops(member.householdId());
        StringBuilder csv = new StringBuilder("supply,name,pieces,price,unit,shop\r\n");
        stock.of(member.householdId()).supplies().values().forEach(s -> own.getOrDefault(
                        s.id(), List.of(PriceList.usual(s)))
                .forEach(o -> csv.append(s.id())
                        .append(",\"")
                        .append(Cells.write(o.name()).replace("\"", "\"\""))
                        .append("\",")
                        .append(o.pieces())
                        .append(',')
                        .append(o.price().exact().toPlainString())
                        .append(',')
                        .append(Cells.write(s.piece()))
                        .append(",\"")
                        .append(Cells.write(shops.getOrDefault(new PriceList.Sold(s.id(), o.name()), ""))
                                .replace("\"", "\"\""))
                        .append("\"\r\n")));
        return csv.toString();
    }
}
