package hodeon.app.shelf;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.readiness.Obstacle;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A trip on the shelf.
 *
 * @param state ready, or not ready because …; empty for a past trip
 */
record TripCard(
        UUID id, String name, String dates, String when, boolean past, String who, String state, boolean ready) {

    /** Causes said on the card; all stand on the page. */
    private static final int SAID = 2;

    static TripCard of(StoredTrip stored, List<Obstacle> obstacles, LocalDate today) {
        Trip trip = stored.trip();
        boolean past = trip.end().isBefore(today);
        long days = ChronoUnit.DAYS.between(today, trip.start());
        String when = past ? "over" : Wording.says("day.away", Math.max(days, 0));
        String because = obstacles.stream().limit(SAID).map(Obstacle::what).collect(Collectors.joining("; "))
                + (obstacles.size() > SAID ? Wording.says("tripCard.andMore", (obstacles.size() - SAID)) : "");
        return new TripCard(
                stored.id(),
                trip.name(),
                Wording.says("timeline.to", trip.start(), trip.end()),
                when,
                past,
                Wording.says(
                        "tripCard.hToCare",
                        Wording.says("party", trip.party().size()),
                        Figures.days(trip.days()),
                        trip.hoursToCare()),
                past ? "" : obstacles.isEmpty() ? "ready" : Wording.says("tripCard.notReady", because),
                obstacles.isEmpty());
    }
}
