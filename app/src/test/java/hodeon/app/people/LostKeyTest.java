package hodeon.app.people;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.Tampered;
import hodeon.app.stock.place.Place;
import hodeon.app.storage.seal.Seal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;

/** Without its key what is written about people stays shut and whole; damaged, it breaks its own row alone. */
@TestPropertySource(properties = "hodeon.test=a data folder of its own")
class LostKeyTest extends StockTest {

    @Autowired
    Seal seal;

    @Autowired
    JdbcTemplate database;

    @Value("${hodeon.key-file}")
    Path key;

    private Path away;
    private String trip;
    private String person;

    @BeforeEach
    void somebodySealed() throws Exception {
        away = key.resolveSibling("key-put-away");
        person = String.valueOf(send(mine, "/people/new", "name", "Ottilie Brandt", "years", "41", "kilograms", "68")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        trip = trip(mine, with(brief("Skerry ring"), "people[0].name", "Ottilie Brandt"));
    }

    @AfterEach
    void keyBack() throws Exception {
        if (Files.exists(away)) {
            Files.deleteIfExists(key);
            Files.move(away, key);
        }
        seal.look();
    }

    private void lose() throws Exception {
        Files.move(key, away);
        seal.look();
    }

    @Test
    void peopleAreLockedEverythingElseWorksAndNothingIsOverwritten() throws Exception {
        lose();
        assertThat(key).doesNotExist();
        open(mine, "/people")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("People are locked."),
                                containsString("The key file " + key.toAbsolutePath() + " is missing."),
                                containsString("1 people"),
                                containsString("Look again"),
                                not(containsString("On outings only")),
                                not(containsString("Ottilie")))));
        for (String page : new String[] {"/", trip + "/odds", trip + "/mat", trip + "/log", "/stock", "/restock"}) {
            open(mine, page).andExpect(status().isOk());
        }
        UUID tin = stock.addPlace(mine.householdId(), "Tin", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(tin, "shears", 1, "");
        send(mine, trip + "/mat/minus", "supply", "shears", "version", "0").andExpect(status().is3xxRedirection());
        send(mine, trip + "/brief", with(with(brief("Renamed"), "version", "0"), "people[0].name", "Nobody"))
                .andExpect(status().isLocked())
                .andExpect(says("Nothing was saved."));
        send(mine, "/people/new", "name", "Sef", "years", "40", "kilograms", "77")
                .andExpect(status().isLocked());
        send(mine, person + "/remove-unreadable").andExpect(status().is3xxRedirection());
        Files.move(away, key);
        send(mine, "/locked/look").andExpect(status().is3xxRedirection());
        open(mine, "/people")
                .andExpect(content()
                        .string(allOf(containsString("Ottilie Brandt"), not(containsString("People are locked.")))));
        open(mine, trip + "/brief").andExpect(content().string(containsString("value=\"Ottilie Brandt\"")));
    }

    /** Another key is no key: it opens nothing, and what it would seal could not be read by the right one. */
    @Test
    void aWrongKeyLocksAsWell() throws Exception {
        lose();
        Files.writeString(key, "AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=");
        send(mine, "/locked/look");
        open(mine, "/people").andExpect(says("it belongs to other data"));
        Files.writeString(key, "no key at all !");
        send(mine, "/locked/look");
        open(mine, "/people").andExpect(says("is not a key"));
    }

    @Test
    void aDamagedFieldBreaksOnlyItsRowAndCanBeRemoved() throws Exception {
        send(mine, "/people/new", "name", "Sef Okonjo", "years", "40", "kilograms", "77");
        String id = person.replace("/people/", "");
        send(
                mine,
                person + "/clock",
                "product",
                "paracetamol-500",
                "units",
                "1",
                "at",
                "2026-01-01T08:00",
                "zone",
                "Etc/UTC");
        Tampered.with(database, "person", "profile = 'bound:AAAA' where id = ?", UUID.fromString(id));
        Tampered.with(
                database,
                "trip_person",
                "allergies = 'bound:AAAA' where trip_id = ?",
                UUID.fromString(trip.replace("/trips/", "")));
        open(mine, "/people")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("Sef Okonjo"),
                                containsString("who cannot be read (row " + id + ")"),
                                containsString("Remove this row"))));
        open(mine, trip + "/brief").andExpect(says("Ottilie Brandt (cannot be read)"));
        open(mine, trip + "/mat").andExpect(status().isOk());
        open(mine, "/backup/household.json")
                .andExpect(status().isConflict())
                .andExpect(says("is damaged and cannot be read"));
        send(mine, person + "/remove-unreadable");
        open(mine, "/people").andExpect(doesNotSay("who cannot be read"));
    }
}
