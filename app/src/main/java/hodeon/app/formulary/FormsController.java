package hodeon.app.formulary;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.medication.amount.FormCompared;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Medicines by what they are for, and forms of one medicine side by side: for who decides what to carry. */
@Controller
class FormsController {

    private final MedicineShelf shelf;
    private final OwnCatalogue catalogues;
    private final Clock clock;

    FormsController(MedicineShelf shelf, OwnCatalogue catalogues, Clock clock) {
        this.shelf = shelf;
        this.catalogues = catalogues;
        this.clock = clock;
    }

    /** A form; every figure in words. @param kept months, or “does not expire” */
    record FormView(
            String name,
            String supply,
            String dose,
            String grams,
            String millilitres,
            String price,
            String kept,
            String course) {}

    /** What something is for. */
    record Indication(String name, List<FormView> forms) {}

    record FormsPage(List<Indication> indications) {}

    @GetMapping("/medicines/forms")
    String forms(@AuthenticationPrincipal Member member, Model model) {
        UUID household = member.householdId();
        Catalogue catalogue = catalogues.of(household).catalogue();
        List<Indication> indications = new ArrayList<>();
        for (Capability capability : catalogue.capabilities()) {
            List<FormView> forms = FormCompared.serving(
                            capability.id(),
                            shelf.of(household),
                            shelf.rules(household).tradition(),
                            catalogue,
                            LocalDate.now(clock))
                    .stream()
                    .map(FormsController::view)
                    .toList();
            if (!forms.isEmpty()) {
                indications.add(new Indication(capability.name(), forms));
            }
        }
        return Shown.page("formulary/forms", new FormsPage(indications), model);
    }

    private static FormView view(FormCompared form) {
        String unit = form.product().form().unit();
        return new FormView(
                form.product().name()
                        + (form.product().prescribed() ? " " + Wording.says("formsController.onPrescription") : ""),
                form.supply().name(),
                Figures.counted(form.units().doubleValue(), unit),
                Figures.grams(form.grams()),
                Figures.millilitres(form.millilitres()),
                Figures.money(form.price()),
                form.monthsKept().isPresent()
                        ? Figures.counted(form.monthsKept().getAsInt(), "month")
                        : Wording.says("formsController.doesNotExpire"),
                form.course()
                        .map(c -> Figures.counted(c.doubleValue(), unit))
                        .orElse(Wording.says("formsController.asNeeded")));
    }
}
