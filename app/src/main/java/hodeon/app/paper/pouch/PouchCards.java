package hodeon.app.paper.pouch;

import hodeon.app.aid.DoNow;
import hodeon.app.aid.FirstAid;
import hodeon.app.aid.KitAtHand;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.packing.box.BoxDrawing;
import hodeon.app.packing.box.Boxes;
import hodeon.app.paper.AidCards;
import hodeon.app.paper.Card;
import hodeon.app.paper.Card.MapPart;
import hodeon.app.paper.Card.MapTile;
import hodeon.app.paper.Card.ModuleCard;
import hodeon.app.paper.Card.ModuleDo;
import hodeon.app.paper.Card.OpeningMap;
import hodeon.app.paper.Card.Spot;
import hodeon.app.paper.ContentsCards;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Problem;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The papers that lie in a kit, made of what the other rooms know. */
@Component
class PouchCards {

    /** A folded card has room for so many problems. */
    private static final int MOST_PROBLEMS = 6;

    /** A blank to write on for whoever has no grid of labels filled by the kit. */
    private static final List<String> SPECIMEN =
            List.of("What", "Date, time", "Where on the body", "Where on the map", "From whom");

    private static final List<String> HANDED_OUT =
            List.of("For", "What, strength", "At once", "How often, at most", "Warning", "By, on");

    private static final List<String> TOURNIQUET = List.of("On at", "Date", "Limb", "By");

    private final Boxes boxes;
    private final ContentsCards contents;
    private final FirstAid aid;
    private final KitAtHand kits;
    private final StockService stock;
    private final HouseholdEvidence knowledge;

    PouchCards(
            Boxes boxes,
            ContentsCards contents,
            FirstAid aid,
            KitAtHand kits,
            StockService stock,
            HouseholdEvidence knowledge) {
        this.boxes = boxes;
        this.contents = contents;
        this.aid = aid;
        this.kits = kits;
        this.stock = stock;
        this.knowledge = knowledge;
    }

    /** A card with its name. @param sheet whether it is a sheet of labels */
    record Named(String name, Card card, boolean sheet) {}

    /** Every paper of a kit by its key, in the order in which they are laid in. */
    Map<String, Named> of(UUID household, UUID kit, LabelGrid grid) {
        Stock all = stock.at(household, kit);
        Map<String, Named> papers = new LinkedHashMap<>();
        opening(household, kit)
                .ifPresent(c -> papers.put("opening", new Named(Wording.says("pouchCards.openingMap"), c, false)));
        papers.put(
                "contents",
                new Named(Wording.says("cardController.contentsByPocket"), contents.ofKit(household, kit), false));
        for (UUID module : all.nesting().within(kit)) {
            ModuleCard card = module(household, module, all);
            if (!card.holds().isEmpty()) {
                papers.put(
                        "module-" + module,
                        new Named(Wording.says("pouchCards.whatToDo", all.placeName(module)), card, false));
            }
        }
        papers.put("labels", sheet(Wording.says("pouchCards.labelsForThePockets"), pockets(household, kit), grid));
        List<LabelGrid.Text> opened = opened(all, kit);
        if (!opened.isEmpty()) {
            papers.put("opened", sheet(Wording.says("pouchCards.stickersOpenedOn"), opened, grid));
        }
        papers.put(
                "tourniquet",
                sheet(Wording.says("pouchCards.tourniquetTags"), filled("TOURNIQUET", TOURNIQUET, grid), grid));
        papers.put(
                "specimen", sheet(Wording.says("pouchCards.specimenLabels"), filled("Specimen", SPECIMEN, grid), grid));
        papers.put(
                "bags",
                sheet(
                        Wording.says("pouchCards.labelsForMedicineHandedOut"),
                        filled("Medicine", HANDED_OUT, grid),
                        grid));
        return papers;
    }

    private static Named sheet(String name, List<LabelGrid.Text> labels, LabelGrid grid) {
        return new Named(name, grid.lay(name, labels), true);
    }

    /** A whole sheet of blanks. */
    private static List<LabelGrid.Text> filled(String head, List<String> blanks, LabelGrid grid) {
        List<String> says =
                head.equals("TOURNIQUET") ? List.of(Wording.says("pouchCards.neverLoosenOrCoverIt")) : List.of();
        return Stream.generate(() -> new LabelGrid.Text(head, says, blanks))
                .limit(grid.perSheet())
                .toList();
    }

