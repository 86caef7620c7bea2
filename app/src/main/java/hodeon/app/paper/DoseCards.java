package hodeon.app.paper;

import hodeon.app.formulary.MedicineRules;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.paper.Card.DoseCard;
import hodeon.app.paper.Card.DoseGroup;
import hodeon.app.paper.Card.DoseLine;
import hodeon.app.paper.Card.Holder;
import hodeon.app.paper.Card.RescueLine;
import hodeon.app.people.BodyMass;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.people.Profile;
import hodeon.app.shell.FindingWords;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Tag;
import hodeon.core.medication.Caution;
import hodeon.core.medication.Direction;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Patient;
import hodeon.core.medication.amount.MixUps;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.formulary.Ceilings;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.CardDoses;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.RescueMedicine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Makes the cards that say how much of what one person may have. */
@Component
class DoseCards {

    private final MedicineShelf medicines;
    private final Clock clock;

    DoseCards(MedicineShelf medicines, Clock clock) {
        this.medicines = medicines;
        this.clock = clock;
    }

    /** @param supplies ids of what comes along */
    List<DoseCard> of(UUID household, Going going, Set<String> supplies) {
        Formulary formulary = medicines.of(household);
        MedicineRules rules = medicines.rules(household);
        // What is somebody's own rescue medicine or taken every day stands by itself, and is nobody else's.
        List<Product> bag = formulary.products().stream()
                .filter(p -> p.supply().filter(supplies::contains).isPresent()
                        && !p.prescribed()
                        && !p.form().onTheSpot())
                .toList();
        List<List<Product>> lists = MixUps.apart(bag);
        List<DoseCard> cards = new ArrayList<>();
        for (List<Product> list : lists.isEmpty() ? List.<List<Product>>of(List.of()) : lists) {
            String which =
                    lists.size() < 2 ? "" : " " + Wording.says("doseCards.cardOf", (cards.size() + 1), lists.size());
            cards.add(card(going, formulary, rules, list, Wording.says("doseCards.doses", going.name(), which)));
        }
        return cards;
    }

    private DoseCard card(Going going, Formulary formulary, MedicineRules rules, List<Product> products, String title) {
        Patient patient = going.patient();
        CardDoses doses = new CardDoses(formulary, rules.tradition(), patient);
        List<CardDoses.Group> groups = doses.groups(products);
        List<Product> given = groups.stream()
                .flatMap(g -> g.doses().stream())
                .map(DoseAnswer.Give::product)
                .toList();
        DoseSheet sheet = new DoseSheet(formulary, rules.tradition());
        return new DoseCard(
                title,
                holder(going),
                rescue(going, formulary, sheet),
                going.profile().map(Profile::regular).orElse(List.of()).stream()
                        .map(r -> Papers.regular(r, formulary))
                        .toList(),
                groups.stream().map(g -> group(g, formulary)).toList(),
                doses.apart(given).stream().map(DoseCards::apart).toList(),
                notWhen(groups),
                products.stream()
                        .flatMap(p -> sheet.of(p, patient) instanceof DoseAnswer.Refused no
                                ? Stream.of(p.name() + ". " + FindingWords.say(no.whyNot()))
                                : Stream.empty())
                        .toList(),
                rules.poisonAdvice());
    }

    private Holder holder(Going going) {
        Patient patient = going.patient();
        LocalDate born = patient.born().orElse(null);
        List<String> reacts = Stream.concat(
                        patient.allergies().stream().sorted().map(Allergy::label),
                        patient.reactsTo().stream().sorted())
                .toList();
        return new Holder(
                going.name(),
                (born == null ? "" : Wording.says("doseCards.born", born) + " ")
                        + patient.age().toString(),
                patient.weighed().map(BodyMass::said).orElse(Wording.says("doseCards.massNotKnown"))
                        + (patient.massIsStale() ? " " + Wording.says("doseCards.oldWeighAgainFirst") : ""),
                reacts.isEmpty()
                        ? Wording.says("doseCards.noAllergyWrittenDown")
                        : Wording.says("doseCards.reactsTo", String.join(", ", reacts)),
                patient.conditions().isEmpty()
                        ? Wording.says("doseCards.noConditionWrittenDown")
                        : patient.conditions().stream()
                                .sorted()
                                .map(Condition::label)
                                .collect(Collectors.joining(", ")),
                Wording.says("doseCards.asOf", LocalDate.now(clock)));
    }

