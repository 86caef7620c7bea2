package hodeon.core.units;

import java.util.Set;
import org.atteo.evo.inflector.English;

/** What one and several of a thing are called in English: “1 tablet”, “2 suppositories”, “3 cards of strips”. */
public final class Plural {

    /** Signs of measure, and what comes in pairs and is one all the same. */
    private static final Set<String> SAME = Set.of("ml", "g", "tweezers", "scissors", "shears", "forceps", "glasses");

    private Plural() {}

    /** The noun for so many; of “card of strips” the first word is what there are several of. */
    public static String of(double count, String one) {
        if (count == 1 || SAME.contains(one)) {
            return one;
        }
        int rest = one.indexOf(" of ") >= 0 ? one.indexOf(" of ") : one.indexOf(" for ");
        String noun = rest >= 0 ? one.substring(0, rest) : one;
        return English.plural(noun) + one.substring(noun.length());
    }

    /** “1 day”, “3 days”. */
    public static String counted(long count, String one) {
        return count + " " + of(count, one);
    }
}
