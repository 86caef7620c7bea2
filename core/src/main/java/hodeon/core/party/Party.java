package hodeon.core.party;

import java.util.Comparator;
import java.util.List;

/**
 * The people of one trip, 1 to {@value #MOST_PEOPLE}.
 *
 * @param people in the order they were named
 */
public record Party(List<Person> people) {

    public static final int MOST_PEOPLE = 60;
    private static final int MOST_HELPERS = 4;

    public Party {
        people = List.copyOf(people);
        if (people.isEmpty() || people.size() > MOST_PEOPLE) {
            throw new IllegalArgumentException(
                    people.size() + " people is outside 1 to " + MOST_PEOPLE + " for one party.");
        }
    }

    public int size() {
        return people.size();
    }

    /** The most anybody in the party has learned, whatever their age. */
    public Training training() {
        return people.stream()
                .map(Person::training)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** How many would likely handle one casualty: everybody able to help, at least one, at most four (an assumption). */
    public int likelyHelpers() {
        long able = people.stream().filter(Person::canHelp).count();
        return (int) Math.clamp(able, 1, MOST_HELPERS);
    }

    public List<Person> prescribed(RescueMedicine medicine) {
        return people.stream().filter(p -> p.rescue().contains(medicine)).toList();
    }
}
