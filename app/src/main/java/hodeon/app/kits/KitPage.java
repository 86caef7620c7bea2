package hodeon.app.kits;

import hodeon.app.brief.Progress;
import hodeon.app.stock.LotView;
import hodeon.core.notice.Fault;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kit as it stands in the world.
 *
 * @param strip of what it is for, if that is written down
 * @param address what tells it from every other place: its name, or its path where another bears that
 * @param inside what it lies in, as “Lead boat dry box / Tray”; empty if it stands for itself
 * @param grams of what lies in it, and {@code planned} of its list; empty if it has none
 * @param first what expires first; empty if nothing does
 * @param answer what is to be known first: whether anything is missing
 * @param fine whether nothing is
 * @param outgrown what comes in sizes of children, and when they outgrow it
 * @param devices what runs on a battery, and how full it was found
 * @param remarks what other rooms say about it
 * @param lists that may be laid in it, and {@code list} the one that is
 * @param above what it may be filled from
 * @param whither what a module may be put into
 */
record KitPage(
        Progress.@Nullable Strip strip,
        UUID id,
        String name,
        String address,
        String inside,
        FactsView facts,
        String grams,
        String kinds,
        String planned,
        String first,
        String checked,
        String answer,
        boolean fine,
        KitDrawing drawing,
        List<LackView> lacks,
        List<String> covered,
        List<String> outgrown,
        List<String> devices,
        List<GoneView> gone,
        List<KitRemark.Remark> remarks,
        List<PartView> parts,
        List<AwayView> away,
        @Nullable UUID list,
        List<Choice> lists,
        @Nullable UUID filledFrom,
        List<Choice> above,
        List<Choice> whither,
        boolean retired,
        boolean photo,
        List<Fault> faults) {

    record FactsView(String stands, String knownBy, String condition, String retiredOn) {}

    /** Something to choose. */
    record Choice(UUID id, String name) {}

    /**
     * A line of the list that is not there.
     *
     * @param lacks such as “4 of 6 pairs”
     * @param where the module it belongs in; empty for the kit itself
     * @param since when it was found gone and by whom; empty if nobody counted
     * @param take what can be moved in now, such as “Take 4 pairs from home”; empty if there is nothing above
     * @param fill fields of that act
     */
    record LackView(
            String name,
            String lacks,
            String where,
            String since,
            boolean belowLeast,
            String take,
            Map<String, String> fill) {}

    /** Something that was counted as gone and that no list asks for. */
    record GoneView(String supply, UUID place, String name, String since, String put) {}

    /**
     * The kit itself or a module in it, and what lies there.
     *
     * @param set whether all that the list says of this module lies in it; empty where it says nothing
     * @param more lots that are not shown here
     */
    record PartView(
            UUID id,
            String name,
            boolean module,
            int depth,
            String grams,
            String counted,
            String set,
            int more,
            List<LotView> lots) {}

    /** A module that belongs here and lies elsewhere. */
    record AwayView(UUID id, String name, String where, String since) {}
}
