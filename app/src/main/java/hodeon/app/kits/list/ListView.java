package hodeon.app.kits.list;

import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Group;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;

/** A kit as its page and its printed contents list show it. */
public record ListView(
        UUID id, String name, String savedAt, String grams, String litres, int kinds, List<GroupView> groups) {

    public record GroupView(String id, String name, String grams, List<LineView> lines) {}

    /** @param each weight of one */
    public record LineView(String name, String pieces, String each, String grams) {}

    public static ListView of(StoredList list) {
        List<GroupView> groups = new ArrayList<>();
        for (Group group : Group.values()) {
            List<StoredList.Line> lines = list.lines().stream()
                    .filter(l -> l.supply().group() == group)
                    .toList();
            if (!lines.isEmpty()) {
                double grams = lines.stream().mapToDouble(l -> l.mass().grams()).sum();
                groups.add(new GroupView(
                        group.name().toLowerCase(Locale.ROOT),
                        group.label(),
                        Figures.grams(grams),
                        lines.stream().map(ListView::line).toList()));
            }
        }
        return new ListView(
                list.id(),
                list.name(),
                Figures.moment(list.savedAt()),
                Figures.grams(list.mass()),
                Figures.litres(list.volume()),
                list.lines().size(),
                groups);
    }

    private static LineView line(StoredList.Line line) {
        return new LineView(
                line.supply().name(),
                Figures.pieces(line.pieces(), line.supply()),
                Figures.grams(line.supply().mass()),
                Figures.grams(line.mass()));
    }
}
