package hodeon.app.catalogue.supply;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.catalogue.Understanding;
import hodeon.app.household.Member;
import hodeon.app.shell.Binned;
import hodeon.app.shell.Figures;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Form;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.PriceBand;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.notice.Fault;
import hodeon.core.party.Allergy;
import hodeon.core.party.Training;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
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
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** All supplies, and a household's own ones among them. */
@Controller
class SupplyController {

    private static final int LONGEST_TEXT = 4_000;
    private static final String NEW_SUPPLY = """
            [my-supply]
            name = What it is
            group = cover
            form = pad
            piece = piece
            mass = 5
            volume = 6
            uses = 1
            serves = cover-small made
            price = small
            pack = 1
            """;

    private final OwnCatalogue catalogues;
    private final Understanding understanding;
    private final SupplyPhotos photos;

    SupplyController(OwnCatalogue catalogues, Understanding understanding, SupplyPhotos photos) {
        this.photos = photos;
        this.catalogues = catalogues;
        this.understanding = understanding;
    }

    record GroupView(String name, List<SupplyView> supplies) {}

    /**
     * @param text what was typed and not taken over
     * @param words that the household calls supplies by
     * @param one the supply in the form, and {@code oneFaults} what is wrong with it
     * @param photo whether there is one of it
     */
    record SuppliesPage(
            List<GroupView> groups,
            List<Capability> capabilities,
            String text,
            List<CatalogueFault> faults,
            List<Understanding.Called> words,
            SupplyForm one,
            List<Fault> oneFaults,
            boolean photo,
            Choices choices) {}

    /** What a field offers to choose from. */
    record Option(String id, String label) {}

    record Choices(
            List<Option> groups,
            List<Option> forms,
            List<Option> tiers,
            List<Option> trainings,
            List<Option> prices,
            List<Option> substances) {

        private static final Choices ALL = new Choices(
                options(Group.values(), Group::label),
                options(Form.values(), Tag::idOf),
                options(Tier.values(), Tier::label),
                options(Training.values(), Training::label),
                options(
                        PriceBand.values(),
                        b -> "about " + b.typical().exact().toPlainString() + " (" + Tag.idOf(b) + ")"),
                options(Allergy.values(), Allergy::label));

        private static <E extends Enum<E>> List<Option> options(E[] values, Function<E, String> label) {
            return Stream.of(values)
                    .map(v -> new Option(Tag.idOf(v), label.apply(v)))
                    .toList();
        }
    }

    record SupplyView(String id, String name, String grams, String millilitres, String price, boolean own) {}

    @GetMapping("/supplies")
    String supplies(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) @Nullable String edit,
            @RequestParam(required = false) @Nullable String copy,
            Model model) {
        if (copy != null) {
            return page(member, NEW_SUPPLY, List.of(), form(member, copy).copied(), List.of(), model);
        }
        String text = edit == null ? NEW_SUPPLY : catalogues.text(member.householdId(), edit);
        return page(member, text, List.of(), form(member, edit), List.of(), model);
    }

    private SupplyForm form(Member member, @Nullable String edit) {
        return Optional.ofNullable(edit)
                .flatMap(id -> catalogues.of(member.householdId()).catalogue().supply(id))
                .map(SupplyForm::of)
                .orElse(SupplyForm.NEW);
    }

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    /** Keeps one supply as it was typed into the form. */
    @PostMapping("/supplies/one")
    String keepOne(
            @AuthenticationPrincipal Member member,
            SupplyForm form,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        Set<String> taken = catalogues.of(member.householdId()).catalogue().supplies().stream()
                .map(Supply::id)
                .collect(Collectors.toSet());
        boolean known = taken.contains(form.id());
        String before = known ? catalogues.text(member.householdId(), form.id()) : "";
        String text = form.text(before, taken);
        List<Fault> faults = !form.id().isEmpty() && !known
                ? List.of(new Fault(
                        "id",
                        form.id(),
                        Wording.says("supplyController.noSupplyIsCalledSo"),
                        Wording.says("supplyController.openItAgainFromTheList")))
                : form.faults(text, catalogues.keepSupply(member.householdId(), text));
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, text, List.of(), form, faults, model);
        }
        next.addFlashAttribute("said", Wording.says("supplyController.isKept", form.name()));
        return "redirect:/supplies";
    }

    @PostMapping("/supplies")
    String keep(
            @AuthenticationPrincipal Member member,
            @RequestParam String text,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        List<CatalogueFault> faults = text.length() > LONGEST_TEXT
                ? List.of(new CatalogueFault(
                        Wording.says("ownCatalogue.yourSupplies"),
                        1,
                        Wording.says("supplyController.theDescriptionHasAtMostCharacters", LONGEST_TEXT)))
                : catalogues.keepSupply(member.householdId(), text);
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, text, faults, SupplyForm.NEW, List.of(), model);
        }
        next.addFlashAttribute("said", "Kept. It stands before the shipped one from now on.");
        return "redirect:/supplies";
    }

    @PostMapping("/supplies/{id}/drop")
    String drop(@AuthenticationPrincipal Member member, @PathVariable String id, RedirectAttributes next) {
        Binned.told(next, "SUPPLY", id, id);
        catalogues.dropSupply(member.householdId(), id);
        return "redirect:/supplies";
    }

    /** A word of the household's own is asked for again. */
    @PostMapping("/supplies/words/forget")
    String forget(@AuthenticationPrincipal Member member, @RequestParam String words, RedirectAttributes next) {
        understanding.forget(member.householdId(), words);
        next.addFlashAttribute("said", Wording.says("supplyController.isAskedForAgain", words));
        return "redirect:/supplies#words";
    }

    private String page(
            Member member,
            String text,
            List<CatalogueFault> faults,
            SupplyForm one,
            List<Fault> oneFaults,
            Model model) {
        OwnCatalogue.Own own = catalogues.of(member.householdId());
        List<GroupView> groups = new ArrayList<>();
        for (Group group : Group.values()) {
            groups.add(new GroupView(
                    group.label(),
                    own.catalogue().supplies().stream()
                            .filter(s -> s.group() == group)
                            .map(s -> view(s, own))
                            .toList()));
        }
        return Shown.page(
                "catalogue/supplies",
                new SuppliesPage(
                        groups,
                        own.catalogue().capabilities(),
                        text,
                        faults,
                        understanding.own(member.householdId()),
                        one,
                        oneFaults,
                        photos.has(member.householdId(), one.id()),
                        Choices.ALL),
                model);
    }

    private static SupplyView view(Supply supply, OwnCatalogue.Own own) {
        return new SupplyView(
                supply.id(),
                supply.name(),
                Figures.grams(supply.mass()),
                Figures.millilitres(1000 * supply.volume().litres()),
                supply.purchase().price().exact().toPlainString(),
                own.ownSupplies().contains(supply.id()));
    }
}
