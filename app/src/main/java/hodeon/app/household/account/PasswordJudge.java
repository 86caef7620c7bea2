package hodeon.app.household.account;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import hodeon.app.shell.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Judges a password by how many guesses it would take (zxcvbn, after Wheeler 2016), not by its length or its kinds of characters: at
 * least 10<sup>8</sup>, so that even who stole the hashes does not get far. What somebody is called here is no good word in it.
 */
@Component
public class PasswordJudge {

    static final int LONGEST = 200;

    /** Of 0 to 4: “safely unguessable” to whoever has to ask. */
    private static final int GOOD = 3;

    /** More of it would only take time to judge. */
    private static final int JUDGED = 100;

    private final Zxcvbn judge = new Zxcvbn();

    /** The same of one that was typed twice. */
    public List<String> faults(String password, String again, List<String> names) {
        List<String> faults = new ArrayList<>();
        fault(password, names).ifPresent(faults::add);
        if (!password.equals(again)) {
            faults.add(Wording.says("passwordJudge.theTwoPasswordsDifferTypeTheSame"));
        }
        return faults;
    }

    /** What is wrong with it and what would do; empty for one that does. */
    public Optional<String> fault(String password, List<String> names) {
        if (password.length() > LONGEST) {
            return Optional.of(Wording.says("passwordJudge.aPasswordHasAtMostCharactersTake", LONGEST));
        }
        if (password.isBlank()) {
            return Optional.of(Wording.says("passwordJudge.aPasswordIsNeededFourOrFive"));
        }
        List<String> known = new ArrayList<>(List.of("hodeon"));
        names.forEach(n -> known.addAll(List.of(n.toLowerCase(Locale.ROOT).split("\\s+"))));
        Strength strength = judge.measure(password.substring(0, Math.min(JUDGED, password.length())), known);
        if (strength.getScore() >= GOOD) {
            return Optional.empty();
        }
        // The library's English is that of no language; asked for “en” it answers in that of the machine.
        String warning = strength.getFeedback().getWarning(Locale.ROOT);
        return Optional.of(Wording.says(
                "passwordJudge.thisPasswordWouldBeGuessedFourOr",
                warning == null || warning.isEmpty() ? "" : ": " + small(warning.replaceAll("\\.$", "")),
                strength.getFeedback().getSuggestions(Locale.ROOT).stream()
                        .map(s -> s.endsWith(".") ? s : s + ".")
                        .collect(Collectors.joining(" ", "", " "))));
    }

    private static String small(String sentence) {
        return sentence.substring(0, 1).toLowerCase(Locale.ROOT) + sentence.substring(1);
    }
}
