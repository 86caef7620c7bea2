package hodeon.app.formulary;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.household.Member;
import hodeon.app.shell.Binned;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.formulary.DrugClass;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.notice.Faults;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The medicines a household knows, its own among them. */
@Controller
class MedicineController {

    private static final int MOST_RESERVE_DAYS = 60;
    private static final int LONGEST_POISON_ADVICE = 120;

    private final MedicineShelf shelf;
    private final OwnCatalogue catalogues;

    MedicineController(MedicineShelf shelf, OwnCatalogue catalogues) {
        this.shelf = shelf;
        this.catalogues = catalogues;
    }

    /** @param own the row to remove, or null for what ships */
    record ProductView(
            String name,
            String holds,
            String strength,
            @Nullable UUID own,
            boolean prescribed) {}

    /**
     * The page.
     *
     * @param products that are known, the household's own among them
     * @param reserve days of walking-out reserve in digits; empty for the usual one
     * @param unlisted ingredients of which nothing is known here
     * @param cautions how many there are
     */
    record MedicinesPage(
            List<ProductView> products,
            List<Ingredient> ingredients,
            List<MedicineForm> forms,
            List<Supply> supplies,
            List<Tradition> traditions,
            Tradition tradition,
            String reserve,
            String poison,
            List<Ingredient> unlisted,
            List<DrugClass> kinds,
            int cautions) {}

