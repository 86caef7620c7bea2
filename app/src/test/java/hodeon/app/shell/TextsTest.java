package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.notice.Faults;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TextsTest {

    private static final String TEXT = "Pflaster, äöü, 12 × 3\n";

    private static Optional<String> read(byte[] bytes, Faults faults) {
        return Texts.read(bytes, "file", faults);
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16"})
    void textWithOrWithoutItsMarkIsRead(String charset) {
        Faults faults = new Faults();
        assertThat(read(TEXT.getBytes(Charset.forName(charset)), faults)).contains(TEXT);
        assertThat(read(("\ufeff" + TEXT).getBytes(StandardCharsets.UTF_8), faults))
                .contains(TEXT);
        assertThat(read(new byte[0], faults)).contains("");
        assertThat(faults.none()).isTrue();
    }

    @Test
    void textInAnotherEncodingIsRefusedRatherThanGuessed() {
        Faults faults = new Faults();
        assertThat(read(TEXT.getBytes(StandardCharsets.ISO_8859_1), faults)).isEmpty();
        assertThat(faults.all().getFirst().sentence()).contains("text in UTF-8").contains("CSV UTF-8");
    }
}
