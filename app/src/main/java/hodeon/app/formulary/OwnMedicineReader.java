package hodeon.app.formulary;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.core.medication.formulary.BandLine;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads the form about a product of a household's own; everything that is wrong is told at once. What only looks wrong is asked
 * about by {@link hodeon.core.medication.formulary.Plausibility} once the entry can be read.
 */
final class OwnMedicineReader {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_INGREDIENT = 60;
    private static final int MOST_BANDS = 20;
    private static final int MOST_MORE = 4;
    private static final Pattern ALSO = Pattern.compile("([^\\p{Cntrl}]{1,60}?)\\s+(\\d{1,6}([.,]\\d{1,3})?)(\\s*mg)?");
    private static final BigDecimal MOST_MILLIGRAMS = BigDecimal.valueOf(100_000);
    private static final BigDecimal MOST_MILLILITRES = BigDecimal.valueOf(1_000);
    private static final int LONGEST_REASON = 300;
    private static final BigDecimal LEAST_AMOUNT = new BigDecimal("0.001");
    private static final int MOST_DECIMALS = 3;

    private static final Pattern SEVERAL =
            Pattern.compile("\\s*(?:/|\\+|,|&| and | with )\\s*", Pattern.CASE_INSENSITIVE);

    private final OwnMedicineForm form;
    private final Formulary formulary;
    private final Set<String> supplies;
    private final Faults faults;
    private final FieldReader read;

    OwnMedicineReader(OwnMedicineForm form, Formulary formulary, Set<String> supplies, Faults faults) {
        this.form = form;
        this.formulary = formulary;
        this.supplies = supplies;
        this.faults = faults;
        this.read = new FieldReader(faults);
    }

    Optional<OwnMedicineRow> read() {
        OwnMedicineRow row = new OwnMedicineRow();
        row.name = read.line("name", form.name(), Wording.says("ownMedicineReader.theProductsName"), LONGEST_NAME);
        row.ingredient = ingredient(read.line(
                "ingredient",
                form.ingredient(),
                Wording.says("ownMedicineReader.theIngredientsGenericName"),
                LONGEST_INGREDIENT));
        row.form = read.choice("form", form.form(), Wording.says("ownMedicineReader.theForm"), MedicineForm.class);
        BigDecimal in = strengthIn(row.form);
        row.strengthIn = in.toPlainString();
        row.strengthMicrograms = number(
                        "strength",
                        form.strength(),
                        Wording.says("ownMedicineReader.theStrengthInMg"),
                        MOST_MILLIGRAMS,
                        "mg")
                .map(mg -> inOne(mg, in))
                .orElse(1L);
        row.alsoHolds = alsoHolds(row.ingredient, in);
        row.slow = form.slow().equals("true");
        row.confirmed =
                read.text("confirmed", form.confirmed(), Wording.says("ownMedicineReader.theReason"), LONGEST_REASON);
        row.step = number(
                        "step",
                        form.step(),
                        Wording.says("ownMedicineReader.theSmallestAmountThatCanBeMeasured"),
                        BigDecimal.valueOf(100),
                        "")
                .map(BigDecimal::toPlainString)
                .orElse("1");
        row.perPiece = number(
                        "perPiece",
                        form.perPiece(),
                        Wording.says("ownMedicineReader.howMuchIsInOnePieceOf"),
                        BigDecimal.valueOf(10_000),
                        "")
                .map(BigDecimal::toPlainString)
                .orElse("1");
        row.prescribed = form.prescribed().equals("true");
        row.supplyId = form.supply().isEmpty() ? null : form.supply();
        if (row.supplyId != null && !supplies.contains(row.supplyId)) {
            faults.add(
                    "supply",
                    form.supply(),
                    Wording.says("ownMedicineReader.theSupplyIsOneOfTheList"),
                    Wording.says("ownMedicineReader.chooseFromItOrLeaveItEmpty"));
        }
        row.bands = bands();
        return faults.none() ? Optional.of(row) : Optional.empty();
    }

