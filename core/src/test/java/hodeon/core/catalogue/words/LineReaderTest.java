package hodeon.core.catalogue.words;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.catalogue.words.WrittenLine.Doubt;
import hodeon.core.need.Drivers;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists are read as people write them: what is plain is understood, what is not is asked, and no figure is taken for another. */
class LineReaderTest {

    private static final List<Supply> SUPPLIES =
            CatalogueReader.shipped(Drivers.vocabulary()).supplies();
    private static final LineReader READER = LineReader.of(SUPPLIES);

    private static String named(String line) {
        return READER.read(line).name().supply().orElse("");
    }

    private static List<String> offered(String line) {
        return READER.read(line).name().likely().stream()
                .map(Named.Likely::supply)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2x big plasters | plaster-large",
                "half a roll of zinc tape | tape-cloth",
                "4 pairs nitrile | ",
                "acetaminophen | paracetamol",
                "head torch | head-light",
                "headtorch with spare batteries | head-light",
                "butterfly closures | closure-strips",
                "sanitary towels | pad-period",
                "nappy rash cream | barrier-ointment",
                "diaper rash cream | barrier-ointment",
                "elastic wrap 4 inch | elastic-bandage-wide",
                "elastic bandage 6 cm | elastic-bandage-narrow",
                "gauze pads 5x5cm | gauze-small",
                "gauze 4x4 | gauze-large",
                "eye wash 500 ml | eye-wash-large",
                "group shelter for 8 | group-shelter-eight",
                "blister plasters | hydrocolloid-pad",
                "plasters for blisters of the foot | hydrocolloid-pad",
                "scissors small without sharp point | small-scissors",
                "bug spray | repellent",
                "travel sickness tablets | motion-tablet",
                "cetirizine 10mg | antihistamine-plain",
                "salt for drinking after diarrhea | oral-rehydration"
            })
    void whatPeopleCallThingsIsUnderstood(String line, String supply) {
        assertThat(named(line)).isEqualTo(supply == null ? "" : supply);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "guaze pads 10 cm | gauze-large",
                "triangel bandage | triangular-bandage",
                "sissors small blunt | small-scissors",
                "parasetamol | paracetamol",
                "repelent | repellent",
                "thermometter | thermometer",
                "latex glowes | gloves-latex",
                "hemostatic gauze | haemostatic-gauze"
            })
    void aLetterWrongIsNoOtherThing(String line, String supply) {
        assertThat(named(line)).isEqualTo(supply);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "painkillers | paracetamol ibuprofen",
                "antihistamine tablets | antihistamine-plain antihistamine-drowsy",
                "gloves | gloves-nitrile gloves-latex",
                "plasters | plaster-fabric plaster-waterproof",
                "tweezers | fine-tweezers blunt-tweezers",
                "elastic bandage 3 inch | elastic-bandage-wide elastic-bandage-narrow",
                "kids fever syrup | child-paracetamol child-ibuprofen",
                "torch | signal-light head-light",
                "sling | arm-sling triangular-bandage"
            })
    void whatMayBeSeveralThingsIsAsked(String line, String some) {
        assertThat(named(line)).isEmpty();
        assertThat(offered(line)).contains(some.split(" "));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "naproxen 250 mg x 10",
                "vitamin C tablets 20",
                "vinyl gloves 5 pairs",
                "muscle rub cream",
                "ibuprofen gel 50 g",
                "ibuprofen 400 mg",
                "acetaminophen 325 mg",
                "paracetamol suppositories",
                "diazepam 5 mg",
                "doxycycline 100 mg",
                "codeine 30 mg",
                "strong painkillers",
                "inhaler",
                "knee brace",
                "super glue",
                "energy bars",
                "sunglasses",
                "plaster of paris bandage",
                "compass"
            })
    void anotherThingIsNeverTakenForOneThereIs(String line) {
        assertThat(named(line)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 packs of 10 ibuprofen 200 mg | 20",
                "ibuprofen 200 (16) | 16",
                "a dozen alcohol swabs | 12",
                "half a dozen safety pins | 6",
                "half a roll of zinc tape | 1",
                "1/2 roll duct tape | 1",
                "twelve fabric plasters | 12",
                "2 x 16 paracetamol | 32",
                "cetirizine 10mg 1 box of 7 | 7",
                "gauze swabs 10cm x 10cm 10-pack | 10",
                "1. triangular bandage | 1",
                "povidone-iodine 10% 1 oz | 1",
                "sun cream factor 50 | 1",
                "group shelter 4 man | 1",
                "z-fold gauze lot 202706 | 1",
                "face masks 10 - expiry: November 2028 | 10",
                "Nitrile gloves: 3 | 3",
                "Non-stick pad\t4 pcs | 4",
                "dog booties x 4 | 4",
                "2 boxes of paracetamol | 32",
                "2 packets of rehydration salts | 2",
                "6 blister plasters exp 2028-09 | 6",
                "8 blister pads | 8",
                "2 blisters of 10 ibuprofen 200 mg | 20"
            })
    void countsAreToldFromSizesStrengthsAndDates(String line, int pieces) {
        assertThat(READER.read(line).pieces()).isEqualTo(pieces);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "shears exp 06/27 | 2027-06",
                "shears use by June 2027 | 2027-06",
                "shears, use before end of Aug 2027 | 2027-08",
                "shears expires 31/01/2027 | 2027-01-31",
                "shears 25/12/2027 | 2027-12-25",
                "shears exp 15 Sep 2028 | 2028-09-15",
                "shears (use by 1 March 2028) | 2028-03-01",
                "shears 2028-02-29 | 2028-02-29",
                "shears 2027/11 | 2027-11",
                "shears 06.2027 | 2027-06",
                "shears exp 2027 | 2027-12",
                "shears made 2023-11, exp 2028-11 | 2028-11",
                "shears bought May 2025 | ",
                "shears opened Jan 2026 | ",
                "shears lot 202706 | ",
                "shears 03/04/2027 | ",
                "shears 31/02/2027 | "
            })
    void untilWhenIsReadAndWhenItWasMadeIsNot(String line, String until) {
        assertThat(READER.read(line).until()).isEqualTo(until == null ? "" : until);
        assertThat(named(line)).isEqualTo("shears");
    }

    @Test
    void aDateThatMayBeReadInTwoWaysIsAskedFor() {
        assertThat(READER.read("shears 03/04/2027").doubt()).isEqualTo(Doubt.DATE);
        assertThat(READER.read("shears 03/03/2027").doubt()).isEqualTo(Doubt.NONE);
        assertThat(READER.read("paracetamol 2 boxes").doubt()).isEqualTo(Doubt.PACK);
    }

    @Test
    void theWorkedExample() {
        WrittenLine line = READER.read("2 packs of 10 ibuprofen 200 mg, exp 06/27, lot B7");
        assertThat(line.name().supply()).contains("ibuprofen");
        assertThat(line.pieces()).isEqualTo(20);
        assertThat(line.until()).isEqualTo("2027-06");
        assertThat(line.lot()).isEqualTo("B7");
    }

    /** However a line is put together, its name, its number and its date are found again. */
    @Test
    void nameNumberAndDateAreNeverTakenForEachOther() {
        List<String> names = List.of(
                "fabric plasters", "paracetamol 500 mg", "gauze pads 10x10 cm", "saline pods 20 ml", "safety pins");
        for (long seed = 1; seed <= 300; seed++) {
            Random random = new Random(seed);
            String name = names.get(random.nextInt(names.size()));
            int pieces = 1 + random.nextInt(40);
            int month = 1 + random.nextInt(12);
            int year = 2027 + random.nextInt(5);
            String date = List.of(
                            "exp %02d/%d".formatted(month, year),
                            "use by %d-%02d".formatted(year, month),
                            "best before %02d.%d".formatted(month, year),
                            "exp. %02d/%02d".formatted(month, year % 100))
                    .get(random.nextInt(4));
            List<String> parts = new ArrayList<>(
                    List.of(random.nextBoolean() ? pieces + " x " + name : name + ", " + pieces + " pcs", date));
            String line = String.join(random.nextBoolean() ? ", " : " ", parts);
            WrittenLine read = READER.read(line);
            assertThat(read.pieces()).as("seed " + seed + ": " + line).isEqualTo(pieces);
            assertThat(read.until()).as("seed " + seed + ": " + line).isEqualTo("%d-%02d".formatted(year, month));
            assertThat(read.name().supply()).as("seed " + seed + ": " + line).isPresent();
        }
    }

    @Test
    void everySupplyIsUnderstoodByItsOwnName() {
        assertThat(SUPPLIES.stream()
                        .filter(s -> !named(s.name()).equals(s.id()))
                        .map(s -> s.name() + " offers " + offered(s.name())))
                .isEmpty();
    }
}
