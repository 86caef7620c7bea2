package hodeon.app.shell.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InflectionTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            in 4 Jahre                     | in 4 Jahren
            Vor 31 Tage, nach 1.5 Monate   | Vor 31 Tagen, nach 1.5 Monaten
            ab 3 Jahre                     | ab 3 Jahren
            von etwa 2 bis 3 Tage          | von etwa 2 bis 3 Tagen
            in 1 Tag                       | in 1 Tag
            in 3 Tagen                     | in 3 Tagen
            6 Jahre bis unter 12 Jahre     | 6 Jahre bis unter 12 Jahre
            reicht 3 Tage                  | reicht 3 Tage
            hin 3 Tage                     | hin 3 Tage
            1 Art liegen nirgends          | 1 Art liegt nirgends
            21 Arten liegen nirgends       | 21 Arten liegen nirgends
            2 von 1 Art sind da            | 2 von 1 Art sind da
            """)
    void germanIsBentByTheWordsAroundAFigure(String came, String said) {
        assertThat(Inflection.in(came, Locale.GERMAN)).isEqualTo(said);
        assertThat(Inflection.in(came, Locale.ENGLISH)).isEqualTo(came);
    }
}
