package hodeon.core.catalogue.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The shape all reference files share: {@code # comment}, {@code [section]}, {@code key = value}. A key may repeat.
 * Faults are collected with their line and reading goes on.
 */
public final class SectionFile {

    public record Entry(int line, String value) {}

    public record Section(String id, int line, Map<String, List<Entry>> entries) {

        List<Entry> all(String key) {
            return entries.getOrDefault(key, List.of());
        }
    }

    private final String file;
    private final List<CatalogueFault> faults;

    public SectionFile(String file, List<CatalogueFault> faults) {
        this.file = file;
        this.faults = faults;
    }

    public List<Section> read(String text, Set<String> keys) {
        Map<String, Section> sections = new LinkedHashMap<>();
        Section current = new Section("", 0, new HashMap<>());
        int number = 0;
        for (String raw : text.lines().toList()) {
            number++;
            String line = raw.strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith("[") && line.endsWith("]")) {
                current = new Section(line.substring(1, line.length() - 1), number, new HashMap<>());
                Section earlier = sections.putIfAbsent(current.id(), current);
                if (earlier != null) {
                    fault(number, "[" + current.id() + "] already stands at line " + earlier.line() + ".");
                }
                continue;
            }
            int equals = line.indexOf('=');
            if (equals < 1) {
                fault(number, "“" + line + "” is neither a [section], a key = value, nor a # comment.");
                continue;
            }
            String key = line.substring(0, equals).strip();
            if (!keys.contains(key)) {
                fault(
                        number,
                        "“" + key + "” is not a known key; known are "
                                + keys.stream().sorted().toList() + ".");
            } else if (current.line() == 0) {
                fault(number, "“" + key + "” stands before the first [section].");
            } else {
                current.entries()
                        .computeIfAbsent(key, k -> new ArrayList<>())
                        .add(new Entry(number, line.substring(equals + 1).strip()));
            }
        }
        return List.copyOf(sections.values());
    }

    /** A reference file that lies beside a class in the application; throws {@link IllegalStateException} if it is missing. */
    public static String shipped(Class<?> beside, String name) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The reference file " + name + " is missing from the application.");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public void fault(int line, String message) {
        faults.add(new CatalogueFault(file, line, message));
    }
}
