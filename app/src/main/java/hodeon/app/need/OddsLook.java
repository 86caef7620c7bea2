package hodeon.app.need;

import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.party.Age;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * How somebody looks at the odds, and what they try out. It stands in the address; what makes no sense there is ignored.
 *
 * @param leg only what happens on this leg, counted from 1; 0 for the whole trip
 * @param person only what happens to this person; empty for everybody
 * @param longer what if the trip were a day longer
 * @param more what if two more grown-ups came
 * @param stoveHome what if the stove stayed home
 */
record OddsLook(Order order, boolean grouped, int leg, String person, boolean longer, boolean more, boolean stoveHome) {

    private static final int TWO = 2;
    private static final Age GROWN_UP_AGE = Age.ofYears(PlanningAssumption.USUAL_AGE.whole());
    private static final Mass GROWN_UP = Mass.ofGrams(70_000);

    /** What comes first. */
    enum Order {
        CONCERN("chance × severity"),
        CHANCE("chance"),
        SEVERITY("severity");

        private final String label;

        Order(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** As it stands in the address; null where it says nothing. */
    record Asked(
            @Nullable String order,
            @Nullable String grouped,
            @Nullable String leg,
            @Nullable String person,
            @Nullable String longer,
            @Nullable String more,
            @Nullable String stoveHome) {

        static final Asked NOTHING = new Asked(null, null, null, null, null, null, null);
    }

    static OddsLook of(Asked asked, Trip trip) {
        String leg = Texts.given(asked.leg());
        int number = leg.matches("\\d{1,2}") ? Integer.parseInt(leg) : 0;
        String person = Texts.given(asked.person());
        boolean known = trip.party().people().stream().anyMatch(p -> p.name().equals(person));
        return new OddsLook(
                order(Texts.given(asked.order())),
                asked.grouped() != null,
                number <= trip.legs().size() ? number : 0,
                known ? person : "",
                asked.longer() != null,
                asked.more() != null,
                asked.stoveHome() != null);
    }

    private static Order order(String word) {
        for (Order order : Order.values()) {
            if (order.word().equals(word)) {
                return order;
            }
        }
        return Order.CONCERN;
    }

    public List<Order> orders() {
        return List.of(Order.values());
    }

    boolean tries() {
        return longer || more || stoveHome;
    }

    /** The trip as it would be if what is tried were so. */
    Trip tried(Trip trip) {
        Trip tried = longer ? trip.longer(1) : trip;
        if (more) {
            List<Person> people = new ArrayList<>(tried.party().people());
            for (int i = 1; i <= TWO && people.size() < Party.MOST_PEOPLE; i++) {
                people.add(Person.of(
                        Wording.says("oddsLook.oneMore", i),
                        GROWN_UP_AGE,
                        GROWN_UP,
                        Training.UNTRAINED,
                        Set.of(),
                        Set.of(),
                        Set.of()));
            }
            tried = tried.withParty(new Party(people));
        }
        return stoveHome ? tried.withStove(false) : tried;
    }

    public Map<String, String> parameters() {
        Map<String, String> parameters = new TreeMap<>();
        put(parameters, "order", order == Order.CONCERN ? "" : order.word());
        put(parameters, "grouped", grouped ? "yes" : "");
        put(parameters, "leg", leg == 0 ? "" : Integer.toString(leg));
        put(parameters, "person", person);
        put(parameters, "longer", longer ? "yes" : "");
        put(parameters, "more", more ? "yes" : "");
        put(parameters, "stoveHome", stoveHome ? "yes" : "");
        return parameters;
    }

    private static void put(Map<String, String> parameters, String name, String value) {
        if (!value.isEmpty()) {
            parameters.put(name, value);
        }
    }

    /** The look as the beginning of an address's query, to be followed by one more parameter. */
    public String queryAnd() {
        UriComponentsBuilder address = UriComponentsBuilder.newInstance();
        parameters().keySet().forEach(name -> address.queryParam(name, "{" + name + "}"));
        String query = address.encode().buildAndExpand(parameters()).toUriString();
        return query.isEmpty() ? "?" : query + "&";
    }
}
