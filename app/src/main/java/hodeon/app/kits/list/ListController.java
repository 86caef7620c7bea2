package hodeon.app.kits.list;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.household.Member;
import hodeon.app.shell.Binned;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Paged;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.KitList;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Lists of what belongs in kits: read, changed by hand, held against every kit they are laid in, printed and as CSV. */
@Controller
class ListController {

    /** Rows to fill in below those there are. */
    private static final int EMPTY_ROWS = 5;

    private static final int VERSIONS_SHOWN = 20;
    private static final int KITS_SIDE_BY_SIDE = 12;

    private final ListService lists;
    private final StockService stock;
    private final OwnCatalogue catalogues;
    private final TripService trips;
    private final Progress progress;
    private final Clock clock;

    ListController(
            ListService lists,
            StockService stock,
            OwnCatalogue catalogues,
            TripService trips,
            Progress progress,
            Clock clock) {
        this.trips = trips;
        this.progress = progress;
        this.lists = lists;
        this.stock = stock;
        this.catalogues = catalogues;
        this.clock = clock;
    }

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    /**
     * A list and the kits it is laid in.
     *
     * @param strip of what it is for, if that is written down
     * @param versions the latest first
     */
    record ListPage(
            Progress.@Nullable Strip strip,
            ListView list,
            Paged<Place> paged,
            ListInKits laid,
            List<VersionView> versions) {}

    /** @param when and by whom it was made */
    record VersionView(int number, String when, String why, List<String> changes) {}

    record ContentsPage(ListView kit) {}

    /** @param supplies names that may be typed */
    record EditPage(
            ListView list,
            long version,
            List<ListForm.Row> rows,
            List<String> supplies,
            String because,
            List<Fault> faults) {}

    @GetMapping("/lists/{id}")
    String list(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "1") int page,
            Model model) {
        UUID household = member.householdId();
        StoredList list = lists.find(household, id);
        Map<String, Supply> supplies = supplies(catalogues.of(household).catalogue());
        Stock all = stock.of(household);
        Paged<Place> paged = Paged.of(all.laidIn(id), page, KITS_SIDE_BY_SIDE);
        ListPage view = new ListPage(
                list.tripId()
                        .map(use -> progress.of(household, trips.find(household, use), "List"))
                        .orElse(null),
                ListView.of(list),
                paged,
                ListInKits.of(list, paged.things(), all, LocalDate.now(clock)),
                lists.versions(household, id).stream()
                        .limit(VERSIONS_SHOWN)
                        .map(v -> version(v, supplies))
                        .toList());
        return Shown.page("kits/list", view, model);
    }

    private static VersionView version(ListService.Version version, Map<String, Supply> supplies) {
        List<String> changes = version.number() == 1
                ? List.of()
                : version.changes().stream()
                        .map(c -> ChangeWords.of(c, supplies))
                        .toList();
        return new VersionView(
                version.number(),
                Figures.day(version.madeAt().toLocalDate())
                        + (version.who().isEmpty() ? "" : " " + Wording.says("listController.by", version.who())),
                version.why(),
                changes);
    }

    private static Map<String, Supply> supplies(Catalogue catalogue) {
        return Stock.byId(catalogue);
    }

    @GetMapping("/lists/{id}/edit")
    String edit(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        StoredList list = lists.find(member.householdId(), id);
        return edit(
                member,
                list,
                list.version(),
                list.lines().stream().map(ListForm.Row::of).toList(),
                "",
                List.of(),
                model);
    }

    private String edit(
            Member member,
            StoredList list,
            long version,
            List<ListForm.Row> rows,
            String because,
            List<Fault> faults,
            Model model) {
        List<ListForm.Row> shown = new ArrayList<>(rows);
        shown.addAll(Collections.nCopies(EMPTY_ROWS, ListForm.Row.EMPTY));
        EditPage view = new EditPage(
                ListView.of(list),
                version,
                shown,
                catalogues.of(member.householdId()).catalogue().supplies().stream()
                        .map(Supply::name)
                        .sorted()
                        .toList(),
                because,
                faults);
        return Shown.page("kits/edit", view, model);
    }

    @PostMapping("/lists/{id}/edit")
    String write(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam long version,
            ListForm form,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        UUID household = member.householdId();
        StoredList list = lists.find(household, id);
        Faults faults = new Faults();
        KitList typed = form.read(catalogues.of(household).catalogue(), faults);
        String because = form.reason(faults);
        if (faults.none()) {
            try {
                lists.write(household, id, version, typed, member.getUsername(), because);
                next.addFlashAttribute("said", "Written down.");
                return "redirect:/lists/" + id;
            } catch (OptimisticLockingFailureException quicker) {
                faults.add(
                        "list",
                        list.name(),
                        Wording.says("listController.somebodyElseChangedThisListWhile"),
                        Wording.says("listController.openItInAnotherTabCompareAnd"));
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        List<ListForm.Row> typedRows =
                form.rows().stream().filter(r -> !r.equals(ListForm.Row.EMPTY)).toList();
        return edit(member, list, version, typedRows, because, faults.all(), model);
    }

    @PostMapping("/lists/{id}/name")
    String rename(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String name,
            RedirectAttributes next) {
        Optional<Fault> fault = ListService.nameFault(name);
        if (fault.isPresent()) {
            next.addFlashAttribute("faults", List.of(fault.get()));
        } else {
            lists.rename(member.householdId(), id, name);
        }
        return "redirect:/lists/" + id;
    }

    @GetMapping("/lists/{id}/contents")
    String contents(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return Shown.page("kits/contents", new ContentsPage(ListView.of(lists.find(member.householdId(), id))), model);
    }

    /** Addresses of the first house. */
    @GetMapping("/kits/{id}/{file:contents|contents\\.csv}")
    String moved(@PathVariable UUID id, @PathVariable String file) {
        return "redirect:/lists/" + id + "/" + file;
    }

    @GetMapping("/lists/{id}/contents.csv")
    ResponseEntity<String> csv(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        StoredList list = lists.find(member.householdId(), id);
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(list.name() + ".csv", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(ListCsv.write(list));
    }

    @PostMapping("/lists/{id}/delete")
    String delete(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        Binned.told(next, "LIST", id, lists.find(member.householdId(), id).name());
        lists.delete(member.householdId(), id);
        return "redirect:/kits";
    }
}
