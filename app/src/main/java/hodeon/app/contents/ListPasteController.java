package hodeon.app.contents;

import hodeon.app.catalogue.Understanding;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.household.Member;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.stock.enter.OpenLines;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.readiness.KitList;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A contents list as people write it becomes what belongs in a kit: pasted or imported, looked over, written. */
@Controller
@RequestMapping("/lists/{id}/paste")
class ListPasteController {

    private final ListService lists;
    private final HouseholdEvidence knowledge;
    private final OpenLines open;
    private final Understanding understanding;

    ListPasteController(ListService lists, HouseholdEvidence knowledge, OpenLines open, Understanding understanding) {
        this.understanding = understanding;
        this.lists = lists;
        this.knowledge = knowledge;
        this.open = open;
    }

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    /** @param version of the list that was looked at */
    record PastePage(UUID id, String name, long version) {}

    @GetMapping
    String ask(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(lists.find(member.householdId(), id), LinesPage.EMPTY, model);
    }

    @PostMapping
    String match(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestParam String text, Model model) {
        Catalogue catalogue = knowledge.of(member.householdId()).catalogue();
        return page(
                lists.find(member.householdId(), id),
                LinesPage.read(text, member.householdId(), understanding, catalogue),
                model);
    }

    private static String page(StoredList list, LinesPage lines, Model model) {
        Shown.part(new PastePage(list.id(), list.name(), list.version()), model);
        return Shown.page("contents/paste", lines, model);
    }

    /** What was confirmed stands on the list with its number; least counts, modules and reasons of what stood there stay. */
    @PostMapping("/confirmed")
    String write(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam long version,
            @RequestParam(defaultValue = "false") boolean alone,
            ConfirmedLines confirmed,
            RedirectAttributes next) {
        UUID household = member.householdId();
        StoredList list = lists.find(household, id);
        List<String> unknown = new ArrayList<>();
        Catalogue catalogue = knowledge.of(household).catalogue();
        Map<String, Integer> counted = confirmed.counted(catalogue, unknown);
        open.keep(household, unknown);
        confirmed.learn(household, catalogue, understanding);
        try {
            lists.write(
                    household,
                    id,
                    version,
                    joined(list.list(), counted, alone),
                    member.getUsername(),
                    "from a pasted list");
            next.addFlashAttribute(
                    "said",
                    unknown.isEmpty()
                            ? "Written down."
                            : "Written down. Kept aside, for nothing like them is known: " + String.join("; ", unknown)
                                    + ".");
        } catch (OptimisticLockingFailureException quicker) {
            next.addFlashAttribute(
                    "said", "Somebody else changed this list while you did; look at it and paste again.");
        }
        return "redirect:/lists/" + id;
    }

    /** @param alone whether what was not pasted no longer belongs there */
    private static KitList joined(KitList before, Map<String, Integer> counted, boolean alone) {
        Map<String, Integer> left = new LinkedHashMap<>(counted);
        List<KitList.Line> lines = new ArrayList<>();
        for (KitList.Line line : before.lines()) {
            Integer pieces = left.remove(line.supply());
            if (pieces != null && pieces > 0) {
                lines.add(new KitList.Line(
                        line.supply(),
                        Math.min(pieces, KitList.MOST_PIECES),
                        Math.min(line.least(), pieces),
                        line.module(),
                        line.why()));
            } else if (!alone && !counted.containsKey(line.supply())) {
                lines.add(line);
            }
        }
        left.forEach((supply, pieces) -> {
            if (pieces > 0) {
                lines.add(new KitList.Line(supply, Math.min(pieces, KitList.MOST_PIECES), 0, "", ""));
            }
        });
        return new KitList(lines);
    }
}
