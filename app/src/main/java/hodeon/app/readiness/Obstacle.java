package hodeon.app.readiness;

import java.util.List;
import java.util.Map;

/**
 * Something that stands between a trip and its kit, with the one step that puts it right.
 *
 * @param what such as “2 of 6 wipes are missing”
 * @param act the words on its button
 * @param address the page that helps, or where the button sends {@code fields}
 * @param fields empty for a page that is only opened
 * @param each what it is made up of, if it stands for several alike
 */
public record Obstacle(String what, String act, String address, Map<String, String> fields, List<String> each) {

    Obstacle(String what, String act, String address, Map<String, String> fields) {
        this(what, act, address, fields, List.of());
    }

    static Obstacle open(String what, String act, String address) {
        return new Obstacle(what, act, address, Map.of());
    }
}
