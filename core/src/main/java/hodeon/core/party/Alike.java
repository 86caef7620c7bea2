package hodeon.core.party;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One of a party, or several who are alike in everything that matters and go by one name with a number. Worked example, a test: nine
 * walkers are “Walkers 1 to 9”, one row, one card, one caution.
 *
 * @param people at least one
 */
public record Alike(List<Person> people) {

    private static final Pattern NUMBERED = Pattern.compile("(.+) (\\d{1,3})");
    private static final UUID NOBODY = new UUID(0, 0);

    /** Fewer are named one by one. */
    private static final int FEWEST_LISTED = 3;

    public Alike {
        people = List.copyOf(people);
    }

    public Person first() {
        return people.getFirst();
    }

    public String name() {
        return people.size() == 1
                ? first().name()
                : first().name() + " to " + number(people.getLast().name());
    }

    /** A party without saying anything twice, in its order. */
    public static List<Alike> of(List<Person> party) {
        List<List<Person>> groups = new ArrayList<>();
        for (Person person : party) {
            Optional<List<Person>> open = groups.isEmpty() ? Optional.empty() : Optional.of(groups.getLast());
            if (open.filter(group -> follows(group.getLast(), person)).isPresent()) {
                open.get().add(person);
            } else {
                groups.add(new ArrayList<>(List.of(person)));
            }
        }
        return groups.stream().map(Alike::new).toList();
    }

    private static boolean follows(Person before, Person person) {
        return follows(before.name(), person.name()) && same(before).equals(same(person));
    }

    private static Person same(Person person) {
        return person.as(NOBODY).named("anybody");
    }

    private static boolean follows(String before, String name) {
        Matcher one = NUMBERED.matcher(before);
        Matcher next = NUMBERED.matcher(name);
        return one.matches()
                && next.matches()
                && one.group(1).equals(next.group(1))
                && Integer.parseInt(one.group(2)) + 1 == Integer.parseInt(next.group(2));
    }

    private static String number(String name) {
        Matcher numbered = NUMBERED.matcher(name);
        return numbered.matches() ? numbered.group(2) : name;
    }

    /** Names with commas between; three and more that only count on are said once. */
    public static String listed(Collection<String> names) {
        List<List<String>> runs = new ArrayList<>();
        for (String name : names) {
            if (!runs.isEmpty() && follows(runs.getLast().getLast(), name)) {
                runs.getLast().add(name);
            } else {
                runs.add(new ArrayList<>(List.of(name)));
            }
        }
        List<String> said = new ArrayList<>();
        for (List<String> run : runs) {
            if (run.size() < FEWEST_LISTED) {
                said.addAll(run);
            } else {
                said.add(run.getFirst() + " to " + number(run.getLast()));
            }
        }
        return String.join(", ", said);
    }
}
