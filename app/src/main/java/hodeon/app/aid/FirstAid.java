package hodeon.app.aid;

import hodeon.app.aid.KitAtHand.Lying;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.procedure.Guidance;
import hodeon.core.catalogue.procedure.School;
import hodeon.core.notice.Faults;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What to do, by the schools a household follows and with the kit that is at hand. */
@Service
@Transactional
public class FirstAid {

    private final Guidance guidance;
    private final OwnCatalogue catalogues;
    private final FollowedSchoolRepository schools;

    FirstAid(Guidance guidance, OwnCatalogue catalogues, FollowedSchoolRepository schools) {
        this.guidance = guidance;
        this.catalogues = catalogues;
        this.schools = schools;
    }

    public Guidance guidance() {
        return guidance;
    }

    /** Choices by topic; topics nobody chose in are missing. */
    @Transactional(readOnly = true)
    public Map<String, String> schools(UUID household) {
        Map<String, String> chosen = new HashMap<>();
        schools.findByHouseholdIdOrderByTopic(household).forEach(s -> chosen.put(s.topic, s.choice));
        return chosen;
    }

    /** Follows all of these or, when one is unknown, none and says so in {@code faults}. */
    void follow(UUID household, Map<String, String> choices, Faults faults) {
        choices.forEach((topic, choice) -> {
            if (guidance.school(topic).flatMap(s -> s.choice(choice)).isEmpty()) {
                faults.add(
                        "school",
                        topic + ": " + choice,
                        Wording.says("firstAid.aSchoolIsOneOfThoseOn"),
                        Wording.says("firstAid.chooseOneOfThem"));
            }
        });
        if (faults.none()) {
            choices.forEach((topic, choice) -> schools.save(new FollowedSchool(household, topic, choice)));
        }
    }

    /** A step of the first minutes. @param name what catches the eye */
    public record Said(String name, String says) {}

    /** The first minutes by the schools that are followed: what catches the eye, and what is done. */
    @Transactional(readOnly = true)
    public List<Said> firstMinutes(UUID household, Set<Tag> around) {
        Map<String, String> followed = School.followed(guidance.schools(), schools(household), around);
        return guidance.firstMinutes().stream()
                .map(f -> new Said(
                        f.name(),
                        f.lines(followed).stream().map(HouseStyle.here()::says).collect(Collectors.joining(" "))))
                .toList();
    }

    /** The problems of these ids, in catalogue order. */
    @Transactional(readOnly = true)
    public List<DoNow> all(UUID household, Set<String> problems, Set<Tag> around, List<Lying> kit) {
        Map<String, String> chosen = schools(household);
        OwnCatalogue.Own own = catalogues.of(household);
        Guidance all = guidance.with(own.procedures());
        return own.catalogue().problems().stream()
                .filter(p -> problems.contains(p.id()))
                .map(p -> DoNow.of(p, own.catalogue(), all, chosen, around, Optional.of(kit)))
                .toList();
    }

    /** Every problem by its id, whatever kit is at hand. */
    @Transactional(readOnly = true)
    public Map<String, DoNow> everything(UUID household) {
        OwnCatalogue.Own own = catalogues.of(household);
        Guidance all = guidance.with(own.procedures());
        Map<String, String> chosen = schools(household);
        Map<String, DoNow> everything = new HashMap<>();
        own.catalogue()
                .problems()
                .forEach(p ->
                        everything.put(p.id(), DoNow.of(p, own.catalogue(), all, chosen, Set.of(), Optional.empty())));
        return everything;
    }

    /** One problem; empty for an id that is none. */
    @Transactional(readOnly = true)
    public Optional<DoNow> of(UUID household, String problem, Set<Tag> around, Optional<List<Lying>> kit) {
        OwnCatalogue.Own own = catalogues.of(household);
        return own.catalogue()
                .problem(problem)
                .map(p ->
                        DoNow.of(p, own.catalogue(), guidance.with(own.procedures()), schools(household), around, kit));
    }

    List<Supply> supplies(UUID household) {
        return catalogues.of(household).catalogue().supplies();
    }

    List<Problem> problems(UUID household) {
        return catalogues.of(household).catalogue().problems();
    }

    /** A topic as the settings show it. @param where the region speaks first, on trips there */
    record Topic(String id, String name, List<Option> options) {}

    record Option(String id, String name, String teaches, boolean followed, boolean byRegion) {}

    @Transactional(readOnly = true)
    List<Topic> topics(UUID household) {
        Map<String, String> chosen = schools(household);
        return guidance.schools().stream().map(s -> topic(s, chosen)).toList();
    }

    private static Topic topic(School school, Map<String, String> chosen) {
        String followed = school.followed(chosen, Set.of()).id();
        return new Topic(
                school.id(),
                school.name(),
                school.choices().stream()
                        .map(c -> new Option(
                                c.id(),
                                c.name(),
                                c.teaches(),
                                c.id().equals(followed),
                                c.where().isPresent()))
                        .toList());
    }
}
