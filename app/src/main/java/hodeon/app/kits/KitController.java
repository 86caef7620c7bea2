package hodeon.app.kits;

import hodeon.app.household.Member;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.Binned;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Paged;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Kits as they stand in the world: all of them, one of them, and what becomes of it and its modules. */
@Controller
class KitController {

    private static final int KITS_A_PAGE = 60;
    private static final int LONGEST_STANDS = 160;
    private static final int LONGEST_WORDS = 200;

    private final KitPages pages;
    private final KitShelf shelf;
    private final ListService lists;
    private final StockService stock;
    private final KitKeeping keeping;
    private final Clock clock;

    KitController(
            KitPages pages, KitShelf shelf, ListService lists, StockService stock, KitKeeping keeping, Clock clock) {
        this.pages = pages;
        this.shelf = shelf;
        this.lists = lists;
        this.stock = stock;
        this.keeping = keeping;
        this.clock = clock;
    }

    /**
     * All kits.
     *
     * @param retired those out of use
     * @param lists those that lie nowhere come first
     */
    record KitsPage(
            Paged<Place> paged,
            List<KitShelf.Card> kits,
            List<KitPage.Choice> retired,
            List<KitShelf.ListCard> lists,
            List<Fault> faults) {}

    @GetMapping("/kits")
    String kits(@AuthenticationPrincipal Member member, @RequestParam(defaultValue = "1") int page, Model model) {
        UUID household = member.householdId();
        Stock all = stock.of(household);
        LocalDate today = LocalDate.now(clock);
        Paged<Place> paged = Paged.of(KitShelf.inOrder(all), page, KITS_A_PAGE);
        KitsPage view = new KitsPage(
                paged,
                shelf.cards(household, paged.things(), all, today),
                all.places().values().stream()
                        .filter(p -> p.facts().retiredOn().isPresent())
                        .map(p -> new KitPage.Choice(p.id(), p.name()))
                        .toList(),
                shelf.lists(household, all),
                faults(model));
        return Shown.page("kits/kits", view, model);
    }

    /** A new kit, with no list, an empty list of its own, one that there is, or what lies in it now. */
    @PostMapping("/kits")
    String make(
            @AuthenticationPrincipal Member member,
            @RequestParam String name,
            @RequestParam(defaultValue = "") String list,
            RedirectAttributes next) {
        UUID household = member.householdId();
        Optional<Fault> fault = stock.fault(household, name, Place.Kind.KIT, Optional.empty());
        if (fault.isPresent()) {
            return refused(next, fault.get(), "/kits");
        }
        Optional<UUID> chosen =
                switch (list) {
                    case "", "contents" -> Optional.empty();
                    case "new", "advice" ->
                        Optional.of(lists.save(household, Wording.says("kitController.list", name.strip()), Map.of()));
                    default -> Optional.of(lists.find(household, id(list)).id());
                };
        UUID kit = stock.addPlace(household, name, Place.Kind.KIT, Optional.empty(), chosen);
        return switch (list) {
            case "new" -> "redirect:/lists/" + chosen.orElseThrow() + "/edit";
            case "contents" -> "redirect:/kits/" + kit + "/bought";
            case "advice" -> "redirect:/standing/new?list=" + chosen.orElseThrow();
            default -> "redirect:/kits/" + kit;
        };
    }

    private static UUID id(String given) {
        try {
            return UUID.fromString(given);
        } catch (IllegalArgumentException e) {
            throw new NotHere("list " + given);
        }
    }

    /** A kit; an address of the first house that names a list leads there. */
    @GetMapping("/kits/{id}")
    String kit(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        UUID household = member.householdId();
        if (lists.isOne(household, id)) {
            return "redirect:" + address(lists.find(household, id));
        }
        return Shown.page("kits/kit", pages.of(household, id, faults(model)), model);
    }

    static String address(StoredList list) {
        return list.tripId().map(t -> "/trips/" + t + "/kit").orElse("/lists/" + list.id());
    }

