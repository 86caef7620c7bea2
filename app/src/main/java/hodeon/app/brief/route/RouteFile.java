package hodeon.app.brief.route;

import hodeon.app.shell.Wording;
import hodeon.core.brief.route.Route;
import hodeon.core.brief.route.Route.Point;
import hodeon.core.notice.Faults;
import io.jenetics.jpx.GPX;
import io.jenetics.jpx.Track;
import io.jenetics.jpx.TrackSegment;
import io.jenetics.jpx.WayPoint;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Reads a route from a GPX 1.1 file: its tracks one after another, or else its first route. */
final class RouteFile {

    static final int MOST_BYTES = 5_000_000;
    private static final int MOST_POINTS = 200_000;
    private static final String FIELD = "route";

    private RouteFile() {}

    /** The route, or nothing and a fault that says why. */
    static Optional<Route> read(String name, byte[] file, Faults faults) {
        if (file.length == 0) {
            faults.add(
                    FIELD, "", Wording.says("routeFile.aRouteFileIsNeeded"), Wording.says("routeFile.chooseAGpxFile"));
            return Optional.empty();
        }
        if (file.length > MOST_BYTES) {
            faults.add(
                    FIELD,
                    name,
                    Wording.says("routeFile.aRouteFileHasAtMost5"),
                    Wording.says("routeFile.thinItsPointsOutOrSplitIt"));
            return Optional.empty();
        }
        // A document type may name things outside the file, and no route needs one.
        if (new String(file, StandardCharsets.ISO_8859_1)
                .toUpperCase(Locale.ROOT)
                .contains("<!DOCTYPE")) {
            faults.add(
                    FIELD,
                    name,
                    Wording.says("routeFile.aRouteFileHasNoDocumentType"),
                    Wording.says("routeFile.saveItAgainAsPlainGpx1"));
            return Optional.empty();
        }
        try {
            GPX gpx = GPX.Reader.of(GPX.Reader.Mode.LENIENT).read(new ByteArrayInputStream(file));
            return route(name, points(gpx), faults);
        } catch (IOException | RuntimeException notGpx) {
            faults.add(
                    FIELD,
                    name,
                    Wording.says("routeFile.aRouteFileIsGpx11"),
                    Wording.says("routeFile.exportItAgainAsGpx"));
            return Optional.empty();
        }
    }

    private static Optional<Route> route(String name, List<Point> points, Faults faults) {
        if (points.size() < 2 || points.size() > MOST_POINTS) {
            faults.add(
                    FIELD,
                    name,
                    Wording.says("routeFile.aRouteHas2To200000", points.size()),
                    points.size() < 2
                            ? Wording.says("routeFile.exportTheTrackOrRouteItselfNot")
                            : Wording.says("routeFile.thinItsPointsOut"));
            return Optional.empty();
        }
        return Optional.of(new Route(points));
    }

    private static List<Point> points(GPX gpx) {
        List<Point> tracks = gpx.tracks()
                .flatMap(Track::segments)
                .flatMap(TrackSegment::points)
                .map(RouteFile::point)
                .toList();
        return tracks.isEmpty()
                ? gpx.routes()
                        .limit(1)
                        .flatMap(r -> r.points())
                        .map(RouteFile::point)
                        .toList()
                : tracks;
    }

    private static Point point(WayPoint p) {
        return new Point(
                p.getLatitude().doubleValue(),
                p.getLongitude().doubleValue(),
                p.getElevation().map(e -> e.doubleValue()).orElse(0.0));
    }
}
