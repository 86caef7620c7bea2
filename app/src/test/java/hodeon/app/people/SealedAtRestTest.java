package hodeon.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.WebTest;
import hodeon.app.journal.UseLog;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.test.context.TestPropertySource;

/** On a data file of its own, so that it can be read as a thief would. */
@TestPropertySource(properties = "hodeon.mail-from=own-data-file@localhost")
class SealedAtRestTest extends WebTest {

    @Autowired
    UseLog log;

    @Value("${hodeon.data}")
    Path folder;

    @Value("${hodeon.key-file}")
    Path key;

    @Test
    void theDataFileNamesNobody() throws Exception {
        send(mine, "/people/new", PeopleTest.BECK);
        String[] brief = with(
                with(with(brief("Marrowfjord"), "people[1].name", PeopleTest.NAME), "people[1].years", "9"),
                "people[1].kilograms",
                "29");
        UUID trip = UUID.fromString(String.valueOf(send(mine, "/trips/new", brief)
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replaceAll("/trips/|/odds", ""));
        send(mine, "/trips/new", with(with(brief, "do", "draft"), "name", "Another"));
        log.keep(
                mine.householdId(),
                trip,
                UUID.randomUUID(),
                new UseLog.Line(LocalDate.of(2027, 6, 12), "blister", 1, PeopleTest.NAME),
                UseLog.Detail.to(PeopleTest.NAME, Optional.empty()));
        byte[] file = Files.readAllBytes(folder.resolve("hodeon.mv.db"));
        String text = new String(file, StandardCharsets.ISO_8859_1);
        String wide = new String(file, StandardCharsets.UTF_16LE);
        // What is not about people is found, so the search can find.
        assertThat(text).contains("Marrowfjord");
        for (String word :
                List.of("Quillonwave", "Ferrymander", "Hollowpine", "Thunderspoons", "Zephyrine", "harbour practice")) {
            assertThat(text.contains(word) || wide.contains(word)).as(word).isFalse();
        }
        assertThat(Files.getPosixFilePermissions(key))
                .map(Enum::name)
                .containsExactlyInAnyOrder("OWNER_READ", "OWNER_WRITE");
        assertThat(text).doesNotContain(Files.readString(key));
    }
}
