package hodeon.app.readiness;

import hodeon.app.kits.Refill;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.readiness.PackedTrips.Packed;
import hodeon.app.shell.LastAnswer;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.readiness.KitList;
import hodeon.core.readiness.Restock;
import hodeon.core.readiness.Substitution;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The one allocation of what lies at home over all kits and outings, so that no piece is promised twice. */
@Component
@Transactional(readOnly = true)
public class HomeAllocation implements Refill {

    private final StockService stock;
    private final ListService lists;
    private final PackedTrips packed;
    private final Clock clock;
    private final LastAnswer<Question, Restock> last = new LastAnswer<>();

    HomeAllocation(StockService stock, ListService lists, PackedTrips packed, Clock clock) {
        this.stock = stock;
        this.lists = lists;
        this.packed = packed;
        this.clock = clock;
    }

    /**
     * What a household owns, and who of its kits gets what of it.
     *
     * @param lists by id
     * @param until for each kit with a plan, the day its pieces must outlast
     * @param going outings whose kit lies somewhere, the soonest first
     */
    public record Allocated(
            Stock stock,
            Map<UUID, StoredList> lists,
            Restock restock,
            Map<UUID, LocalDate> until,
            List<Packed> going) {}

    /** Everything that {@link Restock#of} deals out by. */
    private record Question(
            List<Restock.Kit> wanted, List<Held> home, Set<String> prescribed, Map<String, Supply> supplies) {

        Restock answer() {
            return Restock.of(wanted, home, prescribed, new Substitution(supplies));
        }
    }

    public Allocated of(UUID household) {
        Stock all = stock.of(household);
        Map<UUID, StoredList> saved = lists.all(household).stream().collect(Collectors.toMap(StoredList::id, k -> k));
        List<Packed> going = packed.of(household, all, saved.values());
        Map<UUID, LocalDate> until = new HashMap<>();
        List<Restock.Kit> wanted = new ArrayList<>();
        Set<UUID> givers = all.places().values().stream()
                .flatMap(p -> p.filledFrom().stream())
                .collect(Collectors.toSet());
        for (Place place : all.places().values()) {
            Optional<StoredList> list = place.kitId()
                    .map(saved::get)
                    .filter(l -> place.facts().retiredOn().isEmpty() && !place.isShelf());
            if (list.isPresent()) {
                LocalDate day = until(place, going, all);
                until.put(place.id(), day);
                wanted.add(kit(place, list.get().list(), day, all));
            } else if (!place.isShelf() && givers.contains(place.id())) {
                wanted.add(kit(place, new KitList(List.of()), LocalDate.now(clock), all));
            }
        }
        Set<String> prescribed = all.supplies().values().stream()
                .filter(s -> s.prescribed().isPresent())
                .map(Supply::id)
                .collect(Collectors.toSet());
        Question question = new Question(wanted, all.atHome(), prescribed, all.supplies());
        return new Allocated(all, saved, last.of(household, question, Question::answer), until, going);
    }

    private static Restock.Kit kit(Place place, KitList list, LocalDate until, Stock all) {
        return new Restock.Kit(
                place.id(),
                list,
                all.inKit(place.id()),
                until,
                place.filledFrom().filter(all.places()::containsKey));
    }

    @Override
    public Given of(UUID household, UUID kit) {
        Allocated allocated = of(household);
        List<Given.Take> takes = allocated.restock().fills().stream()
                .filter(f -> f.to().equals(kit))
                .map(f -> new Given.Take(
                        f.from().lot().supply(),
                        allocated.stock().address(f.from().place()),
                        f.pieces()))
                .toList();
        return new Given(allocated.until().getOrDefault(kit, LocalDate.now(clock)), takes);
    }

    /** A kit that goes along, and what lies in it, must last beyond the return by the margin, others beyond today. */
    private LocalDate until(Place kit, List<Packed> going, Stock all) {
        return going.stream()
                .filter(g -> all.nesting().within(g.place().id()).contains(kit.id()))
                .map(g -> g.trip().trip().end())
                .max(Comparator.naturalOrder())
                .orElse(LocalDate.now(clock))
                .plusDays(all.rules().marginDays());
    }
}
