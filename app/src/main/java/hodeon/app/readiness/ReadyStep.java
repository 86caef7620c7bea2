package hodeon.app.readiness;

import hodeon.app.brief.Progress;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Ready, on the progress strip: only where its kit lies, because the whole answer is worked out on its own page. */
@Component
@Order(3)
class ReadyStep implements Progress.Later {

    private final ListService lists;
    private final StockService stock;

    ReadyStep(ListService lists, StockService stock) {
        this.lists = lists;
        this.stock = stock;
    }

    @Override
    public List<Progress.Step> steps(UUID householdId, StoredTrip trip) {
        if (trip.trip().standing().isPresent()) {
            return List.of();
        }
        Optional<UUID> place = lists.ofTrip(householdId, trip.id()).flatMap(k -> k.base()
                .or(() -> stock.placesOfKit(householdId, k.id()).stream().findFirst()));
        String state = place.map(p ->
                        Wording.says("kitPages.in", stock.place(householdId, p).name()))
                .orElse(Wording.says("readyStep.notPackedYet"));
        return List.of(new Progress.Step("Ready", "/trips/" + trip.id() + "/ready", state, false));
    }
}
