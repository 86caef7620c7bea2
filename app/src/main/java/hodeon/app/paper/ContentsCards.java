package hodeon.app.paper;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.kits.Packed;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.MatService;
import hodeon.app.paper.Card.ContentsCard;
import hodeon.app.paper.Card.LabelSheet;
import hodeon.app.paper.Card.Pocket;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.Days;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import hodeon.core.units.Mass;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BinaryOperator;
import org.springframework.stereotype.Component;

/** What is in a trip's kit, on cards and labels. */
@Component
public class ContentsCards {

    private static final Map<String, Integer> LINES_ON_LABEL = Map.of("large", 22, "medium", 8, "small", 3);

    private final ListService lists;
    private final MatService mats;
    private final StockService stock;
    private final HouseholdEvidence knowledge;
    private final Clock clock;

    ContentsCards(ListService lists, MatService mats, StockService stock, HouseholdEvidence knowledge, Clock clock) {
        this.lists = lists;
        this.mats = mats;
        this.stock = stock;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** By pocket where the trip's kit lies packed, else by group as it lies on the mat. */
    ContentsCard of(UUID household, StoredTrip trip) {
        Catalogue catalogue = knowledge.of(household).catalogue();
        Optional<StoredList> kit = lists.ofTrip(household, trip.id());
        Map<String, Integer> pieces = kit.map(StoredList::pieces)
                .orElseGet(() -> mats.onMat(household, trip).pieces());
        Optional<UUID> place = kit.flatMap(k ->
                k.base().or(() -> stock.placesOfKit(household, k.id()).stream().findFirst()));
        Mass planned = catalogue.supplies().stream()
                .map(s -> s.mass().times(pieces.getOrDefault(s.id(), 0)))
                .reduce(Mass.ZERO, Mass::plus);
        Mass limit = trip.trip().limits().mass();
        Optional<Packed> packed = kit.flatMap(k -> Packed.of(k, stock.of(household), limit));
        String weight = packed.map(p -> Wording.says(
                        "contentsCards.lieInItPlanned",
                        p.grams(),
                        Figures.grams(planned),
                        (p.over().isEmpty() ? "" : Wording.says("contentsCards.overTheLimit", p.over()))))
                .orElse(Wording.says("matStep.planned", Figures.grams(planned)));
        List<Pocket> pockets = place.map(p -> packed(household, p))
                .filter(found -> !found.isEmpty())
                .orElseGet(() -> byGroup(catalogue, pieces));
        return new ContentsCard(
                Wording.says(
                        "contentsCards.contents",
                        kit.map(StoredList::name).orElse(trip.trip().name())),
                pockets,
                weight);
    }

    /** Of a kit or a module as it lies packed, its outermost compartment first. */
    public ContentsCard ofKit(UUID household, UUID kit) {
        Stock all = stock.at(household, kit);
        return new ContentsCard(
                Wording.says("contentsCards.contents", all.placeName(kit)),
                packed(household, kit),
                Wording.says("contentsCards.lieInItAsOf", Figures.grams(all.mass(kit)), LocalDate.now(clock)));
    }

    private List<Pocket> packed(UUID household, UUID kit) {
        Stock all = stock.at(household, kit);
        List<Pocket> pockets = new ArrayList<>();
        for (UUID place : all.nesting().within(kit)) {
            Map<String, GoodUntil> until = new LinkedHashMap<>();
            for (Held held : all.at(place)) {
                held.good()
                        .ifPresent(g -> until.merge(
                                held.lot().supply(), g, BinaryOperator.minBy(Comparator.comparing(GoodUntil::day))));
            }
            all.byPocket(place)
                    .forEach((pocket, placed) -> pockets.add(new Pocket(
                            all.nameAndPocket(place) + (pocket.isEmpty() ? "" : ": " + pocket),
                            placed.stream()
                                    .map(p -> all.named(p.pieces(), p.thing())
                                            + Optional.ofNullable(until.get(p.thing()))
                                                    .map(u -> Wording.says("contentsCards.until", Days.said(u)))
                                                    .orElse(""))
                                    .toList())));
        }
        return pockets;
    }

    private static List<Pocket> byGroup(Catalogue catalogue, Map<String, Integer> pieces) {
        List<Pocket> pockets = new ArrayList<>();
        for (Group group : Group.values()) {
            List<String> lines = catalogue.supplies().stream()
                    .filter(s -> s.group() == group && pieces.getOrDefault(s.id(), 0) > 0)
                    .map(s -> line(s, pieces))
                    .toList();
            if (!lines.isEmpty()) {
                pockets.add(new Pocket(group.label(), lines));
            }
        }
        return pockets;
    }

    private static String line(Supply supply, Map<String, Integer> pieces) {
        return Figures.named(pieces.getOrDefault(supply.id(), 0), supply);
    }

    static LabelSheet labels(ContentsCard contents, String size) {
        int most = LINES_ON_LABEL.getOrDefault(size, 0);
        return new LabelSheet(
                Wording.says("contentsCards.labels", size),
                size,
                contents.pockets().stream().map(p -> shortened(p, most)).toList());
    }

    /** A label says how much more there is rather than cutting it off. */
    private static Pocket shortened(Pocket pocket, int most) {
        if (pocket.lines().size() <= most) {
            return pocket;
        }
        List<String> lines = new ArrayList<>(pocket.lines().subList(0, most));
        lines.add(Wording.says(
                "contentsCards.andMoreSeeTheContents", (pocket.lines().size() - most)));
        return new Pocket(pocket.name(), lines);
    }
}
