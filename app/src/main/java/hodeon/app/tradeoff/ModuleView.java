package hodeon.app.tradeoff;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Severity;
import hodeon.core.catalogue.Supply;
import hodeon.core.need.ProblemForecast;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Scope;
import hodeon.core.plan.tradeoff.SmallestModule;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The page of the smallest module for some problems.
 *
 * @param name of the module, from what it is for
 * @param usual modules one often packs, of whose problems any can happen here
 * @param problems that can happen, by severity, the mildest first
 * @param rows what it holds
 * @param directions problems whose directions go into it
 * @param lacking what nothing that may come does
 * @param impossible something that is asked for needs company that may not come
 */
record ModuleView(
        String name,
        List<Bag> usual,
        List<Shelf> problems,
        List<Tick> capabilities,
        String grams,
        List<Row> rows,
        List<Tick> directions,
        List<String> lacking,
        boolean chosen,
        boolean impossible) {

    record Bag(String name, List<String> problems) {}

    record Shelf(String label, List<Tick> ticks, boolean open) {}

    record Tick(String id, String name, boolean ticked) {}

    /** @param does what it is in the module for */
    record Row(String id, String counted, String grams, String does) {}

    private static final int COMMON = 2;

    static ModuleView of(KitQuestion question, Scope scope, Optional<SmallestModule> module) {
        List<Problem> problems = question.problems().stream()
                .map(ProblemForecast::problem)
                .sorted(Comparator.comparing(Problem::name))
                .toList();
        List<String> happening = problems.stream().map(Problem::id).toList();
        return new ModuleView(
                name(question, scope),
                Scope.usual().stream()
                        .map(u -> new Bag(
                                u.name(),
                                u.problems().stream()
                                        .filter(happening::contains)
                                        .toList()))
                        .filter(bag -> !bag.problems().isEmpty())
                        .toList(),
                problems.stream()
                        .map(Problem::severity)
                        .distinct()
                        .sorted()
                        .map(severity -> shelf(severity, problems, scope))
                        .toList(),
                question.catalogue().capabilities().stream()
                        .filter(c -> question.asked().contains(c.id()))
                        .sorted(Comparator.comparing(Capability::name))
                        .map(c ->
                                new Tick(c.id(), c.name(), scope.capabilities().contains(c.id())))
                        .toList(),
                module.map(m -> Figures.grams(m.mass())).orElse(""),
                module.map(m -> rows(m, question)).orElse(List.of()),
                problems.stream()
                        .filter(p -> scope.problems().contains(p.id()))
                        .map(p -> new Tick(p.id(), p.name(), true))
                        .toList(),
                module.map(m -> m.lacking().stream().map(Capability::name).toList())
                        .orElse(List.of()),
                !scope.isEmpty(),
                !scope.isEmpty() && module.isEmpty());
    }

    private static Shelf shelf(int severity, List<Problem> problems, Scope scope) {
        List<Tick> ticks = problems.stream()
                .filter(p -> p.severity() == severity)
                .map(p -> new Tick(p.id(), p.name(), scope.problems().contains(p.id())))
                .toList();
        return new Shelf(
                Severity.label(severity),
                ticks,
                severity <= COMMON || ticks.stream().anyMatch(Tick::ticked));
    }

    /** A usual module's own name, or what it is for. */
    private static String name(KitQuestion question, Scope scope) {
        return Scope.usual().stream()
                .filter(u -> scope.capabilities().isEmpty() && u.problems().equals(scope.problems()))
                .findFirst()
                .map(Scope.Usual::name)
                .orElseGet(() -> Wording.says(
                        "outingBase.for",
                        question.problems().stream()
                                .map(ProblemForecast::problem)
                                .filter(p -> scope.problems().contains(p.id()))
                                .map(Problem::name)
                                .collect(Collectors.joining(", "))));
    }

    private static List<Row> rows(SmallestModule module, KitQuestion question) {
        return question.catalogue().supplies().stream()
                .filter(s -> module.pieces().containsKey(s.id()))
                .map(s -> row(s, module))
                .toList();
    }

    private static Row row(Supply supply, SmallestModule module) {
        int pieces = module.pieces().getOrDefault(supply.id(), 0);
        String does = module.needs().stream()
                .filter(n -> n.by().contains(supply.id()))
                .map(n -> n.capability().name())
                .collect(Collectors.joining("; "));
        return new Row(
                supply.id(),
                Figures.named(pieces, supply),
                Figures.grams(supply.mass().times(pieces)),
                does.isEmpty() ? Wording.says("moduleView.goesWithWhatLiesBesideIt") : does);
    }
}
