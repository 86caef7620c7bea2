package hodeon.app.catalogue;

import hodeon.app.shell.NotHere;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.catalogue.procedure.GuidanceReader;
import hodeon.core.need.Drivers;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a household adds to what could happen, and to what a kit can do about it. */
@Service
@Transactional
public class OwnProblems {

    private final OwnCatalogue catalogues;
    private final OwnProblemRepository problems;
    private final OwnCapabilityRepository capabilities;
    private final Clock clock;

    OwnProblems(
            OwnCatalogue catalogues, OwnProblemRepository problems, OwnCapabilityRepository capabilities, Clock clock) {
        this.catalogues = catalogues;
        this.problems = problems;
        this.capabilities = capabilities;
        this.clock = clock;
    }

    /** A problem as it is kept. @param text how often and what it takes @param words what to do */
    public record Described(String id, String name, String text, String words) {}

    /** A capability of the household's own. @param usedBy names of what asks for it or does it */
    public record Able(Capability capability, List<String> usedBy) {}

    @Transactional(readOnly = true)
    public List<Described> all(UUID household) {
        return problems.findByHouseholdIdOrderById(household).stream()
                .map(OwnProblems::described)
                .toList();
    }

    /** Throws {@link NotHere} for what is none of the household's own. */
    @Transactional(readOnly = true)
    public Described of(UUID household, String problem) {
        return problems.findById(new OwnKey(household, problem))
                .map(OwnProblems::described)
                .orElseThrow(() -> new NotHere("problem " + problem));
    }

    private static Described described(OwnProblem row) {
        return new Described(row.id, row.name, row.text, row.words);
    }

    @Transactional(readOnly = true)
    public List<Able> abilities(UUID household) {
        Catalogue all = catalogues.of(household).catalogue();
        return capabilities.findByHouseholdIdOrderById(household).stream()
                .map(row -> new Able(
                        all.capability(row.id),
                        Stream.concat(
                                        all.problems().stream()
                                                .filter(p -> p.steps().stream().anyMatch(s -> s.capability()
                                                        .equals(row.id)))
                                                .map(Problem::name),
                                        all.supplies().stream()
                                                .filter(s -> s.serves().containsKey(row.id))
                                                .map(s -> s.name()))
                                .toList()))
                .toList();
    }

    /** A capability that a problem asks for and that is new. @param unit what one use is counted in */
    public record NewAbility(String id, String name, String unit) {}

    /** Keeps a problem with the capabilities it asks for; answers everything that is wrong with it, and then keeps nothing. */
    public List<CatalogueFault> keep(UUID household, Described problem, List<NewAbility> abilities) {
        List<OwnCapability> rows = abilities.stream()
                .map(a -> new OwnCapability(household, a.id(), a.name(), a.unit()))
                .toList();
        CatalogueReader.Reading able = CatalogueReader.capabilities(
                Drivers.vocabulary(),
                String.join("\n", rows.stream().map(r -> r.text).toList()));
        Catalogue known =
                catalogues.of(household).catalogue().with(able.catalogue().capabilities(), List.of());
        List<CatalogueFault> faults = new ArrayList<>(able.faults());
        faults.addAll(CatalogueReader.problems(Drivers.vocabulary(), known, problem.text())
                .faults());
        GuidanceReader.own(known, problem.words(), faults);
        if (faults.isEmpty()) {
            capabilities.saveAll(rows);
            problems.save(new OwnProblem(household, problem.id(), problem.name(), problem.text(), problem.words()));
        }
        return faults;
    }

    public void drop(UUID household, String problem) {
        problems.findById(new OwnKey(household, problem))
                        .orElseThrow(() -> new NotHere("problem " + problem))
                        .deletedAt =
                LocalDateTime.now(clock);
    }

    /** Says it in other words. @param unit what one use is counted in */
    public void rename(UUID household, String ability, String name, String unit) {
        if (!capabilities.existsById(new OwnKey(household, ability))) {
            throw new NotHere("capability " + ability);
        }
        capabilities.save(new OwnCapability(household, ability, name, unit));
    }

    /** Goes into the bin unless something asks for it or does it; answers what that is. */
    public List<String> dropAbility(UUID household, String ability) {
        Able able = abilities(household).stream()
                .filter(a -> a.capability().id().equals(ability))
                .findFirst()
                .orElseThrow(() -> new NotHere("capability " + ability));
        if (able.usedBy().isEmpty()) {
            capabilities.findById(new OwnKey(household, ability)).orElseThrow().deletedAt = LocalDateTime.now(clock);
        }
        return able.usedBy();
    }
}
