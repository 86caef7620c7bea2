package hodeon.core.catalogue.file;

import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.file.SectionFile.Entry;
import hodeon.core.catalogue.file.SectionFile.Section;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Reads the values of one section; a value that does not fit is a fault at its line and the stand-in is used. */
public final class SectionValues {

    private final SectionFile file;
    private final Section section;

    public SectionValues(SectionFile file, Section section) {
        this.file = file;
        this.section = section;
    }

    public String id() {
        return section.id();
    }

    public int line() {
        return section.line();
    }

    public void fault(int line, String message) {
        file.fault(line, message);
    }

    /** The one value of a key; missing or repeated is a fault unless a stand-in is given for missing. */
    public <T> T one(String key, Optional<T> ifMissing, T standIn, Function<String, T> read) {
        List<Entry> found = section.all(key);
        if (found.isEmpty()) {
            if (ifMissing.isEmpty()) {
                fault(section.line(), "[" + id() + "] lacks “" + key + "”.");
            }
            return ifMissing.orElse(standIn);
        }
        if (found.size() > 1) {
            fault(found.get(1).line(), "“" + key + "” is given more than once.");
        }
        return value(found.getFirst(), standIn, read);
    }

    public String text(String key) {
        return one(key, Optional.empty(), "", Function.identity());
    }

    public int whole(String key, Optional<Integer> ifMissing, int least, int most) {
        return one(key, ifMissing, least, text -> {
            int n = Integer.parseInt(text);
            if (n < least || n > most) {
                throw new IllegalArgumentException(n + " is outside " + least + " to " + most + ".");
            }
            return n;
        });
    }

    public <T> T quantity(String key, T standIn, Function<BigDecimal, T> of) {
        return one(key, Optional.empty(), standIn, text -> of.apply(new BigDecimal(text)));
    }

    /** A day written as 2026-11-28. */
    public LocalDate day(String key) {
        return one(key, Optional.empty(), LocalDate.EPOCH, text -> {
            try {
                return LocalDate.parse(text);
            } catch (DateTimeParseException e) {
                throw new IllegalArgumentException("“" + text + "” is no day; write it as 2026-11-28.", e);
            }
        });
    }

    public boolean yes(String key) {
        return one(key, Optional.of(false), false, text -> switch (text) {
            case "yes" -> true;
            case "no" -> false;
            default -> throw new IllegalArgumentException("“" + text + "” is neither yes nor no.");
        });
    }

    public <E extends Enum<E>> E constant(String key, Class<E> type) {
        return one(key, Optional.empty(), type.getEnumConstants()[0], text -> named(text, type));
    }

    public static <E extends Enum<E>> E named(String text, Class<E> type) {
        for (E constant : type.getEnumConstants()) {
            if (Tag.idOf(constant).equals(text)) {
                return constant;
            }
        }
        throw new IllegalArgumentException("“" + text + "” is not one of "
                + Arrays.stream(type.getEnumConstants()).map(Tag::idOf).toList() + ".");
    }

    /** Every value of a repeated key that could be read. */
    public <T> List<T> each(String key, Function<String, T> read) {
        List<T> values = new ArrayList<>();
        for (Entry entry : section.all(key)) {
            try {
                values.add(read.apply(entry.value()));
            } catch (IllegalArgumentException | ArithmeticException e) {
                fault(entry.line(), message(entry, e));
            }
        }
        return values;
    }

    /** All tags of a repeated key, several in a line, each of the vocabulary once {@code prefix} stands before it. */
    public Set<Tag> tags(String key, String prefix, Set<Tag> vocabulary) {
        Set<Tag> tags = new HashSet<>();
        each(key, text -> {
            for (String word : text.split(" +")) {
                tags.add(known(prefix + word, vocabulary));
            }
            return text;
        });
        return tags;
    }

    public Tag known(String text, Set<Tag> vocabulary) {
        Tag tag = Tag.parse(text);
        if (!vocabulary.contains(tag)) {
            throw new IllegalArgumentException("“" + text + "” is not a known tag; known of that kind are "
                    + vocabulary.stream()
                            .filter(t -> t.kind().equals(tag.kind()))
                            .sorted()
                            .toList() + ".");
        }
        return tag;
    }

    private <T> T value(Entry entry, T standIn, Function<String, T> read) {
        try {
            return read.apply(entry.value());
        } catch (IllegalArgumentException | ArithmeticException e) {
            fault(entry.line(), message(entry, e));
            return standIn;
        }
    }

    private static String message(Entry entry, RuntimeException e) {
        String said = e.getMessage();
        return e instanceof NumberFormatException || said == null
                ? "“" + entry.value().toLowerCase(Locale.ROOT) + "” is not a number that fits here."
                : said;
    }
}
