package hodeon.app.storage.copy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hodeon.app.household.HouseholdService;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The restore drill: a copy made while the house runs is put into an empty folder and holds what was there. */
@Tag("spring")
@SpringBootTest
class CopiesTest {

    /** Of its own: what is copied here is the file, and other tests' files go with them. */
    @TempDir
    static Path data;

    @DynamicPropertySource
    static void ownDatabase(DynamicPropertyRegistry registry) {
        registry.add("hodeon.data", () -> data.toAbsolutePath().toString());
    }

    @Autowired
    HouseholdService households;

    @Autowired
    DailyCopies copies;

    @TempDir
    Path elsewhere;

    private static String command(String... arguments) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        int code = CopyCommand.run(new PrintStream(said, true, StandardCharsets.UTF_8), arguments);
        return code + " " + said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void aCopyOfARunningHouseIsRestoredElsewhereAndHoldsEverything() throws Exception {
        households.createAnother("Tidewrack Paddlers", "ottilie", "four plain words here");
        LocalDate day = LocalDate.of(2027, 6, 12);
        copies.copy(day);
        Path file = data.resolve("copies/hodeon-2027-06-12.zip");
        CopyFile.Held held = CopyFile.check(file);
        assertThat(held.schema()).isEqualTo(CopyFile.newest());
        assertThat(held.rows()).containsEntry("households", 1L).containsEntry("accounts", 1L);

        Path house = elsewhere.resolve("house");
        assertThat(command("restore", file.toString(), house.toString())).startsWith("0 Restored into");
        assertThat(command("backup", elsewhere.resolve("again.zip").toString(), house.toString()))
                .startsWith("0 Copied and checked")
                .contains("is not in it: keep a copy of the key elsewhere");
        assertThat(CopyFile.check(elsewhere.resolve("again.zip"))).isEqualTo(held);
        assertThat(command("restore", file.toString(), house.toString())).contains("What was there lies in");
        try (Stream<Path> aside = Files.list(house)) {
            assertThat(aside.map(p -> p.getFileName().toString())).anyMatch(n -> n.startsWith("before-restore-"));
        }
    }

    @Test
    void whatWouldNotServeIsRefusedAndNothingIsChanged() throws Exception {
        Path damaged = Files.writeString(elsewhere.resolve("damaged.zip"), "not a copy");
        assertThatThrownBy(() -> CopyFile.check(damaged)).hasMessageContaining("is damaged, or no copy");
        assertThat(command("restore", damaged.toString(), elsewhere.resolve("x").toString()))
                .startsWith("1 The copy");
        assertThat(elsewhere.resolve("x")).doesNotExist();
        assertThat(command(
                        "backup",
                        elsewhere.resolve("b.zip").toString(),
                        elsewhere.resolve("nowhere").toString()))
                .contains("There is no database in");
    }

    /** Of the last seven days each, of the four weeks before them one each. */
    @Test
    void oldCopiesAreForgotten() throws Exception {
        LocalDate first = LocalDate.of(2028, 1, 1);
        copies.copy(first);
        for (int day = 1; day < 59; day++) {
            Files.createFile(data.resolve("copies/hodeon-" + first.plusDays(day) + ".zip"));
        }
        copies.copy(first.plusDays(59));
        LocalDate last = first.plusDays(59);
        assertThat(copies.days().stream().filter(d -> !d.isBefore(first)))
                .startsWith(
                        last,
                        last.minusDays(1),
                        last.minusDays(2),
                        last.minusDays(3),
                        last.minusDays(4),
                        last.minusDays(5),
                        last.minusDays(6))
                .hasSizeBetween(10, 12)
                .allMatch(d -> d.isAfter(last.minusDays(35)))
                .anyMatch(d -> d.isBefore(last.minusDays(27)));
    }
}