    /** One more ingredient a line, each with its mg, such as “codeine 8”. */
    private String alsoHolds(String first, BigDecimal in) {
        Map<String, Long> more = new LinkedHashMap<>();
        List<String> lines = form.alsoHolds()
                .lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .toList();
        for (String line : lines) {
            Matcher m = ALSO.matcher(line);
            String ingredient = m.matches() ? ingredient(m.group(1).strip()) : "";
            BigDecimal mg = m.matches() ? new BigDecimal(m.group(2).replace(',', '.')) : BigDecimal.ZERO;
            if (mg.signum() == 0
                    || mg.compareTo(MOST_MILLIGRAMS) > 0
                    || ingredient.length() > LONGEST_INGREDIENT
                    || ingredient.equals(first)
                    || more.putIfAbsent(ingredient, inOne(mg, in)) != null) {
                faults.add(
                        "alsoHolds",
                        line,
                        Wording.says("ownMedicineReader.aFurtherIngredientIsNamedOnceWith", MOST_MILLIGRAMS),
                        Wording.says("ownMedicineReader.writeOneALineLikeCodeine8"));
            }
        }
        if (lines.size() > MOST_MORE) {
            faults.add(
                    "alsoHolds",
                    Wording.says("linesPage.lines", lines.size()),
                    Wording.says("ownMedicineReader.itHoldsAtMostMore", MOST_MORE),
                    Wording.says("ownMedicineReader.leaveOutWhatDoesNotAct"));
        }
        return more.entrySet().stream()
                .map(e -> e.getKey() + "\t" + e.getValue())
                .collect(Collectors.joining("\n"));
    }

    /** What the strength was typed for: 5 of “120 mg in 5 ml”; of what comes in pieces always one. */
    private BigDecimal strengthIn(MedicineForm of) {
        if (form.per().isEmpty() || form.per().equals("1")) {
            return BigDecimal.ONE;
        }
        if (!of.liquid()) {
            faults.add(
                    "per",
                    form.per(),
                    Wording.says("ownMedicineReader.onlyALiquidsStrengthIsSaidFor"),
                    Wording.says("ownMedicineReader.leaveItAt1"));
            return BigDecimal.ONE;
        }
        return number(
                        "per",
                        form.per(),
                        Wording.says("ownMedicineReader.theMillilitresThatTheStrengthIs"),
                        MOST_MILLILITRES,
                        "ml")
                .orElse(BigDecimal.ONE);
    }

    /** In micrograms, rounded up: what is counted as taken must not be too little, and what is measured out not too much. */
    private static long inOne(BigDecimal milligrams, BigDecimal in) {
        return milligrams.movePointRight(3).divide(in, 0, RoundingMode.CEILING).longValueExact();
    }

    /** A substance that ships is meant by any of its names; two in one field would both be lost. */
    private String ingredient(String name) {
        Optional<Ingredient> known = formulary.ingredientNamed(name);
        if (known.isEmpty() && SEVERAL.matcher(name).find()) {
            long found = Arrays.stream(SEVERAL.split(name))
                    .filter(part -> formulary.ingredientNamed(part).isPresent())
                    .count();
            if (found > 0) {
                faults.add(
                        "ingredient",
                        name,
                        Wording.says("ownMedicineReader.oneIngredientStandsHereSoThatEach"),
                        Wording.says("ownMedicineReader.writeOneHereAndEachOtherOn"));
            }
        }
        return known.map(Ingredient::id).orElse(name);
    }

    private String bands() {
        String[] lines = form.bands()
                .lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .toArray(String[]::new);
        if (lines.length > MOST_BANDS) {
            faults.add(
                    "bands",
                    Wording.says("linesPage.lines", lines.length),
                    Wording.says("ownMedicineReader.aLabelHasAtMostLines", MOST_BANDS),
                    Wording.says("doseLines.shortenIt"));
        }
        for (String line : lines) {
            try {
                BandLine.parse(line);
            } catch (IllegalArgumentException e) {
                faults.add(
                        "bands",
                        line,
                        Wording.says("ownMedicineReader.aLineSaysForWhomHowMuch"),
                        Wording.says("ownMedicineReader.writeItSoInMgOfA"));
            }
        }
        return Arrays.stream(lines).collect(Collectors.joining("\n"));
    }

    /** Only the unit that is asked for may stand behind a number: 5 mg are not 5 ml. */
    private Optional<BigDecimal> number(String field, String typed, String what, BigDecimal most, String unit) {
        return read.number(field, typed, what, LEAST_AMOUNT, most, MOST_DECIMALS, unit);
    }
}
