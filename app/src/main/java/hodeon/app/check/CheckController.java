package hodeon.app.check;

import hodeon.app.check.CheckService.Line;
import hodeon.app.check.CheckService.Round;
import hodeon.app.household.Member;
import hodeon.app.shell.Paged;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.LotView;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Keeping;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Walking through a kit. */
@Controller
class CheckController {

    private static final int LONGEST_WHOM = 80;
    private static final int LINES_A_PAGE = 100;

    private final CheckService checks;
    private final StockService stock;
    private final Clock clock;

    CheckController(CheckService checks, StockService stock, Clock clock) {
        this.checks = checks;
        this.stock = stock;
        this.clock = clock;
    }

    /**
     * A walk through a kit.
     *
     * @param open lines without an answer yet
     * @param found what a finished round found, in a few words
     */
    record WalkPage(
            Round round,
            String kit,
            List<LineView> lines,
            Paged<Line> paged,
            long open,
            boolean finished,
            String found,
            @Nullable Next next) {}

    /** The round through the next kit of a tour. */
    record Next(UUID id, String kit) {}

    /** What a finished round found, in a few words. */
    static String found(Round round) {
        long wrong = round.lines().stream()
                .filter(l -> l.answer().filter(a -> a != Answer.RIGHT).isPresent())
                .count();
        return wrong == 0
                ? Wording.says("checkController.allAsItShouldBe")
                : Wording.says(
                        "checkController.ofLinesWereNot", wrong, round.lines().size());
    }

    /**
     * A line as the walk shows it.
     *
     * @param oneByOne whether it is sharp or controlled, and counted one by one
     * @param device whether it runs on a battery, which is {@code power}, and was found at {@code charge} percent
     * @param neverSeen it belongs there by the list, and no lot of it was ever there
     * @param now whether it is the next one without an answer
     */
    record LineView(
            int position,
            String place,
            boolean first,
            LotView lot,
            String counted,
            String answer,
            int found,
            String foundCounted,
            String lentTo,
            boolean oneByOne,
            boolean device,
            String power,
            String charge,
            boolean neverSeen,
            boolean changed,
            boolean now) {}

    private static Optional<Keeping> keeping(Stock there, String supply) {
        return Optional.ofNullable(there.supplies().get(supply)).map(Supply::keeping);
    }

    @GetMapping("/stock/checks/{id}")
    String walk(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) Optional<Integer> page,
            Model model) {
        Round round = checks.round(member.householdId(), id);
        Stock there = stock.at(member.householdId(), round.kit());
        LocalDate today = LocalDate.now(clock);
        Map<UUID, Held> byLot = new HashMap<>();
        there.held().forEach(h -> byLot.put(h.lot().id(), h));
        List<LineView> lines = new ArrayList<>();
        String before = "";
        int now = round.lines().stream()
                .filter(l -> l.answer().isEmpty())
                .mapToInt(Line::position)
                .findFirst()
                .orElse(-1);
        // Where the walk goes on, unless somebody turns the page.
        Paged<Line> paged = Paged.of(round.lines(), page.orElse(Math.max(0, now) / LINES_A_PAGE + 1), LINES_A_PAGE);
        for (Line line : paged.things()) {
            LotView lot = line.lot()
                    .map(byLot::get)
                    .map(h -> LotView.of(h, there, today))
                    .orElseGet(() -> LotView.gone(
                            line.lot().orElse(round.id()),
                            line.place(),
                            line.lot()
                                    .map(l -> stock.supplyOf(member.householdId(), l))
                                    .orElse(line.supply()),
                            there));
            String where = there.where(line.place(), lot.supply());
            lines.add(new LineView(
                    line.position(),
                    where,
                    !where.equals(before),
                    lot,
                    there.counted(line.seen(), lot.supply()),
                    line.answer().map(Answer::name).orElse(""),
                    line.found(),
                    there.counted(line.found(), lot.supply()),
                    line.lentTo(),
                    keeping(there, lot.supply()).map(Keeping::counted).orElse(false),
                    keeping(there, lot.supply()).map(Keeping::battery).orElse(false),
                    keeping(there, lot.supply()).map(Keeping::power).orElse(""),
                    line.charge().isPresent() ? String.valueOf(line.charge().getAsInt()) : "",
                    line.lot().isEmpty(),
                    line.changed(),
                    line.position() == now));
            before = where;
        }
        WalkPage view = new WalkPage(
                round,
                there.placeName(round.kit()),
                lines,
                paged,
                round.open(),
                round.finishedAt().isPresent(),
                found(round),
                checks.next(member.householdId(), id)
                        .map(r -> new Next(
                                r.id(),
                                stock.place(member.householdId(), r.kit()).name()))
                        .orElse(null));
        return Shown.page("check/walk", view, model);
    }

    @PostMapping("/stock/checks/{id}/lines/{position}")
    String answer(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable int position,
            @RequestParam Answer answer,
            @RequestParam(defaultValue = "") String found,
            @RequestParam(defaultValue = "") String lentTo,
            @RequestParam(defaultValue = "") String charge,
            RedirectAttributes next) {
        int pieces = 0;
        if (answer == Answer.COUNT) {
            try {
                pieces = Integer.parseInt(found.strip());
            } catch (NumberFormatException e) {
                pieces = -1;
            }
            if (pieces < 0 || pieces > Arrival.MOST_PIECES) {
                next.addFlashAttribute(
                        "faults",
                        List.of(new Fault(
                                "found",
                                found,
                                Wording.says("checkController.theNumberFoundIsAWholeNumber"),
                                Wording.says("checkController.countAgainAndTypeIt"))));
                return "redirect:/stock/checks/" + id + "#line-" + position;
            }
        }
        String percent = charge.strip().replace("%", "").strip();
        if (!percent.isEmpty() && !percent.matches("\\d{1,2}|100")) {
            next.addFlashAttribute(
                    "faults",
                    List.of(new Fault(
                            "charge",
                            charge,
                            Wording.says("checkController.aChargeIsAWholeNumberOf"),
                            Wording.says("checkController.readItOffTheDeviceOrLeave"))));
            return "redirect:/stock/checks/" + id + "#line-" + position;
        }
        String whom = lentTo.strip();
        checks.answer(
                member.householdId(),
                id,
                position,
                answer,
                pieces,
                whom.substring(0, Math.min(whom.length(), LONGEST_WHOM)),
                percent.isEmpty() ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(percent)));
        return "redirect:/stock/checks/" + id + "#line-" + (position + 1);
    }

    /** Everything that nobody said anything about is as it should be. */
    @PostMapping("/stock/checks/{id}/rest")
    String rest(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        checks.restIsRight(member.householdId(), id);
        return "redirect:/stock/checks/" + id;
    }

    @PostMapping("/stock/checks/{id}/finish")
    String finish(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        int changed = checks.finish(member.householdId(), id, member.getUsername());
        if (changed > 0) {
            next.addFlashAttribute(
                    "faults",
                    List.of(new Fault(
                            "count",
                            Wording.says("lines.changed", changed),
                            Wording.says("checkController.aNumberHoldsOnlyIfNobodyChanges"),
                            Wording.says("checkController.lookAtTheMarkedLinesAgain"))));
        }
        return "redirect:/stock/checks/" + id;
    }
}
