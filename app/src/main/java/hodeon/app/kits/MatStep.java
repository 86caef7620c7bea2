package hodeon.app.kits;

import hodeon.app.brief.Progress;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The mat and the kit on the progress strip. */
@Component
@Order(2)
class MatStep implements Progress.Later {

    private final MatService mats;
    private final ListService lists;
    private final StockService stock;

    MatStep(MatService mats, ListService lists, StockService stock) {
        this.stock = stock;
        this.mats = mats;
        this.lists = lists;
    }

    @Override
    public List<Progress.Step> steps(UUID householdId, StoredTrip trip) {
        String path = "/trips/" + trip.id();
        Optional<Mat> touched = mats.isTouched(trip.id()) ? Optional.of(mats.mat(householdId, trip)) : Optional.empty();
        Optional<StoredList> kit = lists.ofTrip(householdId, trip.id());
        boolean stale = touched.map(Mat::stale).orElse(false);
        String mat = touched.map(m -> stale
                        ? Wording.says("matStep.briefChangedSince")
                        : Wording.says("matStep.kindsByHand", m.pieces().size()))
                .orElse(Wording.says("matStep.asRecommended"));
        // What is best for a kit that stays is asked for where somebody looks at its mat, not on every page of the kit.
        boolean differs = kit.isPresent()
                && (touched.isPresent() || trip.trip().standing().isEmpty())
                && !kit.get()
                        .pieces()
                        .equals(touched.orElseGet(() -> mats.mat(householdId, trip))
                                .pieces());
        String saved = kit.map(k -> differs
                        ? Wording.says("matStep.differsFromTheMat")
                        : Wording.says("matStep.planned", Figures.grams(k.mass())))
                .orElse(Wording.says("matStep.notSavedYet"));
        Progress.Step ofMat = new Progress.Step("Mat", path + "/mat", mat, stale);
        return trip.trip().standing().isEmpty()
                ? List.of(ofMat, new Progress.Step("Kit", path + "/kit", saved, differs))
                : Stream.concat(
                                Stream.of(ofMat, new Progress.Step("List", path + "/kit", saved, differs)),
                                kit.stream().flatMap(k -> ofKits(householdId, k)))
                        .toList();
    }

    /** Where a list is laid it is packed, checked and filled up. */
    private Stream<Progress.Step> ofKits(UUID household, StoredList list) {
        List<Place> kits = stock.placesOfKit(household, list.id()).stream()
                .map(place -> stock.place(household, place))
                .filter(place -> place.facts().retiredOn().isEmpty())
                .toList();
        if (kits.isEmpty()) {
            return Stream.of();
        }
        boolean one = kits.size() == 1;
        UUID first = kits.getFirst().id();
        String named = one ? kits.getFirst().name() : Wording.says("in.kits", kits.size());
        return Stream.of(
                new Progress.Step("Pack", one ? "/kits/" + first : "/lists/" + list.id(), named, false),
                new Progress.Step(
                        "Check",
                        one ? "/stock/checks/new?place=" + first : "/stock/checks",
                        Wording.says("matStep.eachPiece"),
                        false),
                new Progress.Step("Refill", "/restock", "from home, then buy", false));
    }
}