    private Optional<OpeningMap> opening(UUID household, UUID kit) {
        return boxes.drawn(household, kit)
                .map(drawing -> new OpeningMap(
                        Wording.says(
                                "pouchCards.howItOpens",
                                stock.place(household, kit).name()),
                        drawing.parts().stream().map(PouchCards::part).toList(),
                        boxes.reach(household, kit).stream()
                                .map(r -> new Card.Urgent(
                                        r.name(),
                                        r.where(),
                                        r.seconds() + " s, "
                                                + (r.oneHanded()
                                                        ? Wording.says("boxController.oneHand")
                                                        : Wording.says("boxController.bothHands"))))
                                .toList()));
    }

    private static MapPart part(BoxDrawing.Part part) {
        double left = Double.parseDouble(part.x());
        double top = Double.parseDouble(part.y());
        return new MapPart(
                part.name(),
                part.seconds(),
                part.outside(),
                spot(left, top, part.width(), part.height()),
                part.tiles().stream()
                        .map(t -> new MapTile(
                                t.label(),
                                t.grave(),
                                spot(
                                        left + Double.parseDouble(t.x()),
                                        top + Double.parseDouble(t.y()),
                                        t.width(),
                                        t.height())))
                        .toList());
    }

    private static Spot spot(double left, double top, String width, String height) {
        return new Spot(
                percent(left, BoxDrawing.WIDTH),
                percent(top, BoxDrawing.HEIGHT),
                percent(Double.parseDouble(width), BoxDrawing.WIDTH),
                percent(Double.parseDouble(height), BoxDrawing.HEIGHT));
    }

    private static String percent(double part, double of) {
        return String.format(Locale.ROOT, "%.2f%%", 100 * part / of);
    }

    /** What a module can do, from the problems' own words: those first of which it does most, the gravest of these first. */
    private ModuleCard module(UUID household, UUID module, Stock all) {
        List<KitAtHand.Lying> lying = kits.of(household, module);
        Set<String> problems = knowledge.of(household).catalogue().problems().stream()
                .filter(p -> !p.ofDogs())
                .map(Problem::id)
                .collect(Collectors.toSet());
        List<ModuleDo> todo = aid.all(household, problems, Set.of(), lying).stream()
                .filter(d -> does(d) > 0)
                .sorted(Comparator.comparingDouble((DoNow d) -> -share(d))
                        .thenComparingInt(d -> -d.severity())
                        .thenComparing(DoNow::name))
                .limit(MOST_PROBLEMS)
                .sorted(Comparator.comparingInt((DoNow d) -> -d.severity()))
                .map(d -> new ModuleDo(d.name(), d.call(), AidCards.lines(d), d.watch(), d.byHand()))
                .toList();
        return new ModuleCard(
                all.nameAndPocket(module),
                contents.ofKit(household, module).pockets().stream()
                        .flatMap(p -> p.lines().stream())
                        .toList(),
                todo);
    }

    /** Lines that it has something for that is made for it. */
    private static long does(DoNow now) {
        return now.lines().stream()
                .filter(l -> l.has().stream().anyMatch(h -> !h.makeshift()))
                .count();
    }

    private static double share(DoNow now) {
        return (double) does(now) / now.lines().size();
    }

    private List<LabelGrid.Text> pockets(UUID household, UUID kit) {
        return contents.ofKit(household, kit).pockets().stream()
                .map(p -> new LabelGrid.Text(p.name(), p.lines(), List.of()))
                .toList();
    }

    /** For what keeps less long once it is open. */
    private static List<LabelGrid.Text> opened(Stock all, UUID kit) {
        return all.inKit(kit).stream()
                .map(h -> h.lot().supply())
                .distinct()
                .flatMap(s -> Optional.ofNullable(all.supplies().get(s)).stream())
                .filter(s -> s.keeping().openedMonths().orElse(0) > 0)
                .map(s -> new LabelGrid.Text(
                        s.name(),
                        List.of(Wording.says(
                                "pouchCards.onceOpenItKeepsMonths",
                                s.keeping().openedMonths().orElse(0))),
                        List.of(Wording.says("pouchCards.openedOn"), Wording.says("pouchCards.goodUntil"))))
                .toList();
    }
}
