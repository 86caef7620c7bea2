package hodeon.app.practice;

import hodeon.app.aid.DoNow;
import hodeon.app.aid.FirstAid;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Supply;
import hodeon.core.packing.Compartment;
import hodeon.core.practice.Drill;
import hodeon.core.practice.Recall;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Drills: asked of one's own kit, marked by the same words and places that the pages show, asked again when it is time. */
@Service
@Transactional
public class Practice {

    /** So many answers to choose from. */
    private static final int MOST_OPTIONS = 4;

    static final String NOTHING = "Nothing in this kit does it";

    private final PractisedRepository practised;
    private final FirstAid aid;
    private final HouseholdEvidence knowledge;
    private final StockService stock;
    private final Scenes scenes;
    private final Clock clock;

    Practice(
            PractisedRepository practised,
            FirstAid aid,
            HouseholdEvidence knowledge,
            StockService stock,
            Scenes scenes,
            Clock clock) {
        this.practised = practised;
        this.aid = aid;
        this.knowledge = knowledge;
        this.stock = stock;
        this.scenes = scenes;
        this.clock = clock;
    }

    /** @param why said after the answer */
    public record Question(String id, String asks, List<String> options, String right, String why) {}

    /**
     * A drill as it is asked.
     *
     * @param thing supply that decides it, where the kit has one
     * @param parts compartments of the kit by name
     */
    public record Asked(
            String problem,
            String name,
            Scenes.Scene scene,
            List<Question> questions,
            Optional<Supply> thing,
            Map<String, String> parts) {}

    /** What a member practised. */
    public record Done(String problem, String name, LocalDate last, LocalDate due, boolean now, String went) {}

    @Transactional(readOnly = true)
    public List<Done> of(UUID household, String who) {
        LocalDate today = LocalDate.now(clock);
        Catalogue catalogue = knowledge.of(household).catalogue();
        return practised.findByHouseholdIdAndWhoOrderByDueOn(household, who).stream()
                .flatMap(r -> catalogue
                        .problem(r.problemId)
                        .map(p -> new Done(
                                p.id(),
                                p.name(),
                                r.lastOn,
                                r.dueOn,
                                !r.dueOn.isAfter(today),
                                Wording.says("practice.ofInS", r.lastRight, r.lastAsked, r.lastSeconds)))
                        .stream())
                .toList();
    }

    /** How many problems there are to practise. */
    @Transactional(readOnly = true)
    public int all(UUID household) {
        return Drill.all(knowledge.of(household).catalogue()).size();
    }

    /** Draws one: what is due before what was never asked. */
    @Transactional(readOnly = true)
    public Asked draw(UUID household, String who, UUID kit, long seed) {
        Set<String> due =
                of(household, who).stream().filter(Done::now).map(Done::problem).collect(Collectors.toSet());
        Drill drill = Drill.draw(
                knowledge.of(household).catalogue(),
                due,
                lying(household, kit).keySet(),
                scenes.expected(scenes.outing(household, kit)),
                new Random(seed));
        return ask(household, kit, drill.problem().id(), seed);
    }

