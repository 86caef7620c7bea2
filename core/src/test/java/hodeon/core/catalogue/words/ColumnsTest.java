package hodeon.core.catalogue.words;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.words.Columns.Line;
import hodeon.core.catalogue.words.Columns.Meaning;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColumnsTest {

    private static List<List<String>> table(String text) {
        return text.lines()
                .map(l -> Arrays.stream(l.split(";", -1)).map(String::strip).toList())
                .toList();
    }

    private static List<String> lines(String text) {
        List<List<String>> rows = table(text);
        return Columns.of(rows).lines(rows).stream().map(Line::text).toList();
    }

    @Test
    void workedExample() {
        List<List<String>> rows = table("Item;Size;Qty;Expiry;Kit\nplasters;large;12;03/2028;car");
        Columns columns = Columns.of(rows);
        assertThat(columns.meanings())
                .containsExactly(Meaning.WHAT, Meaning.WHAT, Meaning.COUNT, Meaning.UNTIL, Meaning.PLACE);
        assertThat(columns.lines(rows)).containsExactly(new Line("12 x plasters large exp 2028-03", "car"));
    }

    @ParameterizedTest
    @CsvSource({
        "Name,WHAT",
        "Product name,WHAT",
        "Qty (pcs),COUNT",
        "Quantity needed,NOTHING",
        "How many?,COUNT",
        "Best before,UNTIL",
        "Date of purchase,NOTHING",
        "Use-by date,UNTIL",
        "Unit price,NOTHING",
        "Unit,UNIT",
        "Pack size,EACH",
        "Batch no.,LOT",
        "Where it is,PLACE",
        "Item code,NOTHING",
        "Colour,NOTHING"
    })
    void aHeadingSaysWhatItsColumnIs(String heading, Meaning meaning) {
        List<List<String>> rows = List.of(List.of("Thing", heading), List.of("scissors", "1"));
        List<Meaning> said = Columns.of(List.of(List.of("Item", "Amount", heading), List.of("scissors", "1", "1")))
                .meanings();
        assertThat(meaning == Meaning.COUNT ? Columns.of(rows).meanings().get(1) : said.get(2))
                .isEqualTo(meaning);
    }

    @Test
    void aTitleAboveTheHeadingsAndRowsThatNameNothingAreNoLines() {
        assertThat(lines("Our kit;;\n;;\nWhat;How many;Good until\ngauze;4;\n;;\nTotal of it;;"))
                .containsExactly("4 x gauze", "Total of it");
    }

    @Test
    void withoutHeadingsWhatStandsBelowTells() {
        assertThat(lines("1;Sticking plasters;20;2027-06\n2;Gauze pads;6;2028-01\n3;Shears;1;"))
                .containsExactly("20 x Sticking plasters exp 2027-06", "6 x Gauze pads exp 2028-01", "1 x Shears");
    }

    @Test
    void packsAndUnitsAreCountedAsTheyStand() {
        assertThat(lines("Item;Qty;Pack size\nibuprofen 200 mg;2;16\ncotton buds;;100"))
                .containsExactly("2 packs of 16 ibuprofen 200 mg", "1 packs of 100 cotton buds");
        assertThat(lines("Item;Qty;Unit\nnitrile gloves;4;pairs")).containsExactly("4 pairs nitrile gloves");
        assertThat(lines("Item;Qty\nnitrile gloves;4.0\ntape;2 rolls"))
                .containsExactly("4 x nitrile gloves", "2 rolls tape");
    }

    /** 03/04 may be either; 25/12 tells how the column is meant, and 25/12 beside 12/25 that it cannot be told. */
    @Test
    void oneDateTellsTheOrderOfItsColumn() {
        assertThat(lines("Item;Exp\na wipe;03/04/2027\na pad;25/12/2027"))
                .containsExactly("a wipe exp 2027-04-03", "a pad exp 2027-12-25");
        assertThat(lines("Item;Exp\na wipe;03/04/27\na pad;12/25/27"))
                .containsExactly("a wipe exp 2027-03-04", "a pad exp 2027-12-25");
        assertThat(lines("Item;Exp\na wipe;03/04/2027")).containsExactly("a wipe exp 03/04/2027");
        assertThat(lines("Item;Exp\na wipe;n/a\na pad;June 2027")).containsExactly("a wipe", "a pad exp 2027-06");
    }
}
