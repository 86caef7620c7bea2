package hodeon.app.kits;

import hodeon.app.kits.list.ListService;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.Substitution;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Modules that are a set, kept together: each is complete, or so many kinds short, by its own list or by its part of the kit's. */
@Component
class ModuleSets {

    private final ListService lists;

    ModuleSets(ListService lists) {
        this.lists = lists;
    }

    /** In words by module; what no list speaks of is missing. */
    Map<UUID, String> of(UUID household, UUID kit, Optional<AgainstList> whole, Stock here, LocalDate until) {
        Map<UUID, String> told = new HashMap<>();
        for (UUID module : here.nesting().within(kit)) {
            Optional<UUID> own = Optional.ofNullable(here.places().get(module))
                    .flatMap(Place::kitId)
                    .filter(l -> lists.isOne(household, l));
            List<AgainstList.State> lines = own.isPresent()
                    ? lists.find(household, own.get())
                            .against(module, here, until, new Substitution(here.supplies()))
                            .lines()
                    : whole.map(AgainstList::lines).orElse(List.of()).stream()
                            .filter(s -> s.line().module().equalsIgnoreCase(here.placeName(module)))
                            .toList();
            if (!module.equals(kit) && !lines.isEmpty()) {
                long lacking = lines.stream().filter(s -> s.lacks() > 0).count();
                told.put(module, lacking == 0 ? "complete" : Wording.says("kinds.short", lacking));
            }
        }
        return told;
    }
}