    /** The drill of a problem: with the same seed the same answers to choose from. */
    @Transactional(readOnly = true)
    public Asked ask(UUID household, UUID kit, String problem, long seed) {
        Catalogue catalogue = knowledge.of(household).catalogue();
        Random random = new Random(seed);
        Problem about = catalogue.problem(problem).orElseThrow(() -> new NotHere("problem " + problem));
        Map<String, String> lying = lying(household, kit);
        Map<String, String> parts = stock.of(household).pockets().of(kit).stream()
                .collect(Collectors.toMap(c -> c.name(), c -> c.id(), (a, b) -> a, LinkedHashMap::new));
        Optional<Supply> thing = Drill.decisive(about, catalogue, lying.keySet());
        Map<String, DoNow> told = aid.everything(household);
        DoNow now = told.get(problem);
        if (now == null) {
            throw new NotHere("problem " + problem);
        }
        List<DoNow> others = new ArrayList<>(Drill.all(catalogue).stream()
                .filter(p -> !p.id().equals(problem))
                .flatMap(p -> Optional.ofNullable(told.get(p.id())).stream())
                .toList());
        Collections.shuffle(others, random);
        List<Question> questions = new ArrayList<>();
        questions.add(question(
                "first",
                Wording.says("practice.whatDoYouDoFirst"),
                line(now, 0),
                others.stream().map(o -> line(o, 0)).toList(),
                Wording.says("practice.soItStandsUnderWhatToDo"),
                random));
        List<String> things = new ArrayList<>(catalogue.supplies().stream()
                .filter(s -> lying.containsKey(s.id()))
                .map(Supply::name)
                .toList());
        Collections.shuffle(things, random);
        questions.add(question(
                "thing",
                Wording.says("practice.whichThingOfThisKitDoYou"),
                thing.map(Supply::name).orElse(NOTHING),
                Stream.concat(Stream.of(NOTHING), things.stream()).toList(),
                thing.isPresent()
                        ? Wording.says("practice.itIsTheBestInThisKit")
                        : Wording.says("practice.itHasNothingForItByHand"),
                random));
        Optional<String> where = thing.map(s -> lying.get(s.id())).filter(w -> !w.isEmpty());
        Set<String> places = new LinkedHashSet<>(lying.values());
        places.addAll(parts.keySet());
        places.remove("");
        if (where.isPresent() && places.size() > 1) {
            questions.add(question(
                    "where",
                    Wording.says("practice.whereDoesItLie"),
                    where.get(),
                    places,
                    Wording.says("practice.byTheDrawingOfTheKit"),
                    random));
        }
        questions.add(question(
                "next",
                Wording.says("practice.andThen"),
                line(now, 1),
                others.stream().map(o -> line(o, 1)).toList(),
                Wording.says("practice.itIsTheSecondLineOfWhat"),
                random));
        questions.add(question(
                "call",
                Wording.says("practice.whenDoYouCallForHelp"),
                now.call(),
                others.stream().map(DoNow::call).toList(),
                Wording.says("practice.soItStandsThereYourCourseAnd"),
                random));
        return new Asked(
                about.id(),
                about.name(),
                Scenes.of(scenes.outing(household, kit), random),
                questions.stream().filter(q -> !q.right().isEmpty()).toList(),
                thing,
                parts);
    }

    /** What a grown-up does as the first thing, or as a later one; empty where there is none. */
    private static String line(DoNow now, int number) {
        return now.lines().stream()
                .filter(DoNow.Line::forGrownUps)
                .map(DoNow.Line::words)
                .skip(number)
                .findFirst()
                .orElse("");
    }

    private static Question question(
            String id, String asks, String right, Collection<String> others, String why, Random random) {
        List<String> options = new ArrayList<>(Stream.concat(Stream.of(right), others.stream())
                .filter(o -> !o.isEmpty())
                .distinct()
                .limit(MOST_OPTIONS)
                .toList());
        Collections.shuffle(options, random);
        return new Question(id, asks, options, right, why);
    }

    /** Where each supply of a kit lies, as soon as may be: in a compartment, in a module, or nowhere in particular. */
    private Map<String, String> lying(UUID household, UUID kit) {
        Stock all = stock.of(household);
        Map<String, String> lying = new LinkedHashMap<>();
        all.modules(kit)
                .forEach(m -> all.inKit(m.id()).forEach(h -> lying.put(h.lot().supply(), m.name())));
        all.placed(kit)
                .forEach(p ->
                        lying.put(p.thing(), p.where().map(Compartment::name).orElse("")));
        return lying;
    }

    /** Keeps how it went; answers when it is asked again. */
    public LocalDate keep(UUID household, String who, String problem, int right, int asked, int seconds) {
        PractisedRow row = practised
                .findById(new PractisedRow.Key(household, who, problem))
                .orElseGet(() -> {
                    PractisedRow blank = new PractisedRow();
                    blank.householdId = household;
                    blank.who = who;
                    blank.problemId = problem;
                    blank.ease = Recall.NEW.ease();
                    return blank;
                });
        Recall recall = new Recall(row.ease, row.days, row.repetitions)
                .answered(Drill.quality(right, asked, seconds <= Drill.SOON_SECONDS));
        row.ease = recall.ease();
        row.days = recall.days();
        row.repetitions = recall.repetitions();
        row.lastOn = LocalDate.now(clock);
        row.dueOn = row.lastOn.plusDays(recall.days());
        row.times++;
        row.lastRight = right;
        row.lastAsked = asked;
        row.lastSeconds = seconds;
        practised.save(row);
        return row.dueOn;
    }

    /** @param answered by the question's id */
    public static long right(Asked asked, Function<String, String> answered) {
        return asked.questions().stream()
                .filter(q -> q.right().equals(answered.apply(q.id())))
                .count();
    }
}
