package hodeon.app.sample;

import static java.util.Map.entry;

import hodeon.app.brief.form.Brief;
import hodeon.app.brief.form.People;
import hodeon.app.journal.UseLog;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Hemisphere;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** The invented trips of the sample household. */
final class SampleTrips {

    private static final Person OTTILIE = adult("Ottilie Brandt", 44, 68, Training.ADVANCED);
    private static final Person SEF = adult("Sef Marchetti-Vos", 38, 77, Training.WILDERNESS);
    private static final Person PRIYA = person(
            "Priya Anand-Holt",
            34,
            61,
            Training.BASIC,
            Set.of(Allergy.STING),
            Set.of(Condition.SEVERE_ALLERGY),
            Set.of(RescueMedicine.AUTO_INJECTOR));
    private static final Person JONAS =
            person("Jonas Weil", 63, 82, Training.UNTRAINED, Set.of(), Set.of(Condition.BLOOD_THINNER), Set.of());
    private static final Person LUMI =
            person("Lumi Halla", 41, 66, Training.BASIC, Set.of(), Set.of(Condition.BLISTER_PRONE), Set.of());
    private static final Person WREN = adult("Wren Halla", 13, 46, Training.UNTRAINED);
    private static final Person BECK = person(
            "Beck Halla",
            9,
            29,
            Training.UNTRAINED,
            Set.of(),
            Set.of(Condition.ASTHMA),
            Set.of(RescueMedicine.RELIEVER_INHALER));
    private static final Person NOOR = person(
            "Noor Castellan",
            29,
            58,
            Training.UNTRAINED,
            Set.of(Allergy.LATEX),
            Set.of(Condition.CONTACT_LENSES),
            Set.of());

    static final List<Person> PADDLERS = List.of(OTTILIE, SEF, PRIYA, JONAS, LUMI, WREN, BECK, NOOR);

    /** Pieces by supply id of the pouch that was along on the shakedown. */
    static final Map<String, Integer> DECK_POUCH = Map.ofEntries(
            entry("pressure-dressing-narrow", 1),
            entry("gloves-nitrile", 6),
            entry("irrigation-syringe", 1),
            entry("antiseptic-wipe", 8),
            entry("closure-strips", 2),
            entry("plaster-waterproof", 10),
            entry("gauze-large", 4),
            entry("non-stick-pad", 4),
            entry("tape-cloth", 1),
            entry("hydrocolloid-pad", 5),
            entry("friction-tape", 1),
            entry("anti-chafe-balm", 1),
            entry("elastic-bandage-wide", 1),
            entry("sun-cream", 1),
            entry("fine-tweezers", 1),
            entry("paracetamol", 16),
            entry("motion-tablet", 6),
            entry("antihistamine-plain", 4),
            entry("auto-injector", 2),
            entry("heat-bag", 1),
            entry("whistle", 1),
            entry("marker", 1),
            entry("prompt-card", 1));

    /** Pieces by supply id of the roll that goes along on the seal count. */
    static final Map<String, Integer> SWEEP_ROLL = Map.ofEntries(
            entry("conforming-bandage", 3),
            entry("foil-blanket", 4),
            entry("head-light", 1),
            entry("gloves-nitrile", 6),
            entry("antiseptic-wipe", 8),
            entry("plaster-waterproof", 10),
            entry("gauze-large", 4),
            entry("tape-cloth", 1),
            entry("paracetamol", 16),
            entry("motion-tablet", 4),
            entry("auto-injector", 2),
            entry("pressure-dressing-narrow", 1),
            entry("irrigation-syringe", 1),
            entry("saline-pod", 2),
            entry("closure-strips", 1),
            entry("non-stick-pad", 3),
            entry("hydrocolloid-pad", 2),
            entry("elastic-bandage-wide", 1),
            entry("sterile-burn-cover", 1),
            entry("fine-tweezers", 1),
            entry("small-scissors", 1),
            entry("barrier-mask", 1),
            entry("antihistamine-plain", 4),
            entry("beacon", 1),
            entry("person-cards", 1),
            entry("dose-slip", 1),
            entry("marker", 1),
            entry("prompt-card", 1));

    private SampleTrips() {}

