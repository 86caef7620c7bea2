package hodeon.app.kits;

import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.LotView;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.Substitution;
import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Every kit in a few words and as a drawn box, and the lists beside them. */
@Component
public class KitShelf {

    private final ListService lists;

    KitShelf(ListService lists) {
        this.lists = lists;
    }

    /**
     * A kit in a few words.
     *
     * @param stands where; empty if nobody said
     * @param first what expires first, with its sign; empty if nothing does
     * @param state whether anything is missing
     * @param list the one laid in it, if any
     */
    public record Card(
            UUID id,
            String name,
            String stands,
            String grams,
            String contents,
            String first,
            String state,
            boolean fine,
            Optional<UUID> list,
            KitDrawing drawing) {}

    /**
     * A list in a few words.
     *
     * @param laid names of the kits it is laid in
     */
    record ListCard(UUID id, String name, String address, String contents, String laid) {}

    /** Every kit in use, in the order of their names. */
    public static List<Place> inOrder(Stock all) {
        return all.kits().stream()
                .sorted(Comparator.comparing(Place::name, String.CASE_INSENSITIVE_ORDER))
                .toList();
    }

    List<Card> cards(UUID household, List<Place> kits, Stock all, LocalDate today) {
        return cards(
                kits,
                lists.all(household).stream().collect(Collectors.toMap(StoredList::id, Function.identity())),
                all,
                today);
    }

    /** @param byId the household's lists */
    public static List<Card> cards(List<Place> kits, Map<UUID, StoredList> byId, Stock all, LocalDate today) {
        Substitution substitution = new Substitution(all.supplies());
        return kits.stream()
                .map(kit -> card(kit, kit.kitId().map(byId::get), all, today, substitution))
                .toList();
    }

    private static Card card(
            Place kit, Optional<StoredList> list, Stock all, LocalDate today, Substitution substitution) {
        List<Held> held = all.inKit(kit.id());
        Optional<Integer> lacking = list.map(
                l -> l.against(kit.id(), all, today.plusDays(all.rules().marginDays()), substitution)
                        .lacking()
                        .size());
        int modules = all.modules(kit.id()).size();
        return new Card(
                kit.id(),
                all.address(kit.id()),
                kit.facts().stands(),
                Figures.grams(all.mass(kit.id())),
                Figures.counted(
                                held.stream()
                                        .map(h -> h.lot().supply())
                                        .distinct()
                                        .count(),
                                "kind")
                        + (modules > 0 ? ", " + Figures.counted(modules, "module") : ""),
                held.stream()
                        .filter(h -> h.good().isPresent())
                        .min(Held.FIRST_EXPIRED)
                        .map(h -> LotView.of(h, all, today))
                        .map(l -> Wording.says("kitShelf.first", l.state().sign(), l.name(), l.until(), l.away()))
                        .orElse(""),
                lacking.map(n -> n == 0 ? Wording.says("kitShelf.nothingIsMissing") : Wording.says("kinds.missing", n))
                        .orElse(Wording.says("kitShelf.noListSaysWhatBelongsInIt")),
                lacking.map(n -> n == 0).orElse(false),
                list.map(StoredList::id),
                KitDrawing.of(kit, all, list.map(l -> l.mass().grams()).orElse(0.0)));
    }

    /** Those that lie nowhere first, then by name. */
    List<ListCard> lists(UUID household, Stock all) {
        return lists.all(household).stream()
                .map(l -> new ListCard(
                        l.id(),
                        l.name(),
                        KitController.address(l),
                        Figures.grams(l.mass()) + ", " + Figures.counted(l.kinds(), "kind"),
                        all.laidIn(l.id()).stream()
                                .map(p -> all.address(p.id()))
                                .collect(Collectors.joining(", "))))
                .sorted(Comparator.comparing((ListCard l) -> !l.laid().isEmpty())
                        .thenComparing(ListCard::name, String.CASE_INSENSITIVE_ORDER))
                .toList();
    }
}
