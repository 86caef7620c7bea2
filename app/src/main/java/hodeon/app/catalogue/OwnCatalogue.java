package hodeon.app.catalogue;

import hodeon.app.shell.LastAnswer;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.catalogue.procedure.GuidanceReader;
import hodeon.core.catalogue.procedure.Procedure;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import hodeon.core.need.Drivers;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The reference data as a household changed them: its own supplies and rates stand before the shipped
 * ones, its own problems and capabilities behind them. */
@Service
@Transactional
public class OwnCatalogue {

    private final Catalogue shipped;
    private final OwnSupplyRepository supplies;
    private final OwnRateRepository rates;
    private final OwnProblemRepository problems;
    private final OwnCapabilityRepository capabilities;
    private final Clock clock;
    private final LastAnswer<Written, Own> last = new LastAnswer<>();

    OwnCatalogue(
            Catalogue shipped,
            OwnSupplyRepository supplies,
            OwnRateRepository rates,
            OwnProblemRepository problems,
            OwnCapabilityRepository capabilities,
            Clock clock) {
        this.clock = clock;
        this.problems = problems;
        this.capabilities = capabilities;
        this.shipped = shipped;
        this.supplies = supplies;
        this.rates = rates;
    }

    /**
     * @param signature differs whenever the catalogue does
     * @param ownSupplies ids of supplies that are the household's own
     * @param ownRates ids of problems with a rate of the household's own
     * @param procedures what to do about the household's own problems, by their ids
     */
    public record Own(
            Catalogue catalogue,
            String signature,
            Set<String> ownSupplies,
            Set<String> ownRates,
            Map<String, Procedure> procedures) {}

    @Transactional(readOnly = true)
    public Own of(UUID householdId) {
        Map<String, Rate> ownRates = new LinkedHashMap<>();
        rates.findByHouseholdIdOrderById(householdId)
                .forEach(r -> ownRates.put(r.id, new Rate(r.perThousand, r.strength, new Basis.Own())));
        List<OwnProblem> own = problems.findByHouseholdIdOrderById(householdId);
        Written written = new Written(
                joined(supplies.findByHouseholdIdOrderById(householdId), r -> r.text),
                ownRates,
                joined(capabilities.findByHouseholdIdOrderById(householdId), r -> r.text),
                joined(own, r -> r.text),
                joined(own, r -> r.words));
        return written.nothing()
                ? new Own(shipped, "", Set.of(), Set.of(), Map.of())
                : last.of(householdId, written, this::read);
    }

    private static <R> String joined(List<R> rows, Function<R, String> text) {
        return rows.stream().map(text).collect(Collectors.joining("\n"));
    }

    /** Everything of a household's own, as it stands in its rows. */
    private record Written(
            String supplies, Map<String, Rate> rates, String capabilities, String problems, String words) {

        boolean nothing() {
            return supplies.isEmpty() && rates.isEmpty() && capabilities.isEmpty() && problems.isEmpty();
        }
    }

    private Own read(Written written) {
        Catalogue able = shipped.with(
                CatalogueReader.capabilities(Drivers.vocabulary(), written.capabilities())
                        .catalogue()
                        .capabilities(),
                List.of());
        Map<String, Procedure> procedures = GuidanceReader.own(able, written.words(), new ArrayList<>());
        Set<String> capabilities =
                able.capabilities().stream().map(Capability::id).collect(Collectors.toSet());
        // A row that came by a file of somebody's own making may lack what no page would let it lack: then it is not
        // reckoned with.
        List<Problem> whole =
                CatalogueReader.problems(Drivers.vocabulary(), able, written.problems()).catalogue().problems().stream()
                        .filter(p -> procedures.containsKey(p.id())
                                && !p.steps().isEmpty()
                                && p.steps().stream().allMatch(s -> capabilities.contains(s.capability())))
                        .toList();
        Catalogue all = able.with(List.of(), whole);
        List<Supply> own = CatalogueReader.supplies(Drivers.vocabulary(), all, written.supplies())
                .catalogue()
                .supplies();
        return new Own(
                all.withSupplies(own).withRates(written.rates()),
                written.toString(),
                own.stream().map(Supply::id).collect(Collectors.toUnmodifiableSet()),
                Set.copyOf(written.rates().keySet()),
                procedures);
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
        CatalogueReader.Reading reading =
                CatalogueReader.supplies(Drivers.vocabulary(), of(householdId).catalogue(), text);
        List<Supply> read = reading.catalogue().supplies();
        if (reading.faults().isEmpty() && read.size() != 1) {
            return List.of(new CatalogueFault(
                    Wording.says("ownCatalogue.yourSupplies"),
                    1,
                    Wording.says("ownCatalogue.describeOneSupplyHereBeginningWith", read.size())));
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
        if (of(householdId).catalogue().problem(problemId).isEmpty()) {
            throw new NotHere("problem " + problemId);
        }
        rates.save(new OwnRate(householdId, problemId, perThousand, strength));
    }

    public void dropRate(UUID householdId, String problemId) {
        rates.deleteById(new OwnKey(householdId, problemId));
    }
}
