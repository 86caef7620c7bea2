package hodeon.app.dose.dispense;

import hodeon.app.dose.DoseBook;
import hodeon.app.dose.DoseCase;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Figures;
import hodeon.app.shell.FindingWords;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.core.medication.Caution;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.amount.Course;
import hodeon.core.medication.formulary.Product;
import hodeon.core.notice.Faults;
import hodeon.core.party.Training;
import hodeon.core.stock.FirstExpired;
import hodeon.core.stock.Held;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A licensed clinician of the household hands somebody of it medicine: only what the dose gate says a dose of, no more than the label lets
 * them take before they ask, of what is still good until then; with a label, and a line in the register.
 */
@Service
@Transactional
class Dispensing {

    private static final String ERASED = "erased";

    private final DoseBook book;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final StockService stock;
    private final StockLedger ledger;
    private final DispensedRepository register;
    private final Clock clock;

    Dispensing(
            DoseBook book,
            PeopleService people,
            MedicineShelf medicines,
            StockService stock,
            StockLedger ledger,
            DispensedRepository register,
            Clock clock) {
        this.book = book;
        this.people = people;
        this.medicines = medicines;
        this.stock = stock;
        this.ledger = ledger;
        this.register = register;
        this.clock = clock;
    }

    /** Who may hand something over. */
    @Transactional(readOnly = true)
    List<PeopleService.Known> clinicians(UUID household) {
        return people.all(household).stream()
                .filter(k -> k.profile().training() == Training.CLINICIAN)
                .toList();
    }

    /** A product that lies somewhere. */
    record Offered(Product product, UUID place, String placeName, int pieces) {}

    /** What can be handed over, place by place. */
    @Transactional(readOnly = true)
    List<Offered> offered(UUID household) {
        Stock all = stock.of(household);
        List<Offered> offered = new ArrayList<>();
        for (Product product : medicines.products(household)) {
            product.supply().ifPresent(supply -> all.held().stream()
                    .filter(h -> h.lot().supply().equals(supply) && good(h))
                    .collect(Collectors.groupingBy(Held::place, Collectors.summingInt(Held::pieces)))
                    .forEach((place, pieces) -> offered.add(new Offered(product, place, all.address(place), pieces))));
        }
        offered.sort(Comparator.comparing((Offered o) -> o.product().name()).thenComparing(Offered::placeName));
        return offered;
    }

    private boolean good(Held held) {
        return !held.lastDay().isBefore(LocalDate.now(clock));
    }

    /** What the gate says to a product for somebody now. */
    @Transactional(readOnly = true)
    DoseAnswer answer(UUID household, UUID person, String product) {
        DoseCase of = book.of(household, person, HouseStyle.here().zoneHere());
        return of.gate()
                .answer(
                        medicines.of(household).product(product).orElseThrow(() -> new NotHere("product " + product)),
                        of.now());
    }

    /** Hands it over and answers its line in the register; with any fault nothing is moved or written. */
    Optional<UUID> hand(UUID household, UUID person, DispenseForm form, Faults faults) {
        Optional<PeopleService.Known> by = clinicians(household).stream()
                .filter(k -> k.id().equals(form.by()))
                .findFirst();
        if (by.isEmpty()) {
            faults.add(
                    "by",
                    "",
                    Wording.says("dispensing.medicineIsHandedOverByALicensed"),
                    Wording.says("dispensing.chooseOne"));
        } else if (by.get().id().equals(person)) {
            faults.add(
                    "by",
                    by.get().profile().name(),
                    Wording.says("dispensing.nobodyHandsMedicineOverTo"),
                    Wording.says("dispensing.askAnotherClinician"));
        }
        if (form.product() == null || form.place() == null) {
            faults.add(
                    "product",
                    "",
                    Wording.says("dispensing.somethingIsHandedOverFromSomewhere"),
                    Wording.says("dispensing.chooseItFromTheList"));
            return Optional.empty();
        }
        DoseAnswer answer = answer(household, person, form.product());
        if (answer instanceof DoseAnswer.Refused refused) {
            faults.add(
                    "product",
                    refused.product().name(),
                    Wording.says("dispensing.noDoseIsSaidForThem", FindingWords.say(refused.whyNot())),
                    Wording.says("dispensing.whereAPrescriberDecidedOtherwise"));
            return Optional.empty();
        }
        DoseAnswer.Give give = (DoseAnswer.Give) answer;
        Product product = give.product();
        Optional<BigDecimal> units = units(form, give, faults);
        if (units.isEmpty() || !faults.none()) {
            return Optional.empty();
        }
        int pieces =
                units.get().divide(product.perPiece(), 0, RoundingMode.CEILING).intValueExact();
        LocalDate end = LocalDate.now(clock).plusDays(give.dosing().days().orElse(0));
        Stock all = stock.of(household);
        List<Held> there = all.at(form.place()).stream()
                .filter(h -> product.supply().filter(h.lot().supply()::equals).isPresent())
                .filter(h -> h.outlasts(end, 0))
                .toList();
        int lies = there.stream().mapToInt(Held::pieces).sum();
        if (lies < pieces) {
            faults.add(
                    "units",
                    form.typed(),
                    Wording.says("dispensing.onlyPiecesThatStayGoodUntilThen", lies),
                    Wording.says("dispensing.handOverFewerOrTakeItFrom"));
            return Optional.empty();
        }
        // Numbers without gaps are given one at a time.
        ledger.takeTurn(household);
        int number = register.countByHouseholdId(household) + 1;
        List<FirstExpired.Taken> taken = FirstExpired.take(there, pieces);
        taken.forEach(t -> ledger.use(
                household,
                t.held().lot().id(),
                t.held().place(),
                t.pieces(),
                Cause.of("clinician", Wording.says("dispensing.handedOverRegisterNo", number))));
        return Optional.of(write(household, person, number, give, units.get(), form.says(), taken, by.orElseThrow()));
    }