    static Brief sealCount(LocalDate today) {
        LocalDate start = today.plusDays(17);
        return brief(
                today,
                "Seal count",
                start,
                start,
                Season.WINTER,
                List.of(new Leg(Activity.PADDLING, Environment.COAST, 2)),
                4,
                1_100,
                OTTILIE,
                SEF,
                PRIYA,
                NOOR);
    }

    /** What somebody who has nothing yet may look at. */
    static Brief example(String name, LocalDate today) {
        LocalDate start = today.plusDays(10);
        return brief(
                today,
                name,
                start,
                start,
                Season.in(start.getMonth(), Hemisphere.NORTH),
                List.of(new Leg(Activity.HILL_WALKING, Environment.COAST, 2)),
                3,
                900,
                LUMI,
                WREN,
                BECK);
    }

    static Brief skerryRing(LocalDate today) {
        LocalDate start = next(today, 6, 12);
        return brief(
                today,
                "Skerry ring",
                start,
                start.plusDays(5),
                Season.SUMMER,
                List.of(
                        new Leg(Activity.PADDLING, Environment.COAST, 6),
                        new Leg(Activity.CAMP, Environment.COAST, 2),
                        new Leg(Activity.PADDLING, Environment.COAST, 4)),
                9,
                2300,
                OTTILIE,
                SEF,
                PRIYA,
                JONAS,
                LUMI,
                WREN,
                BECK,
                NOOR);
    }

    static Brief lanternHutTraverse(LocalDate today) {
        LocalDate start = next(today, 2, 5);
        return brief(
                today,
                "Lantern hut traverse",
                start,
                start.plusDays(2),
                Season.WINTER,
                List.of(new Leg(Activity.SNOW, Environment.WINTER, 6)),
                6,
                1400,
                OTTILIE,
                SEF,
                LUMI,
                NOOR);
    }

    static Brief springShakedown(LocalDate today) {
        LocalDate start = next(today, 4, 24).minusYears(1);
        return brief(
                today,
                "Spring shakedown",
                start,
                start.plusDays(1),
                Season.SPRING,
                List.of(new Leg(Activity.PADDLING, Environment.COAST, 4)),
                3,
                800,
                OTTILIE,
                SEF,
                PRIYA,
                LUMI);
    }

    /** What happened on the shakedown. */
    static List<UseLog.Line> shakedownLog(LocalDate today) {
        LocalDate first = springShakedown(today).trip().start();
        LocalDate second = first.plusDays(1);
        return List.of(
                new UseLog.Line(first, "hot-spot", 2, "Lumi, both thumbs"),
                new UseLog.Line(first, "motion-sickness", 1, "Priya, in the swell"),
                new UseLog.Line(second, "blister", 1, "Lumi, right thumb"),
                new UseLog.Line(second, "small-cut", 1, "Sef, barnacles"));
    }

    /** Everybody stood on the scale a month ago. */
    private static Brief brief(
            LocalDate today,
            String name,
            LocalDate start,
            LocalDate end,
            Season season,
            List<Leg> legs,
            int hoursToCare,
            int limitGrams,
            Person... people) {
        List<Person> party =
                Stream.of(people).map(p -> p.weighed(today.minusMonths(1))).toList();
        Trip trip = new Trip(
                name,
                start,
                end,
                season,
                legs,
                new Party(party),
                hoursToCare,
                Set.of(),
                Set.of(),
                Company.NONE,
                Stance.HOLD_UNTIL_HELP,
                Limits.ofMass(Mass.ofGrams(limitGrams)));
        return new Brief(trip, party.stream().map(p -> new People(p, 1)).toList());
    }

    private static LocalDate next(LocalDate today, int month, int day) {
        LocalDate thisYear = LocalDate.of(today.getYear(), month, day);
        return thisYear.isAfter(today) ? thisYear : thisYear.plusYears(1);
    }

    private static Person adult(String name, int years, int kilograms, Training training) {
        return person(name, years, kilograms, training, Set.of(), Set.of(), Set.of());
    }

    private static Person person(
            String name,
            int years,
            int kilograms,
            Training training,
            Set<Allergy> allergies,
            Set<Condition> conditions,
            Set<RescueMedicine> rescue) {
        return Person.of(
                name, Age.ofYears(years), Mass.ofGrams(kilograms * 1000L), training, allergies, conditions, rescue);
    }
}
