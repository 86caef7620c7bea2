package hodeon.app.catalogue;

import hodeon.app.shell.LastAnswer;
import hodeon.app.shell.NotHere;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import hodeon.core.need.Drivers;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The reference data as a household changed them: its own supplies and rates stand before the shipped ones. */
@Service
@Transactional
public class OwnCatalogue {

    private final Catalogue shipped;
    private final OwnSupplyRepository supplies;
    private final OwnRateRepository rates;
    private final Clock clock;
    private final LastAnswer<Written, Own> last = new LastAnswer<>();

    OwnCatalogue(Catalogue shipped, OwnSupplyRepository supplies, OwnRateRepository rates, Clock clock) {
        this.clock = clock;
        this.shipped = shipped;
        this.supplies = supplies;
        this.rates = rates;
    }

    /**
     * @param signature differs whenever the catalogue does
     * @param ownSupplies ids of supplies that are the household's own
     * @param ownRates ids of problems with a rate of the household's own
     */
    public record Own(Catalogue catalogue, String signature, Set<String> ownSupplies, Set<String> ownRates) {}

    @Transactional(readOnly = true)
    public Own of(UUID householdId) {
        List<OwnSupply> supplyRows = supplies.findByHouseholdIdOrderById(householdId);
        List<OwnRate> rateRows = rates.findByHouseholdIdOrderById(householdId);
        if (supplyRows.isEmpty() && rateRows.isEmpty()) {
            return new Own(shipped, "", Set.of(), Set.of());
        }
        String text = supplyRows.stream().map(r -> r.text).collect(Collectors.joining("\n"));
        Map<String, Rate> ownRates = new LinkedHashMap<>();
        rateRows.forEach(r -> ownRates.put(r.id, new Rate(r.perThousand, r.strength, new Basis.Own())));
        return last.of(householdId, new Written(text, ownRates), this::read);
    }

    private record Written(String supplies, Map<String, Rate> rates) {}

    private Own read(Written written) {
        List<Supply> own = CatalogueReader.supplies(Drivers.vocabulary(), shipped, written.supplies())
                .catalogue()
                .supplies();
        return new Own(
                shipped.withSupplies(own).withRates(written.rates()),
                written.supplies() + written.rates(),
                own.stream().map(Supply::id).collect(Collectors.toUnmodifiableSet()),
                Set.copyOf(written.rates().keySet()));
    }

    /** The text of a supply as the household may edit it. */
    @Transactional(readOnly = true)
    public String text(UUID householdId, String supplyId) {
        return supplies.findById(new OwnKey(householdId, supplyId))
                .map(r -> r.text)
                .or(() -> shipped.supply(supplyId).map(SupplyText::of))
                .orElseThrow(() -> new NotHere("supply " + supplyId));
    }

    /** Keeps one supply described as text; answers everything that is wrong with it, and then keeps nothing. */
    public List<CatalogueFault> keepSupply(UUID householdId, String text) {
        CatalogueReader.Reading reading = CatalogueReader.supplies(Drivers.vocabulary(), shipped, text);
        List<Supply> read = reading.catalogue().supplies();
        if (reading.faults().isEmpty() && read.size() != 1) {
            return List.of(new CatalogueFault(
                    "your supplies",
                    1,
                    "Describe one supply here, beginning with its id in brackets; " + read.size() + " were found."));
        }
        if (reading.faults().isEmpty()) {
            supplies.emptyBin(householdId, read.getFirst().id());
            supplies.save(new OwnSupply(householdId, read.getFirst().id(), text.strip() + "\n"));
        }
        return reading.faults();
    }

    public void dropSupply(UUID householdId, String supplyId) {
        supplies.findById(new OwnKey(householdId, supplyId)).ifPresent(s -> s.deletedAt = LocalDateTime.now(clock));
    }

    public void keepRate(UUID householdId, String problemId, double perThousand, double strength) {
        if (shipped.problem(problemId).isEmpty()) {
            throw new NotHere("problem " + problemId);
        }
        rates.save(new OwnRate(householdId, problemId, perThousand, strength));
    }

    public void dropRate(UUID householdId, String problemId) {
        rates.deleteById(new OwnKey(householdId, problemId));
    }
}
