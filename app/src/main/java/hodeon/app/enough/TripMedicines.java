package hodeon.app.enough;

import hodeon.app.kit.ExpectedUse;
import hodeon.app.kit.MatService;
import hodeon.app.kit.Suits;
import hodeon.app.medicine.MedicineRules;
import hodeon.app.medicine.MedicineShelf;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.people.Profile;
import hodeon.app.trip.StoredTrip;
import hodeon.app.usage.Knowledge;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Formulary;
import hodeon.core.medication.Product;
import hodeon.core.medication.TripSupply;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Adds up what a trip asks of each product: regular medicine with its reserve for delay, what the forecast says is used up
 * on nine trips of ten, and the walking-out reserve of pain relief for one casualty.
 */
@Component
class TripMedicines {

    private static final String RELIEVE_PAIN = "relieve-pain";
    /** Standard deviations above the expected use that suffice on about nine trips of ten (uses at random, Poisson). */
    private static final double NINE_OF_TEN = 1.2816;

    private final PartyPatients patients;
    private final MedicineShelf medicines;
    private final MatService mats;
    private final ExpectedUse expected;
    private final Suits suits;
    private final Knowledge knowledge;
    private final Clock clock;

    TripMedicines(
            PartyPatients patients,
            MedicineShelf medicines,
            MatService mats,
            ExpectedUse expected,
            Suits suits,
            Knowledge knowledge,
            Clock clock) {
        this.patients = patients;
        this.medicines = medicines;
        this.mats = mats;
        this.expected = expected;
        this.suits = suits;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /**
     * One product on this trip.
     *
     * @param supply that holds it in the kit; empty if it rides with the person
     * @param who takes it every day, each with how much
     * @param onMat pieces of the supply on the mat
     */
    record Line(Product product, Optional<Supply> supply, List<String> who, TripSupply needs, int asked, int onMat) {

        boolean enough() {
            return supply.isEmpty() || onMat >= asked;
        }
    }

    /** Somebody who may not have something on the mat. */
    record CannotHave(Supply supply, Suits.Unsuited who) {}

    /** Everything the page shows. */
    record Answer(
            List<Line> lines,
            List<CannotHave> cannot,
            List<Going> unknown,
            int reserveDays,
            long matVersion,
            Map<String, Integer> onMat,
            Catalogue catalogue) {}

    Answer of(UUID household, StoredTrip trip) {
        Formulary formulary = medicines.of(household);
        MedicineRules rules = medicines.rules(household);
        LocalDate today = LocalDate.now(clock);
        DoseSheet sheet = new DoseSheet(formulary, rules.tradition(), today);
        Catalogue catalogue = knowledge.of(household).catalogue();
        List<Going> going = patients.of(household, trip.trip().party().people());
        MatService.OnMat mat = mats.onMat(household, trip);
        int days = (int) Math.ceil(trip.trip().days());
        int reserve = rules.reserveFor(days);
        Set<String> supplies = new TreeSet<>(mat.pieces().keySet());
        supplies.removeIf(s -> formulary.inSupply(s).isEmpty());
        if (supplies.stream().noneMatch(s -> relievesPain(catalogue.supply(s)))) {
            // Without pain relief nobody walks out: it is asked for although none lies there.
            catalogue.supplies().stream()
                    .filter(s -> relievesPain(Optional.of(s)) && s.prescribed().isEmpty())
                    .map(Supply::id)
                    .filter(s -> formulary.inSupply(s).isPresent())
                    .findFirst()
                    .ifPresent(supplies::add);
        }
        Map<String, Double> used = expected.of(trip, plenty(mat.pieces(), supplies, catalogue));
        Set<Product> products = new LinkedHashSet<>();
        going.forEach(g -> g.profile().ifPresent(p -> p.regular()
                .forEach(r -> formulary.product(r.product()).ifPresent(products::add))));
        supplies.forEach(s -> formulary.inSupply(s).ifPresent(products::add));
        List<Line> lines = products.stream()
                .map(p -> line(p, going, sheet, catalogue, mat.pieces(), used, trip, days, reserve))
                .sorted(Comparator.comparing(Line::enough))
                .toList();
        return new Answer(
                lines,
                cannot(trip, catalogue, mat.pieces()),
                going.stream().filter(g -> g.profile().isEmpty()).toList(),
                reserve,
                mat.version(),
                mat.pieces(),
                catalogue);
    }

    private static boolean relievesPain(Optional<Supply> supply) {
        return supply.filter(s -> s.serves().get(RELIEVE_PAIN) == Tier.MADE).isPresent();
    }

    /** What is used up must not depend on how little was packed: as if there were as many of each as could be wanted. */
    private static Map<String, Integer> plenty(Map<String, Integer> onMat, Set<String> supplies, Catalogue catalogue) {
        Map<String, Integer> pieces = new HashMap<>(onMat);
        supplies.forEach(s -> catalogue.supply(s).ifPresent(known -> pieces.put(s, known.most())));
        return pieces;
    }

    private static Line line(
            Product product,
            List<Going> going,
            DoseSheet sheet,
            Catalogue catalogue,
            Map<String, Integer> onMat,
            Map<String, Double> used,
            StoredTrip trip,
            int days,
            int reserve) {
        Optional<Supply> supply = product.supply().flatMap(catalogue::supply);
        List<String> who = new ArrayList<>();
        BigDecimal regular = BigDecimal.ZERO;
        for (Going g : going) {
            for (Profile.Regular r : g.profile().map(Profile::regular).orElse(List.of())) {
                if (r.product().equals(product.id())) {
                    BigDecimal units = TripSupply.regular(r.unitsADay(), days, reserve);
                    regular = regular.add(units);
                    who.add(g.name() + " " + r.unitsADay().stripTrailingZeros().toPlainString() + " a day × (" + days
                            + " + " + reserve + ") days = " + product.form().says(units.toPlainString()));
                }
            }
        }
        BigDecimal asNeeded = supply.map(
                        s -> nineOfTen(used.getOrDefault(s.id(), 0.0)).multiply(product.perPiece()))
                .orElse(BigDecimal.ZERO);
        BigDecimal walkingOut = supply.filter(s -> relievesPain(Optional.of(s)))
                .map(s -> walkingOut(product, going, sheet, trip.trip().hoursToCare()))
                .orElse(BigDecimal.ZERO);
        TripSupply needs = new TripSupply(regular, asNeeded, walkingOut);
        return new Line(
                product,
                supply,
                who,
                needs,
                needs.pieces(product),
                supply.map(s -> onMat.getOrDefault(s.id(), 0)).orElse(0));
    }

    /** Whole pieces that suffice on about nine trips of ten. */
    private static BigDecimal nineOfTen(double expectedPieces) {
        return BigDecimal.valueOf(expectedPieces + NINE_OF_TEN * Math.sqrt(expectedPieces))
                .setScale(0, RoundingMode.CEILING);
    }

    /** For whoever of the party would need the most. */
    private static BigDecimal walkingOut(Product product, List<Going> going, DoseSheet sheet, double hours) {
        return going.stream()
                .map(g -> sheet.of(product, g.patient(), g.directions(), Set.of()))
                .flatMap(a -> a instanceof DoseAnswer.Give give
                        ? Stream.of(give.most().multiply(BigDecimal.valueOf(TripSupply.walkingOutDoses(give, hours))))
                        : Stream.empty())
                .max(BigDecimal::compareTo)
                .orElse(BigDecimal.ZERO);
    }

    private List<CannotHave> cannot(StoredTrip trip, Catalogue catalogue, Map<String, Integer> onMat) {
        return catalogue.supplies().stream()
                .filter(s -> onMat.containsKey(s.id()))
                .flatMap(s ->
                        suits.of(trip, catalogue, s, onMat.keySet()).stream().map(who -> new CannotHave(s, who)))
                .toList();
    }
}
