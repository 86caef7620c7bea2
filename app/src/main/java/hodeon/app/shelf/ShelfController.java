package hodeon.app.shelf;

import hodeon.app.household.Member;
import hodeon.app.kit.Kit;
import hodeon.app.kit.KitService;
import hodeon.app.shell.Figures;
import hodeon.app.trip.StoredTrip;
import hodeon.app.trip.TripService;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Home: the household's next trips and its kits. */
@Controller
class ShelfController {

    private static final double POUCH_HEIGHT = 44;
    private static final double FULL_GRAMS = 3000;

    private final TripService trips;
    private final KitService kits;
    private final Clock clock;

    ShelfController(TripService trips, KitService kits, Clock clock) {
        this.trips = trips;
        this.kits = kits;
        this.clock = clock;
    }

    /** @param kitState whether a kit is saved for it */
    record TripCard(
            UUID id,
            String name,
            String dates,
            String when,
            boolean past,
            String who,
            String kitState,
            boolean hasKit) {}

    /** @param fill how full the pouch is drawn: its mass against the trip's limit, or against 3 kg */
    record KitCard(
            UUID id,
            String name,
            String grams,
            String kinds,
            String fill,
            String fillTop,
            @Nullable String trip) {}

    @GetMapping("/")
    String shelf(@AuthenticationPrincipal Member member, Model model) {
        List<StoredTrip> all = trips.all(member.householdId());
        List<Kit> saved = kits.all(member.householdId());
        LocalDate today = LocalDate.now(clock);
        List<TripCard> cards = all.stream().map(t -> card(t, saved, today)).toList();
        model.addAttribute("coming", cards.stream().filter(c -> !c.past()).toList());
        model.addAttribute(
                "past", cards.stream().filter(TripCard::past).toList().reversed());
        model.addAttribute("kits", saved.stream().map(k -> card(k, all)).toList());
        model.addAttribute("household", member.householdName());
        return "shelf/shelf";
    }

    private static TripCard card(StoredTrip stored, List<Kit> kits, LocalDate today) {
        var trip = stored.trip();
        boolean past = trip.end().isBefore(today);
        long days = ChronoUnit.DAYS.between(today, trip.start());
        String when = past ? "over" : days <= 0 ? "under way" : days == 1 ? "tomorrow" : "in " + days + " days";
        boolean hasKit = kits.stream()
                .anyMatch(k -> k.tripId().filter(stored.id()::equals).isPresent());
        return new TripCard(
                stored.id(),
                trip.name(),
                trip.start() + " to " + trip.end(),
                when,
                past,
                Figures.counted(trip.party().size(), "person").replace("persons", "people") + ", "
                        + Figures.days(trip.days()) + ", " + trip.hoursToCare() + " h to care",
                hasKit ? "kit saved" : "no kit saved yet",
                hasKit);
    }

    private static KitCard card(Kit kit, List<StoredTrip> trips) {
        StoredTrip trip = kit.tripId()
                .flatMap(id -> trips.stream().filter(t -> t.id().equals(id)).findFirst())
                .orElse(null);
        double full = trip == null ? FULL_GRAMS : trip.trip().limits().mass().grams();
        double fill = POUCH_HEIGHT * Math.min(1, kit.mass().grams() / full);
        return new KitCard(
                kit.id(),
                kit.name(),
                Figures.grams(kit.mass()),
                Figures.counted(kit.lines().size(), "kind"),
                String.format(Locale.ROOT, "%.1f", fill),
                String.format(Locale.ROOT, "%.1f", 10 + POUCH_HEIGHT - fill),
                trip == null ? null : trip.trip().name());
    }
}