    private static Optional<BigDecimal> units(DispenseForm form, DoseAnswer.Give give, Faults faults) {
        if (!form.typed().matches("\\d{1,4}([.,]\\d{1,2})?")) {
            faults.add(
                    "units",
                    form.typed(),
                    Wording.says("dispensing.howMuchIsHandedOverIsA"),
                    Wording.says("dispensing.writeItInDigits"));
            return Optional.empty();
        }
        BigDecimal units = new BigDecimal(form.typed().replace(',', '.'));
        Optional<BigDecimal> most = Course.most(give.dosing());
        if (units.signum() == 0) {
            faults.add(
                    "units",
                    form.typed(),
                    Wording.says("dispensing.howMuchIsHandedOverIsA"),
                    Wording.says("dispensing.writeItInDigits"));
        } else if (most.isPresent() && units.compareTo(most.get()) > 0) {
            faults.add(
                    "units",
                    form.typed(),
                    Wording.says(
                            "dispensing.untilTheLabelSaysToAskThey",
                            give.product().says(most.get())),
                    Wording.says("dispensing.handOverThatMuchSomebodyLooksAt"));
        }
        return Optional.of(units);
    }

    private UUID write(
            UUID household,
            UUID person,
            int number,
            DoseAnswer.Give give,
            BigDecimal units,
            String note,
            List<FirstExpired.Taken> taken,
            PeopleService.Known by) {
        DispensedRow row = new DispensedRow();
        row.householdId = household;
        row.number = number;
        row.personId = person;
        row.who = people.find(household, person).profile().name();
        row.product = give.product().name();
        row.quantity = give.product().says(units);
        List<String> says = new ArrayList<>();
        says.add(Wording.says("dispensing.atOnce", give.amountWithMilligrams()));
        says.add(give.often().substring(0, 1).toUpperCase(Locale.ROOT)
                + give.often().substring(1));
        give.cautions().stream().map(Dispensing::say).forEach(says::add);
        if (!note.isEmpty()) {
            says.add(note);
        }
        row.directions = String.join("\n", says);
        row.lots = taken.stream()
                .map(t -> t.held().lot().code())
                .filter(c -> !c.isEmpty())
                .distinct()
                .collect(Collectors.joining(", "));
        row.goodUntil = taken.stream()
                .flatMap(t -> t.held().good().stream())
                .map(g -> g.day())
                .min(Comparator.naturalOrder())
                .orElse(null);
        row.givenBy = by.profile().name();
        row.givenAt = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        return register.save(row).id;
    }

    private static String say(Caution caution) {
        return caution.level().label() + ": " + FindingWords.say(caution.warning());
    }

    /**
     * A line of the register, and what its label says.
     *
     * @param says a line each: how much at once, how often, every warning
     */
    record Entry(
            UUID id,
            int number,
            String who,
            String product,
            String quantity,
            List<String> says,
            String lots,
            String goodUntil,
            String by,
            LocalDateTime at) {}

    @Transactional(readOnly = true)
    List<Entry> all(UUID household) {
        return register.findByHouseholdIdOrderByNumberDesc(household).stream()
                .map(Dispensing::entry)
                .toList();
    }

    @Transactional(readOnly = true)
    Entry find(UUID household, UUID id) {
        return register.findByIdAndHouseholdId(id, household)
                .map(Dispensing::entry)
                .orElseThrow(() -> new NotHere("line " + id + " of the register"));
    }

    private static Entry entry(DispensedRow row) {
        return new Entry(
                row.id,
                row.number,
                row.who,
                row.product,
                row.quantity,
                List.of(row.directions.split("\n")),
                row.lots,
                row.goodUntil == null ? "" : Figures.day(row.goodUntil),
                row.givenBy,
                row.givenAt);
    }

    /** The line stays, without whose it was and without who handed it over, if that is who was erased. */
    @EventListener
    void erased(PeopleService.Erased gone) {
        register.findByHouseholdIdOrderByNumberDesc(gone.householdId()).forEach(row -> {
            if (gone.personId().equals(row.personId)) {
                row.personId = null;
                row.who = ERASED;
                row.directions = "";
            }
            if (row.givenBy.equalsIgnoreCase(gone.name())) {
                row.givenBy = ERASED;
            }
        });
    }
}
