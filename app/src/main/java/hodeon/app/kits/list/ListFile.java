package hodeon.app.kits.list;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.KitList;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A list as other programs read and write it; the schema is {@code List} of the OpenAPI document, the fields stand in
 * docs/formats/kit-json.md.
 *
 * @param format always {@value #FORMAT}, and {@code formatVersion} always {@value #VERSION}
 * @param id missing for a list that is to be made
 * @param version counts its changes; a change names the one it was made over
 */
public record ListFile(
        String format,
        int formatVersion,
        @Nullable UUID id,
        String name,
        @Nullable Long version,
        List<LineFile> lines) {

    public static final String FORMAT = "hodeon-list";
    public static final int VERSION = 1;

    /**
     * @param supply id in the catalogue
     * @param module empty for the kit itself
     * @param why empty where nobody said
     */
    public record LineFile(String supply, int target, int least, String module, String why) {}

    public static ListFile of(StoredList list) {
        return new ListFile(
                FORMAT,
                VERSION,
                list.id(),
                list.name(),
                list.version(),
                list.lines().stream()
                        .map(l -> new LineFile(
                                l.line().supply(),
                                l.line().target(),
                                l.line().least(),
                                l.line().module(),
                                l.line().why()))
                        .toList());
    }

    /** The list itself, or with {@code faults} whatever of it could be read. */
    public static KitList read(List<LineFile> lines, Catalogue catalogue, Faults faults) {
        List<KitList.Line> read = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            LineFile line = lines.get(i);
            String at = "lines[" + i + "]";
            if (catalogue.supply(line.supply()).isEmpty()) {
                faults.add(
                        at + ".supply",
                        line.supply(),
                        "the catalogue has no supply of this id",
                        "Take an id of /api/v1/plans or of the supplies page");
            } else if (line.least() > line.target()) {
                faults.add(
                        at + ".least",
                        String.valueOf(line.least()),
                        "the least count is at most the target of " + line.target(),
                        "Lower it, or raise the target");
            } else if (!seen.add(line.supply() + "\n" + line.module())) {
                faults.add(at + ".supply", line.supply(), "it stands once in each module", "Join the two lines");
            } else {
                read.add(new KitList.Line(line.supply(), line.target(), line.least(), line.module(), line.why()));
            }
        }
        return new KitList(read);
    }
}
