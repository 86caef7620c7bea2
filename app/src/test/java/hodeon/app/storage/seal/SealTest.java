package hodeon.app.storage.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SealTest {

    @TempDir
    Path folder;

    @Test
    void whatIsSealedOpensWithTheSameKeyInItsPlaceOnlyAndLooksDifferentEachTime() {
        Seal seal = new Seal(folder.resolve("key"));
        String closed = seal.close("person.profile:1", "Beck, 9, asthma ✓");
        assertThat(closed)
                .startsWith(Seal.MARK)
                .doesNotContain("Beck")
                .isNotEqualTo(seal.close("person.profile:1", "Beck, 9, asthma ✓"));
        assertThat(new Seal(folder.resolve("key")).open("person.profile:1", closed))
                .isEqualTo("Beck, 9, asthma ✓");
        assertThatThrownBy(() -> new Seal(folder.resolve("another")).strictly("person.profile:1", closed))
                .isInstanceOf(Seal.WrongKey.class);
        String touched = closed.substring(0, closed.length() - 8) + "AAAAAAA=";
        for (String[] placed : new String[][] {
            {"person.profile:1", touched},
            {"person.profile:2", closed},
            {"care_note.note:1", closed},
            {"person.profile:1", "Beck"}
        }) {
            assertThatThrownBy(() -> seal.strictly(placed[0], placed[1])).isInstanceOf(Seal.WrongKey.class);
            assertThat(seal.open(placed[0], placed[1])).isEqualTo(Seal.UNREADABLE);
        }
        assertThat(seal.close("person.profile:1", "")).isEmpty();
        assertThat(seal.open("person.profile:1", "")).isEmpty();
    }

    @Test
    void anotherKeyIsTheSameForItsPurposeAndNoOther() {
        Seal seal = new Seal(folder.resolve("key"));
        assertThat(seal.another("notes of ottilie"))
                .hasSize(32)
                .isEqualTo(new Seal(folder.resolve("key")).another("notes of ottilie"))
                .isNotEqualTo(seal.another("notes of sef"))
                .isNotEqualTo(new Seal(folder.resolve("another")).another("notes of ottilie"));
    }

    @Test
    void aDamagedKeyIsSaidAtOnce() throws Exception {
        Path damaged = Files.writeString(folder.resolve("damaged"), "c2hvcnQ=");
        assertThatThrownBy(() -> new Seal(damaged))
                .isInstanceOf(Seal.WrongKey.class)
                .hasMessageContaining("5 bytes");
        Path nonsense = Files.writeString(folder.resolve("nonsense"), "not a key !");
        assertThatThrownBy(() -> new Seal(nonsense)).isInstanceOf(Seal.WrongKey.class);
    }
}
