package hodeon.app.dose;

import hodeon.app.care.CareBook;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.LoggedUse;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What may be given now of all that a household has, and what a device needs to go on saying so out of reach. */
@Service
@Transactional(readOnly = true)
public class AwayDoses {

    private final StockService stock;
    private final HouseholdEvidence knowledge;
    private final CareBook care;
    private final JsonMapper json = JsonMapper.builder().build();

    AwayDoses(StockService stock, HouseholdEvidence knowledge, CareBook care) {
        this.stock = stock;
        this.knowledge = knowledge;
        this.care = care;
    }

    /** @param id of the product @param helped how often it helped them before; empty if nobody wrote that down */
    public record May(String id, String name, boolean fine, String says, String helped) {}

    /** @param book what the device goes on with, as {@code dose-clock.js} reads it */
    public record Away(List<May> may, String book) {}

    /** Supplies that lie anywhere. */
    Set<String> lying(UUID household) {
        Set<String> supplies = new LinkedHashSet<>();
        Stock all = stock.of(household);
        all.held().forEach(h -> supplies.add(h.lot().supply()));
        return supplies;
    }

    /** What helped whom before, by person. */
    Map<UUID, List<CareBook.Before>> helped(UUID household) {
        return care.before(household);
    }

    /**
     * What helped them before comes first.
     *
     * @param lying supplies whose medicines are asked about, beside those noted lately
     * @param before what was tried on them
     */
    Away of(DoseCase of, UUID household, Set<String> lying, List<CareBook.Before> before, ZoneId zone) {
        List<Product> products = Stream.concat(
                        of.kept().reversed().stream()
                                .filter(KeptDose::counts)
                                .flatMap(k -> of.formulary().product(k.noted().product()).stream()),
                        lying.stream().flatMap(s -> of.formulary().inSupply(s).stream()))
                .filter(p -> !p.form().onTheSpot())
                .distinct()
                .filter(p -> !p.prescribed() || of.gate().answer(p, of.now()) instanceof DoseAnswer.Give)
                .sorted(Comparator.comparingDouble(
                        p -> CareBook.of(before, p.name()).map(b -> -b.share()).orElse(0.0)))
                .toList();
        Catalogue catalogue = knowledge.of(household).catalogue();
        List<Product> byPiece = products.stream()
                .filter(p -> p.supply()
                        .flatMap(catalogue::supply)
                        .flatMap(s -> LoggedUse.of(of.formulary(), s, 1))
                        .isPresent())
                .toList();
        return new Away(
                products.stream().map(p -> may(of, p, before, zone)).toList(),
                json.writeValueAsString(of.gate().away(products, byPiece, of.now())));
    }

    private static May may(DoseCase of, Product product, List<CareBook.Before> before, ZoneId zone) {
        DoseNow now = DoseNow.of(of.gate(), product, of.now(), zone);
        return new May(
                product.id(),
                product.name(),
                now.fine(),
                now.says(),
                CareBook.of(before, product.name()).map(CareBook.Before::says).orElse(""));
    }
}
