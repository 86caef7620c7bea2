package hodeon.app.storage.seal;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.Tampered;
import hodeon.app.WebTest;
import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EntityType;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.hibernate.annotations.ColumnTransformer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is sealed opens in its row and column alone, whoever wrote it there. */
class SealingTest extends WebTest {

    @Autowired
    JdbcTemplate database;

    @Autowired
    EntityManager entities;

    @Autowired
    Seal seal;

    private UUID person(String name) throws Exception {
        return UUID.fromString(String.valueOf(send(mine, "/people/new", "name", name, "years", "41", "kilograms", "68")
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replace("/people/", ""));
    }

    private String profile(UUID person) {
        return String.valueOf(database.queryForObject("select profile from person where id = ?", String.class, person));
    }

    @Test
    void whatIsPutIntoAnotherRowOpensThereNoMore() throws Exception {
        UUID ottilie = person("Ottilie Brandt");
        UUID sef = person("Sef Okonjo");
        String hers = profile(ottilie);
        String his = profile(sef);
        Tampered.with(database, "person", "profile = ? where id = ?", his, ottilie);
        Tampered.with(database, "person", "profile = ? where id = ?", hers, sef);
        open(mine, "/people")
                .andExpect(says("who cannot be read (row " + ottilie + ")", "who cannot be read (row " + sef + ")"))
                .andExpect(doesNotSay("Ottilie Brandt"));
        Tampered.with(database, "person", "profile = ? where id = ?", hers, ottilie);
        Tampered.with(database, "person", "profile = '{\"name\":\"Nobody\"}' where id = ?", sef);
        open(mine, "/people").andExpect(says("Ottilie Brandt", "who cannot be read (row " + sef + ")"));
    }

    @Test
    void aLineThatMovesTakesWhatIsSealedWithIt() throws Exception {
        UUID trip = UUID.fromString(trip(mine, with(brief("Skerry ring"), "people[0].name", "Ottilie Brandt"))
                .replace("/trips/", ""));
        database.update("update trip_person set position = 7 where trip_id = ?", trip);
        String name = database.queryForObject("select name from trip_person where trip_id = ?", String.class, trip);
        assertThat(seal.strictly("TRIP_PERSON.NAME:" + trip + "/7", String.valueOf(name)))
                .isEqualTo("Ottilie Brandt");
    }

    /** Words that look sealed are words. */
    @Test
    void whoeverIsCalledLikeASealIsWrittenDownAllTheSame() throws Exception {
        person("bound:AAAA");
        open(mine, "/people").andExpect(says("bound:AAAA"));
    }

    /** What an entity asks for is what is sealed, with the place it is sealed for. */
    @Test
    void everySealedColumnIsReadWithItsPlace() {
        Map<String, Set<String>> read = new TreeMap<>();
        Stream<Class<?>> classes = Stream.concat(
                entities.getMetamodel().getEntities().stream().map(EntityType::getJavaType),
                entities.getMetamodel().getEmbeddables().stream().map(e -> e.getJavaType()));
        classes.flatMap(c -> Arrays.stream(c.getDeclaredFields()))
                .map(f -> f.getAnnotation(ColumnTransformer.class))
                .filter(t -> t != null)
                .forEach(t -> {
                    String[] words = t.read().split(":'| \\|\\| ");
                    String[] column =
                            words[0].substring(1).toLowerCase(Locale.ROOT).split("\\.");
                    assertThat(words[words.length - 1]).isIn(column[1], "{@}." + column[1]);
                    List<String> key = Stream.of(words)
                            .filter(w -> w.startsWith("{@}."))
                            .map(w -> w.substring("{@}.".length()))
                            .filter(w -> !w.equals(column[1]))
                            .toList();
                    assertThat(SealedColumns.ALL.get(column[0]).key())
                            .as(t.read())
                            .isEqualTo(key);
                    read.computeIfAbsent(column[0], c -> new TreeSet<>()).add(column[1]);
                });
        Map<String, Set<String>> sealed = new TreeMap<>();
        SealedColumns.ALL.forEach((table, of) -> sealed.put(table, new TreeSet<>(of.columns())));
        assertThat(read).isEqualTo(sealed);
    }
}
