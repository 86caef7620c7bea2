package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The app holds no figure of the craft: those stand in core's register of planning assumptions. What may stand here are measures of
 * drawings, limits of what a form or file takes, and how much a page shows.
 */
class CraftConstantsTest {

    private static final Pattern CONSTANT =
            Pattern.compile("static final (?:int|long|double|BigDecimal|Duration|Period|Age) ([A-Z_]+) =\\s+([^;]+);");

    /** A length of time or an age written as a number, such as {@code minusMonths(6)}; one and zero are no figures. */
    private static final Pattern TIME =
            Pattern.compile("(?:plus|minus|of)(?:Days|Weeks|Months|Years|Hours|Minutes)\\((?:[2-9]|[1-9][0-9]+)\\)");

    private static final Pattern LIMIT = Pattern.compile(
            "(MOST|LONGEST|DEAREST|LATEST|DECODED)(_.*)?|LEAST_(LIMIT_GRAMS|UNITS|AMOUNT|MILLIGRAMS|LITRES|KILOGRAMS|HOURS|STRENGTH|COST|LIKENESS|APART)|.*_A_PAGE|.*SHOWN");

    /** Classes that draw: every number in them is a measure of the drawing. */
    private static final Set<String> DRAWINGS = Set.of(
            "Beam",
            "BoxDrawing",
            "CurveView",
            "Fitting",
            "GridForm",
            "GridRow",
            "HeatView",
            "KitDrawing",
            "LabelGrid",
            "LoadDrawing",
            "MatView",
            "OddsView",
            "Pdf",
            "PlaceStrip",
            "PrunePiece",
            "Qr",
            "Scale",
            "Strip",
            "Tick",
            "TileDrawing",
            "Timeline",
            "WhyView");

    /** Of the machine and the page, one by one: times, sizes and versions of data; then how much is named, shown or compared. */
    private static final Set<String> OTHERS = Set.of(
            "Audit.KEPT_DAYS",
            "Seal.ANOTHER_BYTES",
            "Seal.TAG_BITS",
            "Sentence.FEW",
            "PasskeyController.LONGEST_LABEL",
            "Changes.KEPT_DAYS",
            "SupplyForm.DECIMALS",
            "PasswordJudge.GOOD",
            "PasswordJudge.JUDGED",
            "Farewells.ALONE_DAYS",
            "Farewells.LAPSES_DAYS",
            "Farewells.BACKUP_HOURS",
            "Invitations.DAYS",
            "Invitations.LENGTH",
            "Invitations.GROUP",
            "JoinController.SHORTEST_NAME",
            "AccessTokens.USUAL_DAYS",
            "Feeds.DAYS",
            "AccountKeys.CODES",
            "AccountKeys.LINK_HOURS",
            "AccountKeys.CODE_LENGTH",
            "AccountKeys.CODE_GROUP",
            "AccountKeys.LINK_BYTES",
            "AccountKeys.SECRET_BYTES",
            "AccountKeys.DRIFT",
            "AccountKeys.REMEMBERED_MINUTES",
            "AfterPassword.MINUTES",
            "SecondLook.FRESH",
            "SlowHashes.PATIENCE_SECONDS",
            "AccessTokens.BYTES",
            "AidCards.CARDS",
            "Backup.SINCE_LISTS",
            "Backup.SINCE_SINGLE_PIECES",
            "Backup.VERSION",
            "Bin.DAYS",
            "BodyLimit.MEGABYTES",
            "Boxes.PATIENCE",
            "Carriers.PATIENCE",
            "PhotoDesk.PATIENCE_SECONDS",
            "PhotoDesk.DECODED_MEGAPIXELS",
            "PhotoDesk.MILLION",
            "OwnDatabase.BYTES",
            "DatabaseTrouble.WRONG_PASSWORD",
            "DailyCopies.DAYS",
            "DailyCopies.WEEKS",
            "FirstRunCode.LENGTH",
            "FirstRunCode.GROUP",
            "Computations.KEPT",
            "CurveController.SAME_GRAMS",
            "Digests.WEEKS_AHEAD",
            "DosePerson.LEAST_MG",
            "DoseProducts.LEAST_MG",
            "Feeds.BYTES",
            "Headline.NAMED",
            "KeyFile.KEY_BYTES",
            "KitCodes.BYTES",
            "LastAnswer.KEPT",
            "LedgerSums.KEPT",
            "ListController.EMPTY_ROWS",
            "ListController.KITS_SIDE_BY_SIDE",
            "ListFile.VERSION",
            "Mat.FIRST",
            "Mat.UNTOUCHED",
            "MatLook.LARGE",
            "MatLook.NORMAL",
            "MatLook.SMALL",
            "MatPage.ANSWER_BAR",
            "ModuleView.COMMON",
            "OddsLook.TWO",
            "OnTripsOnly.NAMED",
            "PersonRow.MONTHS_A_YEAR",
            "PlanCall.LEAST_PATIENCE",
            "PlanCall.UNLIMITED",
            "Scenes.FIRST_LIGHT",
            "Scenes.LAST_LIGHT",
            "ProblemForm.LEAST_ROWS",
            "Recommendations.AFTER_THE_PAGE_MS",
            "RehearsalController.SEED",
            "Reminders.NAMED",
            "Reminders.YEARS_AHEAD",
            "Restore.EVERYTHING",
            "SavedLines.KEPT",
            "Seal.NUMBER_BYTES",
            "StockController.SOONEST",
            "StockLedger.FLUSH_EVERY",
            "Stop.NAMED",
            "SupplyForm.LEAST_ROWS",
            "TableFile.LOOKED_AT",
            "TakingController.IN",
            "TrailController.FIRST",
            "TripCard.SAID",
            "TypedProblem.LEAST_TIMES",
            "WarmUp.NEXT_OUTINGS",
            "WarmUp.PATIENCE",
            "Why.NOTHING");

    @Test
    void noConstantOfTheCraftStandsInTheApp() throws IOException {
        List<String> found = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/hodeon/app"))) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".java")).sorted().toList()) {
                String name = file.getFileName().toString().replace(".java", "");
                String text = Files.readString(file);
                if (DRAWINGS.contains(name)
                        || file.toString().contains("/sample/")
                        || file.toString().contains("/simulated/")) {
                    continue;
                }
                for (Matcher m = CONSTANT.matcher(text); m.find(); ) {
                    boolean registered = m.group(2).contains("PlanningAssumption.");
                    if (!registered
                            && !LIMIT.matcher(m.group(1)).matches()
                            && !OTHERS.contains(name + "." + m.group(1))) {
                        found.add(name + "." + m.group(1) + " = " + m.group(2));
                    }
                }
                String calls = CONSTANT.matcher(text).replaceAll("");
                for (Matcher m = TIME.matcher(calls); m.find(); ) {
                    found.add(name + ": " + m.group());
                }
            }
        }
        assertThat(found).isEmpty();
    }
}
