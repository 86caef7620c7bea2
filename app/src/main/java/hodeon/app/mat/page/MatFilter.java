package hodeon.app.mat.page;

import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.need.Exposure;
import hodeon.core.need.ProblemForecast;
import hodeon.core.party.Person;
import hodeon.core.plan.Plan;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Which supplies a look at the mat asks for: those that could do something about the problems it names. */
final class MatFilter implements Predicate<Supply> {

    private final MatLook look;
    private final Optional<Person> person;
    private final Set<String> capabilities;

    MatFilter(MatLook look, Trip trip, Plan plan) {
        this.look = look;
        this.person = trip.party().people().stream()
                .filter(p -> p.name().equals(look.person()))
                .findFirst();
        this.capabilities = plan.steps().stream()
                .filter(s -> asked(s.needed().problem()))
                .map(s -> s.needed().step().capability().id())
                .collect(Collectors.toSet());
    }

    @Override
    public boolean test(Supply supply) {
        boolean ofGroup = look.group().isEmpty() || look.group().equals(id(supply.group()));
        boolean prescribed = person.isPresent()
                && look.problem().isEmpty()
                && look.severity() == 0
                && supply.prescribed()
                        .filter(tag -> person.get().rescue().stream()
                                .anyMatch(r -> Tag.of("rescue", r).equals(tag)))
                        .isPresent();
        return ofGroup
                && (prescribed || supply.serves().keySet().stream().anyMatch(capabilities::contains) || !narrows());
    }

    private boolean narrows() {
        return !look.problem().isEmpty() || look.severity() > 0 || person.isPresent();
    }

    private boolean asked(ProblemForecast problem) {
        return (look.problem().isEmpty() || problem.problem().id().equals(look.problem()))
                && (look.severity() == 0 || problem.problem().severity() == look.severity())
                && (person.isEmpty() || moreThanOthers(problem));
    }

    /** Whether this person counts for more than an ordinary adult, or is the only kind who can have the problem. */
    private boolean moreThanOthers(ProblemForecast problem) {
        List<Exposure.OfPerson> people = problem.exposure().people();
        boolean someCannot = people.stream().anyMatch(p -> p.factor() == 0);
        return people.stream()
                .filter(p -> p.person().equals(person.orElseThrow()))
                .anyMatch(p -> p.factor() > 1 || someCannot && p.factor() > 0);
    }

    static String id(Group group) {
        return group.name().toLowerCase(Locale.ROOT);
    }
}
