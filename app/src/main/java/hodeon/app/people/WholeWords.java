package hodeon.app.people;

import java.util.regex.Pattern;

/** Finds a name where it stands by itself: “An” is in “An and Beck”, not in “stand” or “canvas”. */
public final class WholeWords {

    private WholeWords() {}

    /** As it is written, capitals included: a name that is also a small word is not taken for it. */
    public static Pattern of(String name) {
        return Pattern.compile("(?<![\\p{L}\\p{N}])" + Pattern.quote(name.strip()) + "(?![\\p{L}\\p{N}])");
    }
}