    @GetMapping("/medicines")
    String page(@AuthenticationPrincipal Member member, Model model) {
        UUID household = member.householdId();
        Formulary formulary = shelf.of(household);
        Map<String, UUID> own = shelf.own(household).stream()
                .collect(Collectors.toMap(o -> o.product().id(), MedicineShelf.Own::row, (first, second) -> first));
        MedicineRules rules = shelf.rules(household);
        MedicinesPage view = new MedicinesPage(
                shelf.products(household).stream()
                        .map(p -> view(p, formulary, own.get(p.id())))
                        .toList(),
                formulary.ingredients(),
                List.of(MedicineForm.values()),
                catalogues.of(household).catalogue().supplies(),
                List.of(Tradition.values()),
                rules.tradition(),
                rules.reserveDays().isPresent()
                        ? Integer.toString(rules.reserveDays().getAsInt())
                        : "",
                rules.poisonAdvice(),
                formulary.ingredients().stream()
                        .filter(i -> !i.interactionsKnown())
                        .toList(),
                List.of(DrugClass.values()),
                formulary.rules().size());
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", OwnMedicineForm.EMPTY);
        }
        return Shown.page("formulary/medicines", view, model);
    }

    private static ProductView view(Product product, Formulary formulary, @Nullable UUID own) {
        String holds = product.strengths().keySet().stream()
                .sorted()
                .map(id -> formulary
                        .ingredient(id)
                        .map(i -> i.name()
                                + i.otherNames().stream()
                                        .map(n -> " (" + n + ")")
                                        .collect(Collectors.joining()))
                        .orElse(id))
                .collect(Collectors.joining(", "));
        return new ProductView(product.name(), holds, product.strength(), own, product.prescribed());
    }

    @PostMapping("/medicines")
    String add(@AuthenticationPrincipal Member member, OwnMedicineForm form, RedirectAttributes next) {
        List<String> questions = new ArrayList<>();
        UUID household = member.householdId();
        Faults faults = new Faults();
        if (shelf.full(household)) {
            faults.add(
                    "name",
                    "",
                    Wording.says("medicineController.aHouseholdHasAtMostProductsOf", MedicineShelf.MOST_OWN),
                    Wording.says("medicineController.removeOne"));
        }
        new OwnMedicineReader(
                        form,
                        shelf.of(household),
                        catalogues.of(household).catalogue().supplies().stream()
                                .map(Supply::id)
                                .collect(Collectors.toSet()),
                        faults)
                .read()
                .ifPresent(row -> {
                    if (row.confirmed.isBlank()) {
                        questions.addAll(shelf.questions(row));
                    }
                    if (questions.isEmpty()) {
                        shelf.add(household, row);
                        next.addFlashAttribute("said", row.name + " added." + notKnown(row));
                    }
                });
        if (!faults.none() || !questions.isEmpty()) {
            next.addFlashAttribute("faults", faults.all());
            next.addFlashAttribute("questions", questions);
            next.addFlashAttribute("typed", form);
        }
        return "redirect:/medicines#own";
    }

    /** Of what does not ship nothing is known; a name that is nearly another one may be a slip. */
    private String notKnown(OwnMedicineRow row) {
        return row.holds().keySet().stream()
                .filter(name -> shelf.shipped().ingredientNamed(name).isEmpty())
                .map(name -> " "
                        + Wording.says(
                                "medicineController.isNotKnownHereEveryDoseSheet",
                                name,
                                shelf.shipped()
                                        .ingredientLike(name)
                                        .map(i -> Wording.says("medicineController.didYouMean", i.name()))
                                        .orElse(Wording.says("medicineController.sayBelowWhatKindOfThingIt"))))
                .collect(Collectors.joining());
    }

    /** What kind of thing an ingredient is that does not ship. */
    @PostMapping("/medicines/kinds")
    String kinds(
            @AuthenticationPrincipal Member member,
            @RequestParam String ingredient,
            @RequestParam(defaultValue = "") List<String> kind,
            RedirectAttributes next) {
        Set<DrugClass> kinds = Arrays.stream(DrugClass.values())
                .filter(c -> kind.contains(c.name()))
                .collect(Collectors.toSet());
        shelf.setKinds(member.householdId(), ingredient, kinds);
        next.addFlashAttribute("said", "Kept. What it does together with other medicine is still to be asked.");
        return "redirect:/medicines#unlisted";
    }

    @PostMapping("/medicines/{id}/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        shelf.remove(member.householdId(), id);
        Binned.told(next, "MEDICINE", id, Wording.says("medicineController.theMedicine"));
        return "redirect:/medicines#own";
    }

    @PostMapping("/medicines/rules")
    String rules(
            @AuthenticationPrincipal Member member,
            @RequestParam String tradition,
            @RequestParam(defaultValue = "") String reserve,
            @RequestParam(required = false) @Nullable String poison,
            RedirectAttributes next) {
        Faults faults = new Faults();
        Tradition chosen = Arrays.stream(Tradition.values())
                .filter(t -> t.name().equals(tradition))
                .findFirst()
                .orElseGet(() -> {
                    faults.add(
                            "tradition",
                            tradition,
                            Wording.says("medicineController.theKindOfLabelIsOneOf"),
                            Wording.says("medicineController.chooseFromIt"));
                    return Tradition.BRITISH;
                });
        OptionalInt days = OptionalInt.empty();
        if (reserve.strip().matches("\\d{1,2}") && Integer.parseInt(reserve.strip()) <= MOST_RESERVE_DAYS) {
            days = OptionalInt.of(Integer.parseInt(reserve.strip()));
        } else if (!reserve.isBlank()) {
            faults.add(
                    "reserve",
                    reserve,
                    Wording.says("medicineController.theReserveIsAWholeNumberOf", MOST_RESERVE_DAYS),
                    Wording.says("medicineController.writeItInDigitsOrLeaveIt"));
        }
        String advice = poison == null ? shelf.rules(member.householdId()).poisonAdvice() : poison.strip();
        if (advice.length() > LONGEST_POISON_ADVICE || advice.chars().anyMatch(Character::isISOControl)) {
            faults.add(
                    "poison",
                    advice,
                    Wording.says("medicineController.whomToCallIsOneLineOf", LONGEST_POISON_ADVICE),
                    Wording.says("medicineController.writeANameAndANumber"));
        }
        if (faults.none()) {
            shelf.setRules(member.householdId(), new MedicineRules(chosen, days, advice));
            next.addFlashAttribute("said", "Taken over.");
        } else {
            next.addFlashAttribute("faults", faults.all());
        }
        return "redirect:/medicines";
    }
}
