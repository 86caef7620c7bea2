package hodeon.core.party;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class AlikeTest {

    private static Person walker(int number, Set<Allergy> allergies) {
        return Samples.person("Walkers " + number, 14, 50, Training.UNTRAINED, allergies, Set.of(), Set.of());
    }

    @Test
    void workedExample() {
        List<Person> party = Stream.concat(
                        Stream.of(Samples.adult("Ottilie Brandt", Training.BASIC)),
                        IntStream.rangeClosed(1, 9).mapToObj(n -> walker(n, Set.of())))
                .toList();
        assertThat(Alike.of(party)).extracting(Alike::name).containsExactly("Ottilie Brandt", "Walkers 1 to 9");
        assertThat(Alike.listed(party.stream().map(Person::name).toList())).isEqualTo("Ottilie Brandt, Walkers 1 to 9");
    }

    /** Whoever is otherwise in anything is told by themselves: a card of all may not hide an allergy of one. */
    @Test
    void whoeverDiffersStandsAlone() {
        List<Person> party = List.of(
                walker(1, Set.of()), walker(2, Set.of(Allergy.NSAID)), walker(3, Set.of()), walker(4, Set.of()));
        assertThat(Alike.of(party)).extracting(Alike::name).containsExactly("Walkers 1", "Walkers 2", "Walkers 3 to 4");
        assertThat(Alike.listed(List.of("Walkers 1", "Walkers 3", "Walkers 4")))
                .isEqualTo("Walkers 1, Walkers 3, Walkers 4");
    }
}
