package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CellsTest {

    @ParameterizedTest
    @ValueSource(
            strings = {"=1+1", "+49", "-5", "@me", "\tx", "\rx", "'=x", "''=x", "plain", "'quoted'", "", "a=b", "'"})
    void whatGoesOutComesInTheSameAndNeverLooksLikeAFormula(String text) {
        String cell = Cells.write(text);
        assertThat(Cells.read(cell)).isEqualTo(text);
        assertThat(cell).doesNotMatch("(?s)^[=+\\-@\\t\\r].*");
    }
}
