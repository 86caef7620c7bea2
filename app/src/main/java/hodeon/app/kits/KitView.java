package hodeon.app.kits;

import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Group;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;

/** A kit as its page and its printed contents list show it. */
record KitView(UUID id, String name, String savedAt, String grams, String litres, int kinds, List<GroupView> groups) {

    record GroupView(String id, String name, String grams, List<LineView> lines) {}

    /** @param each weight of one */
    record LineView(String name, String pieces, String each, String grams) {}

    static KitView of(Kit kit) {
        List<GroupView> groups = new ArrayList<>();
        for (Group group : Group.values()) {
            List<Kit.Line> lines = kit.lines().stream()
                    .filter(l -> l.supply().group() == group)
                    .toList();
            if (!lines.isEmpty()) {
                double grams = lines.stream().mapToDouble(l -> l.mass().grams()).sum();
                groups.add(new GroupView(
                        group.name().toLowerCase(Locale.ROOT),
                        group.label(),
                        Figures.grams(grams),
                        lines.stream().map(KitView::line).toList()));
            }
        }
        return new KitView(
                kit.id(),
                kit.name(),
                kit.savedAt().format(DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm")),
                Figures.grams(kit.mass()),
                Figures.litres(kit.volume()),
                kit.lines().size(),
                groups);
    }

    private static LineView line(Kit.Line line) {
        return new LineView(
                line.supply().name(),
                Figures.pieces(line.pieces(), line.supply()),
                Figures.grams(line.supply().mass()),
                Figures.grams(line.mass()));
    }
}
