package hodeon.app.brief.route;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import hodeon.core.brief.route.Pace;
import hodeon.core.brief.route.Route;
import java.util.Locale;

/**
 * What a route file says about a trip.
 *
 * @param days walking so many hours a day, in half days
 * @param hoursToHelp from the farthest point on foot to the nearer end and from there to care, rounded up
 */
record RouteView(
        String kilometres,
        String climb,
        String hours,
        String days,
        String farthest,
        String hoursOut,
        String beyond,
        int hoursToHelp,
        String rule) {

    static RouteView of(Route route, Pace pace, double hoursADay, double beyond) {
        Route.Farthest farthest = route.farthest(pace);
        double hours = route.hours(pace);
        double days = Math.max(0.5, Math.ceil(2 * hours / hoursADay) / 2);
        int help = (int) Math.ceil(farthest.hoursOut() + beyond);
        return new RouteView(
                String.format(Locale.ROOT, "%.1f km", route.metres() / 1000),
                String.format(Locale.ROOT, "%,.0f m", route.climb()),
                Figures.number(hours) + " h",
                Figures.days(Math.min(days, Trip.MOST_DAYS)),
                String.format(
                        Locale.ROOT,
                        "%.1f km from the start, at %.4f, %.4f",
                        farthest.metresAlong() / 1000,
                        farthest.point().latitude(),
                        farthest.point().longitude()),
                Figures.number(farthest.hoursOut()) + " h",
                Figures.number(beyond) + " h",
                Math.min(help, Trip.MOST_HOURS_TO_CARE),
                pace.rule().label()
                        + (pace.factor() == 1 ? "" : Wording.says("routeView.times", Figures.number(pace.factor()))));
    }
}
