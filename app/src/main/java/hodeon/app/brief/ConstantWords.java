package hodeon.app.brief;

import hodeon.app.storage.seal.Seal;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

/** A set of enum constants as it is kept in a column: their names in order with spaces between. */
final class ConstantWords {

    private ConstantWords() {}

    static String of(Set<? extends Enum<?>> constants) {
        return constants.stream().map(Enum::name).sorted().collect(Collectors.joining(" "));
    }

    static <E extends Enum<E>> Set<E> read(String words, Class<E> type) {
        Set<E> constants = EnumSet.noneOf(type);
        if (words.equals(Seal.UNREADABLE)) {
            return constants;
        }
        Arrays.stream(words.split(" ")).filter(w -> !w.isEmpty()).forEach(w -> constants.add(Enum.valueOf(type, w)));
        return constants;
    }
}
