package hodeon.app.readiness;

import hodeon.app.household.Member;
import hodeon.app.shell.Cells;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Texts;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.ArrivalForm;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.Offer;
import hodeon.core.readiness.Restock;
import hodeon.core.stock.Held;
import hodeon.core.stock.Ledger.TooFew;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
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

    private static final double LEAST_COST = 0.01;

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

    record FillView(
            String supply,
            String name,
            int pieces,
            String counted,
            String from,
            String to,
            UUID kit,
            String until,
            String good) {}

    record OldView(UUID lot, String name, String pieces, String kit, String good, boolean over) {}

    record BuyView(
            String supply,
            String name,
            String need,
            String packs,
            String cost,
            String surplus,
            String perYear,
            boolean own,
            boolean ticked,
            int pieces,
            String unit) {}

    @GetMapping("/restock")
    String page(@AuthenticationPrincipal Member member, Model model) {
        RestockService.Answer answer = restock.answer(member.householdId());
        Stock all = answer.all().stock();
        LocalDate today = LocalDate.now(clock);
        model.addAttribute(
                "fills",
                answer.restock().fills().stream()
                        .map(f -> fill(f, all, answer.all().until()))
                        .toList());
        model.addAttribute(
                "old",
                answer.restock().old().stream().map(h -> old(h, all, today)).toList());
        List<BuyView> buys = answer.purchases().stream().map(p -> buy(p, all)).toList();
        model.addAttribute("buys", buys);
        model.addAttribute("inBasket", buys.stream().filter(BuyView::ticked).count());
        double cost = answer.purchases().stream()
                .mapToDouble(p -> p.packs().cost().amount())
                .sum();
        model.addAttribute("headline", headline(answer, buys.size(), cost));
        model.addAttribute(
                "toPrescribe",
                answer.restock().toPrescribe().entrySet().stream()
                        .map(e -> all.nameOf(e.getKey()) + ": " + all.counted(e.getValue(), e.getKey()))
                        .toList());
        model.addAttribute("planned", answer.all().until().size());
        model.addAttribute("compared", names(all, id -> answer.all().until().containsKey(id)));
        model.addAttribute("notCompared", names(all, id -> !answer.all().until().containsKey(id)));
        model.addAttribute(
                "kits", all.kits().stream().filter(k -> k.kitId().isEmpty()).toList());
        model.addAttribute("shelves", all.shelves());
        model.addAttribute(
                "spending",
                history.spending(member.householdId()).stream()
                        .map(s -> Map.of("year", s.year(), "amount", Figures.money(s.hundredths() / 100.0)))
                        .toList());
        model.addAttribute("margin", all.rules().marginDays());
        return "readiness/restock";
    }

    /** Nothing is missing only where something was compared; what costs less than a cent is not said to cost. */
    private static String headline(RestockService.Answer answer, int buys, double cost) {
        if (answer.all().until().isEmpty()) {
            return "Nothing to compare yet";
        } else if (buys == 0 && !answer.restock().toPrescribe().isEmpty()) {
            return "Nothing to buy, but "
                    + Figures.counted(answer.restock().toPrescribe().size(), "kind") + " to be prescribed again";
        } else if (buys == 0) {
            return answer.restock().fills().isEmpty()
                    ? "Nothing is missing"
                    : "Nothing to buy: home has what is missing";
        }
        return "To buy: " + Figures.counted(buys, "kind")
                + (cost < LEAST_COST ? "" : " for about " + Figures.money(cost));
    }

    private static String names(Stock all, Predicate<UUID> which) {
        return all.kits().stream()
                .filter(k -> which.test(k.id()))
                .map(Place::name)
                .collect(Collectors.joining(", "));
    }

    private static FillView fill(Restock.Fill fill, Stock all, Map<UUID, LocalDate> until) {
        return new FillView(
                fill.from().lot().supply(),
                all.nameOf(fill.from().lot().supply()),
                fill.pieces(),
                all.counted(fill.pieces(), fill.from().lot().supply()),
                all.placeName(fill.from().place()),
                all.placeName(fill.to()),
                fill.to(),
                String.valueOf(until.get(fill.to())),
                fill.from().good().map(g -> "good until " + g.said()).orElse("does not expire"));
    }

    private static OldView old(Held held, Stock all, LocalDate today) {
        return new OldView(
                held.lot().id(),
                all.nameOf(held.lot().supply()),
                all.counted(held.pieces(), held.lot().supply()),
                all.placeName(held.place()),
                held.until(),
                held.lastDay().isBefore(today));
    }

    private static BuyView buy(RestockService.Purchase p, Stock all) {
        String packs = p.packs().bought().entrySet().stream()
                .map(b -> b.getValue() + " × " + b.getKey().name() + " at "
                        + Figures.money(b.getKey().price().amount()))
                .collect(Collectors.joining(" and "));
        double perYear = p.packs().bought().keySet().stream()
                .mapToDouble(o -> o.perYearOfReadiness(p.monthsGood()))
                .max()
                .orElse(0);
        return new BuyView(
                p.supply(),
                all.nameOf(p.supply()),
                all.counted(p.need(), p.supply()),
                packs,
                Figures.money(p.packs().cost().amount()),
                p.packs().surplus() == 0
                        ? "none"
                        : all.counted(p.packs().surplus(), p.supply()) + ", of which about "
                                + Figures.number(Math.min(p.further(), p.packs().surplus()))
                                + " will be used in time (worth "
                                + Figures.money(p.packs().surplusWorth() / 100) + ")",
                Figures.money(perYear / 100) + " per " + all.piece(p.supply()) + " and year",
                p.own(),
                p.ticked(),
                p.packs().pieces(),
                all.piece(p.supply()));
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
            int moved = kit.isPresent() && until.isPresent()
                    ? restock.fill(member.householdId(), kit.get(), supply, pieces, until.get(), member.getUsername())
                    : restock.fillAll(member.householdId(), member.getUsername());
            next.addFlashAttribute(
                    "said",
                    moved == 0
                            ? "Nothing at home lasts long enough."
                            : Figures.counted(moved, "piece") + " moved from home.");
        } catch (TooFew few) {
            next.addFlashAttribute("said", "Somebody was quicker: look again at what is left at home.");
        }
        return "redirect:" + (back.matches("/trips/[0-9a-f-]{36}/ready") ? back : "/restock");
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

    @PostMapping("/restock/prices")
    String prices(@AuthenticationPrincipal Member member, @RequestParam MultipartFile file, RedirectAttributes next)
            throws IOException {
        Faults faults = new Faults();
        List<PriceList.Line> lines = Texts.read(file.getBytes(), "file", faults)
                .map(text -> PriceList.read(text, stock.of(member.householdId()), faults))
                .orElse(List.of());
        if (faults.none() && lines.isEmpty()) {
            faults.add(new Fault("file", "no lines", "a price list has at least one line", "Look at its format"));
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
        StringBuilder csv = new StringBuilder("supply,name,pieces,price,unit\r\n");
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
                        .append("\r\n")));
        return csv.toString();
    }
}
