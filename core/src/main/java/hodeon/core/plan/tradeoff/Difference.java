package hodeon.core.plan.tradeoff;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeSet;

/**
 * What changes from one kit to another.
 *
 * @param in pieces that come in, by supply id
 * @param out pieces that go out, by supply id
 */
public record Difference(Map<String, Integer> in, Map<String, Integer> out) {

    public static Difference between(Map<String, Integer> from, Map<String, Integer> to) {
        Map<String, Integer> in = new LinkedHashMap<>();
        Map<String, Integer> out = new LinkedHashMap<>();
        TreeSet<String> ids = new TreeSet<>(from.keySet());
        ids.addAll(to.keySet());
        for (String id : ids) {
            int more = to.getOrDefault(id, 0) - from.getOrDefault(id, 0);
            if (more > 0) {
                in.put(id, more);
            } else if (more < 0) {
                out.put(id, -more);
            }
        }
        return new Difference(in, out);
    }

    public boolean none() {
        return in.isEmpty() && out.isEmpty();
    }
}