    private static List<RescueLine> rescue(Going going, Formulary formulary, DoseSheet sheet) {
        Map<RescueMedicine, String> own = going.profile().map(Profile::rescue).orElse(Map.of());
        return own.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> {
                    var use = formulary.rescue(e.getKey());
                    return new RescueLine(
                            Papers.capital(e.getKey().label()),
                            e.getValue().isBlank() ? "where? ____________" : e.getValue(),
                            use.map(u -> u.how()).orElse(""),
                            use.map(u -> u.again()).orElse(Wording.says("doseCards.onlyAsPrescribed")),
                            directed(e.getKey(), formulary, sheet, going.patient()));
                })
                .toList();
    }

    /** What was directed for it, where that is recorded. */
    private static String directed(RescueMedicine medicine, Formulary formulary, DoseSheet sheet, Patient patient) {
        Optional<Product> product = formulary.inSupply(Tag.idOf(medicine));
        return product.map(p -> sheet.of(p, patient))
                .flatMap(a -> a instanceof DoseAnswer.Give give
                                && !give.directed().isEmpty()
                        ? Optional.of(give.amount() + " (" + give.milligrams() + "), " + give.often() + ", "
                                + give.directed().stream()
                                        .map(Direction::who)
                                        .collect(Collectors.joining(" " + Wording.says("sheetController.and") + " ")))
                        : Optional.empty())
                .orElse("");
    }

    private static DoseGroup group(CardDoses.Group group, Formulary formulary) {
        return new DoseGroup(
                group.doses().stream().map(d -> line(d, formulary)).toList(),
                group.mostInADay().entrySet().stream()
                        .map(e -> Wording.says(
                                "doseCards.togetherNoMoreThanMgOfIn",
                                e.getValue().stripTrailingZeros().toPlainString(),
                                formulary.nameOf(e.getKey())))
                        .toList());
    }

    /** What is in it is said of every mixture, and of a product of one's own, whose name may say nothing. */
    private static DoseLine line(DoseAnswer.Give give, Formulary formulary) {
        Product product = give.product();
        boolean named = !product.mixture()
                && product.name().toLowerCase(Locale.ROOT).contains(formulary.nameOf(product.only()));
        return new DoseLine(
                product.name(),
                named
                        ? ""
                        : product.strengths().entrySet().stream()
                                .sorted(Map.Entry.comparingByKey())
                                .map(e -> formulary.nameOf(e.getKey()) + " " + e.getValue())
                                .collect(Collectors.joining(
                                        ", ",
                                        Wording.says(
                                                        "doseCards.1Holds",
                                                        product.form().unit()) + " ",
                                        "")),
                !product.mixture() && counted(product, formulary) ? give.amountWithMilligrams() : give.amount(),
                give.often(),
                give.directed().stream()
                        .map(Direction::who)
                        .distinct()
                        .collect(Collectors.joining(
                                " " + Wording.says("sheetController.and") + " ",
                                give.directed().isEmpty() ? "" : Wording.says("doseCards.directed") + " ",
                                "")),
                give.cautions().stream()
                        .filter(c -> c.asks() && c.kind() != Caution.Kind.OLD_MASS)
                        .map(c -> Papers.capital(FindingWords.say(c.because())) + ": " + FindingWords.say(c.warning()))
                        .toList());
    }

    /** Salts and what works in the mouth are counted in sachets and lozenges; milligrams of them tell nobody anything. */
    private static boolean counted(Product product, Formulary formulary) {
        return product.strengths().keySet().stream()
                .anyMatch(i -> !formulary.ceilings(i).equals(Ceilings.NONE));
    }

    private static String apart(CardDoses.Apart apart) {
        return Wording.says(
                "doseCards.notWith",
                apart.one().name(),
                apart.others().stream().map(Product::name).collect(Collectors.joining(", ")),
                FindingWords.say(apart.warning()));
    }

    /** What holds for everybody: not with blood in the stool, not before a boat. */
    private static List<String> notWhen(List<CardDoses.Group> groups) {
        Map<String, List<String>> said = new LinkedHashMap<>();
        for (CardDoses.Group group : groups) {
            for (DoseAnswer.Give dose : group.doses()) {
                dose.cautions().stream()
                        .filter(c -> c.kind() == Caution.Kind.RULE && c.because() instanceof Because.Everybody)
                        .forEach(c -> said.computeIfAbsent(FindingWords.say(c.warning()), s -> new ArrayList<>())
                                .add(dose.product().name()));
            }
        }
        return said.entrySet().stream()
                .map(e -> String.join("; ", e.getValue()) + ". " + e.getKey())
                .toList();
    }
}
