package hodeon.core.panel;

import hodeon.core.brief.Activity;
import hodeon.core.brief.Adjustments;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Means;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Region;
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
import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A brief and what a seasoned leader expects of the kit for it, as JSON. */
record PanelCase(String id, Trip trip, JsonNode expected) {

    static final List<String> NAMES = List.of(
            "altitude-trek",
            "camper-three-children",
            "city-week-border-cabin",
            "cycling-week-inns",
            "day-tin-60",
            "day-walk-alone",
            "desert-track-bind",
            "elderly-couple-at-home",
            "infant-at-home",
            "latex-adhesive-sting",
            "paddling-week-eight",
            "ten-days-alone",
            "winter-leader-eight-students",
            "woodland-night");

    static PanelCase read(String name) {
        InputStream json = Objects.requireNonNull(
                PanelCase.class.getResourceAsStream("/hodeon/core/panel/" + name + ".json"), name);
        JsonNode all = new JsonMapper().readTree(json);
        return new PanelCase(name, trip(name, all.path("trip")), all);
    }

    @Override
    public String toString() {
        return id;
    }

    private static Trip trip(String name, JsonNode brief) {
        List<Leg> legs = new ArrayList<>();
        brief.path("legs")
                .forEach(l -> legs.add(new Leg(
                        one(Activity.class, l.path("activity")), one(Environment.class, l.path("environment")), (int)
                                Math.round(2 * l.path("days").asDouble()))));
        List<Person> people = new ArrayList<>();
        brief.path("people").forEach(p -> {
            int alike = p.path("alike").asInt(1);
            for (int i = 1; i <= alike; i++) {
                people.add(person(p, p.path("name").asString() + (alike > 1 ? " " + i : "")));
            }
        });
        return new Trip(
                name,
                LocalDate.parse(brief.path("start").asString()),
                LocalDate.parse(brief.path("end").asString()),
                one(Season.class, brief.path("season")),
                legs,
                new Party(people),
                brief.path("hoursToCare").asInt(),
                some(Region.class, brief.path("region")),
                some(Passage.class, brief.path("passage")),
                new Company(
                        brief.path("dogs").asInt(0),
                        brief.path("strangersPercent").asInt(0) / 100.0),
                one(Stance.class, brief.path("stance")),
                Limits.ofMass(
                        Mass.ofGrams(brief.path("limits").path("massGrams").asLong())),
                brief.path("stove").asBoolean(true),
                Adjustments.NONE,
                Means.UNSAID,
                Optional.empty());
    }

    private static Person person(JsonNode p, String name) {
        int months = 12 * p.path("years").asInt(0) + p.path("months").asInt(0);
        return Person.of(
                name,
                new Age(months),
                Mass.ofGrams(Math.round(1000 * p.path("kilograms").asDouble())),
                one(Training.class, p.path("training")),
                some(Allergy.class, p.path("allergies")),
                some(Condition.class, p.path("conditions")),
                some(RescueMedicine.class, p.path("rescue")));
    }

    private static <E extends Enum<E>> E one(Class<E> of, JsonNode id) {
        return Enum.valueOf(of, id.asString().toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    private static <E extends Enum<E>> Set<E> some(Class<E> of, JsonNode ids) {
        return ids.valueStream().map(id -> one(of, id)).collect(Collectors.toSet());
    }

    static Stream<PanelCase> all() {
        return NAMES.stream().map(PanelCase::read);
    }
}
