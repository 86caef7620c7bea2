package hodeon.app.kits;

import hodeon.app.check.Belonging;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.KitList;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the lists of a kit and of its modules say belongs there, each in the module it belongs in. */
@Component
@Transactional(readOnly = true)
class ListedThings implements Belonging {

    private final ListService lists;

    ListedThings(ListService lists) {
        this.lists = lists;
    }

    @Override
    public List<Listed> in(UUID household, UUID kit, Stock there) {
        List<Listed> listed = new ArrayList<>();
        for (UUID place : there.nesting().within(kit)) {
            Optional.ofNullable(there.places().get(place))
                    .flatMap(Place::kitId)
                    .filter(list -> lists.isOne(household, list))
                    .map(list -> lists.find(household, list).list().lines())
                    .orElse(List.of())
                    .forEach(line -> listed.add(new Listed(where(place, line, there), line.supply())));
        }
        return listed;
    }

    /** The module of the line's name in the kit; the kit itself while there is none. */
    private static UUID where(UUID kit, KitList.Line line, Stock there) {
        return there.nesting().within(kit).stream()
                .filter(p -> !p.equals(kit) && there.placeName(p).equalsIgnoreCase(line.module()))
                .findFirst()
                .orElse(kit);
    }
}
