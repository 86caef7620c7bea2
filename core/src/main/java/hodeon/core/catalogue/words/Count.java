package hodeon.core.catalogue.words;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How many of a thing a line says there are: “4 pairs”, “x 12”, “2 packs of 10” (20), “a dozen”, “(16)”. Sizes and dates were taken out
 * of the line before. A started roll is one roll.
 *
 * @param pieces 1 or more; empty if the line says no number
 * @param packs the word for what is counted, if that is packs and nobody says how much lies in one; else empty
 * @param rest the line without its numbers
 */
record Count(OptionalInt pieces, String packs, String rest) {

    static final int MOST = 10_000;

    private static final Map<String, Integer> WORDS = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("fifteen", 15),
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("fifty", 50),
            Map.entry("hundred", 100),
            Map.entry("dozen", 12),
            Map.entry("couple", 2),
            Map.entry("single", 1));

    private static final String NUMBER = "(\\d{1,5})";
    private static final String PACK =
            "(?:packs?|packets?|pkts?|pks?|boxes|box|bags?|blisters?(?!\\s+(?:plaster|pad|dressing|patch|cushion|bandage|care|tape|kit|cream|stick|pack))|strips?|cards?|sleeves?|sets?|cartons?|bundles?|tins?|cases?|jars?|tubs?|bottles?|trays?)";
    private static final String UNIT =
            "(?:pairs?|prs?|pcs?|pieces?|pce|tablets?|tabs?|capsules?|caps?|caplets?|pills?|ampoules?|amps?|ampules?|sachets?|rolls?|sheets?"
                    + "|tubes?|pads?|pods?|vials?|doses?|units?|ea|each|count|ct|off|strips?|cards?|pins?|swabs?|wipes?|sticks?|lozenges?"
                    + "|pens?|puffs?|bags?|bottles?|pouches|pouch|suppositor(?:y|ies)|plasters?|sets?)";

    /** The number of a line in its list, which counts nothing. */
    private static final Pattern ORDINAL = Pattern.compile("^\\s*(?:\\(?\\d{1,3}[.)]|[-*•–·☐□])\\s+(?=\\S)");

    private static final Pattern HALF = Pattern.compile(
            "(?i)(?<![\\w/])(?:half(?: of)?(?: an?)?|½|1/2|part(?: of)? an?|most of an?|rest of an?|nearly (?:full|empty))(?!\\w)(?! dozen)");
    private static final Pattern DOZEN = Pattern.compile("(?i)\\bhalf an? dozen\\b");
    private static final Pattern PACKS_OF =
            Pattern.compile("(?i)(?:" + NUMBER + "\\s*(?:x|×|\\*)?\\s*)?\\b" + PACK + "\\s*(?:of|à|@|with|x|×)\\s*"
                    + NUMBER + "\\b|" + NUMBER + "\\s*(?:x|×|\\*)\\s*" + NUMBER + "\\b(?!\\s*(?:x|×))");
    private static final Pattern N_PACK = Pattern.compile("(?i)(?:" + NUMBER + "\\s*(?:x|×|\\*)?\\s*)?(?<!\\d)" + NUMBER
            + "\\s?-\\s?(?:pack|pk|count|ct|piece|pc|er)\\b");
    private static final Pattern TIMES = Pattern.compile("(?i)(?:\\b(?:x|qty|quantity|amount)\\.?|×|\\*)\\s*:?\\s*"
            + NUMBER + "\\b|\\b" + NUMBER + "\\s*(?:x\\b|×|\\*)");
    private static final Pattern OF_UNIT = Pattern.compile("(?i)\\b" + NUMBER + "\\s*-?\\s*" + UNIT + "\\b");
    private static final Pattern OF_PACK = Pattern.compile("(?i)\\b" + NUMBER + "\\s*-?\\s*" + PACK + "\\b");
    private static final Pattern FIRST = Pattern.compile("^\\D{0,2}\\b" + NUMBER + "\\b");
    private static final Pattern LAST = Pattern.compile("\\b" + NUMBER + "\\b(?!.*\\b\\d)");
    private static final Pattern WRITTEN = Pattern.compile("(?i)\\b(" + String.join("|", WORDS.keySet()) + ")\\b");
    private static final Pattern ONE_PACK = Pattern.compile("(?i)\\b(?:an?|full|whole|new|sealed)\\s+" + PACK + "\\b");

    static Count of(String line) {
        String text = ORDINAL.matcher(line).replaceFirst(" ");
        text = DOZEN.matcher(text).replaceAll(" 6 ");
        if (HALF.matcher(text).find()) {
            return new Count(OptionalInt.of(1), "", HALF.matcher(text).replaceAll(" "));
        }
        text = inFigures(text);
        Matcher several = PACKS_OF.matcher(text);
        if (several.find()) {
            return several.group(2) != null
                    ? counted(text, several, product(several.group(1), several.group(2)), "")
                    : counted(text, several, product(several.group(3), several.group(4)), "");
        }
        Matcher pack = N_PACK.matcher(text);
        if (pack.find()) {
            return counted(text, pack, product(pack.group(1), pack.group(2)), "");
        }
        for (Pattern pattern : List.of(OF_UNIT, TIMES, OF_PACK, FIRST, LAST)) {
            Matcher found = pattern.matcher(text);
            if (found.find()) {
                String number = found.group(1) != null ? found.group(1) : found.group(2);
                return counted(text, found, Integer.parseInt(number), pattern == OF_PACK ? word(found) : "");
            }
        }
        Matcher one = ONE_PACK.matcher(text);
        return one.find() ? counted(text, one, 1, word(one)) : new Count(OptionalInt.empty(), "", text);
    }

    /** A number in words counts only where none stands in figures. */
    private static String inFigures(String text) {
        if (text.matches(".*\\d.*")) {
            return text;
        }
        Matcher written = WRITTEN.matcher(text);
        return written.find()
                ? written.replaceFirst(" " + WORDS.getOrDefault(written.group(1).toLowerCase(Locale.ROOT), 1) + " ")
                : text;
    }

    /** The last word of what was found. */
    private static String word(Matcher found) {
        return found.group().replaceAll("(?s)^.*?(\\p{L}+)$", "$1").toLowerCase(Locale.ROOT);
    }

    private static int product(String packs, String in) {
        return (packs == null ? 1 : Integer.parseInt(packs)) * Integer.parseInt(in);
    }

    /** Only the figures go: what they count may be part of the name. */
    private static Count counted(String text, Matcher found, int pieces, String packs) {
        String counted = found.group().replaceAll("\\d+|(?i)\\b[x×]\\b|\\*", " ");
        String rest = text.substring(0, found.start()) + " " + counted + " " + text.substring(found.end());
        return pieces < 1
                ? new Count(OptionalInt.empty(), "", rest)
                : new Count(OptionalInt.of(Math.min(pieces, MOST)), packs, rest);
    }
}