    @PostMapping("/kits/{id}/facts")
    String facts(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String name,
            @RequestParam(defaultValue = "") String stands,
            @RequestParam(defaultValue = "") String knownBy,
            @RequestParam(defaultValue = "") String condition,
            @RequestParam(defaultValue = "") Optional<UUID> list,
            @RequestParam(defaultValue = "") Optional<UUID> filledFrom,
            RedirectAttributes next) {
        UUID household = member.householdId();
        Faults faults = new Faults();
        FieldReader read = new FieldReader(faults);
        read.line("name", name, Wording.says("kitController.aKitsName"), ListService.LONGEST_NAME);
        keeping.nameFault(household, id, name).ifPresent(faults::add);
        Place.Facts facts = new Place.Facts(
                read.lineOrNothing("where it stands", stands, "where a kit stands", LONGEST_STANDS),
                read.lineOrNothing(
                        Wording.says("kitController.whoKnows"),
                        knownBy,
                        Wording.says("kitController.whoKnowsWhereItStands"),
                        LONGEST_WORDS),
                read.lineOrNothing("condition", condition, Wording.says("kitController.itsCondition"), LONGEST_WORDS),
                Optional.empty());
        list.ifPresent(l -> lists.find(household, l));
        if (faults.none()) {
            keeping.fillFrom(household, id, filledFrom).ifPresent(faults::add);
        }
        if (!faults.none()) {
            next.addFlashAttribute("faults", faults.all());
        } else {
            keeping.describe(household, id, name, facts);
            stock.plan(household, id, list);
            next.addFlashAttribute("said", "Written down.");
        }
        return "redirect:/kits/" + id;
    }

    @PostMapping("/kits/{id}/modules")
    String module(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String name,
            RedirectAttributes next) {
        UUID household = member.householdId();
        stock.place(household, id);
        Optional<Fault> fault = stock.fault(household, name, Place.Kind.MODULE, Optional.of(id));
        if (fault.isPresent()) {
            return refused(next, fault.get(), "/kits/" + id);
        }
        stock.addPlace(household, name, Place.Kind.MODULE, Optional.of(id), Optional.empty());
        return "redirect:/kits/" + id;
    }

    /** Puts a module somewhere else, or lifts it out where nothing is named. */
    @PostMapping("/kits/{id}/put")
    String put(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam UUID module,
            @RequestParam(defaultValue = "") Optional<UUID> into,
            @RequestParam(defaultValue = "false") boolean belongs,
            RedirectAttributes next) {
        UUID household = member.householdId();
        stock.place(household, id);
        Place moved = stock.place(household, module);
        Optional<Fault> fault = keeping.put(household, module, into, member.getUsername());
        if (fault.isPresent()) {
            return refused(next, fault.get(), "/kits/" + id);
        }
        if (belongs) {
            keeping.settle(household, module);
        }
        next.addFlashAttribute(
                "said",
                into.map(i -> Wording.says(
                                "kitController.nowLiesIn",
                                moved.name(),
                                stock.of(household).path(i)))
                        .orElse(Wording.says("kitController.isLiftedOutWithAllThatLies", moved.name())));
        return "redirect:/kits/" + id;
    }

    @PostMapping("/kits/{id}/back")
    String back(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam UUID module,
            RedirectAttributes next) {
        UUID household = member.householdId();
        stock.place(household, id);
        Optional<Fault> fault = keeping.bringBack(household, module, member.getUsername());
        if (fault.isPresent()) {
            return refused(next, fault.get(), "/kits/" + id);
        }
        next.addFlashAttribute("said", "“" + stock.place(household, module).name() + "” is back where it belongs.");
        return "redirect:/kits/" + id;
    }

    @PostMapping("/kits/{id}/copy")
    String copy(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String name,
            RedirectAttributes next) {
        UUID household = member.householdId();
        stock.place(household, id);
        Optional<Fault> fault = stock.fault(household, name, Place.Kind.KIT, Optional.empty());
        if (fault.isPresent()) {
            return refused(next, fault.get(), "/kits/" + id);
        }
        UUID copy = keeping.copy(household, id, name);
        next.addFlashAttribute("said", "The same box, list and modules; nothing lies in it yet.");
        return "redirect:/kits/" + copy;
    }

    @PostMapping("/kits/{id}/retire")
    String retire(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam boolean retired,
            RedirectAttributes next) {
        keeping.retire(member.householdId(), id, retired);
        next.addFlashAttribute("said", retired ? "Out of use. What lies in it stays there." : "In use again.");
        return "redirect:/kits/" + id;
    }

    @PostMapping("/kits/{id}/delete")
    String delete(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        Binned.told(next, "KIT", id, stock.place(member.householdId(), id).name());
        keeping.delete(member.householdId(), id);
        return "redirect:/kits";
    }

    private static String refused(RedirectAttributes next, Fault fault, String back) {
        next.addFlashAttribute("faults", List.of(fault));
        return "redirect:" + back;
    }

    @SuppressWarnings("unchecked")
    private static List<Fault> faults(Model model) {
        return model.getAttribute("faults") instanceof List<?> told ? (List<Fault>) told : List.of();
    }
}
