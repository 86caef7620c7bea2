package hodeon.core.brief.route;

import java.util.ArrayList;
import java.util.List;

/**
 * A way on the ground, from its first point to its last.
 *
 * <p>Worked example, a test: 6 km to the east along the equator, the first 3 km level, then 300 m up. By Naismith's rule
 * it takes 6 ÷ 5 h + 300 ÷ 600 h = 1.7 h to the end, and 1.2 h back.
 *
 * @param points in order, 2 or more
 */
public record Route(List<Point> points) {

    /** Mean radius of the earth in metres (IUGG); distances are then right to about 0.5 %. */
    private static final double EARTH_METRES = 6_371_008.8;
    /** Heights are noisy: a rise or fall counts once it comes to this many metres (an assumption). */
    private static final double COUNTED_METRES = 5;

    /**
     * A place.
     *
     * @param latitude degrees north, −90 to 90
     * @param longitude degrees east, −180 to 180
     * @param height metres above sea level; 0 where nothing is known of it
     */
    public record Point(double latitude, double longitude, double height) {

        public Point {
            if (!(Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180)) {
                throw new IllegalArgumentException(
                        "No place has latitude " + latitude + ", longitude " + longitude + ".");
            }
        }
    }

    /**
     * The point from which it takes longest to walk out.
     *
     * @param metresAlong from the start
     * @param hoursOut on foot to the nearer end, back along the route or on
     */
    public record Farthest(Point point, double metresAlong, double hoursOut) {}

    /** From one point whose height counts to the next one. */
    private record Stretch(int from, int to, double metres, double rise) {}

    public Route {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("A route has at least 2 points; this one has " + points.size() + ".");
        }
    }

    public double metres() {
        return along()[points.size() - 1];
    }

    /** Metres up, noise left out. */
    public double climb() {
        return stretches().stream()
                .mapToDouble(Stretch::rise)
                .filter(rise -> rise > 0)
                .sum();
    }

    /** Hours on foot over the whole route, without rests. */
    public double hours(Pace pace) {
        return stretches().stream()
                .mapToDouble(s -> pace.hours(s.metres(), s.rise()))
                .sum();
    }

    public Farthest farthest(Pace pace) {
        double[] along = along();
        double all = hours(pace);
        double on = 0;
        double back = 0;
        Farthest farthest = new Farthest(points.getFirst(), 0, 0);
        for (Stretch stretch : stretches()) {
            double forward = pace.hours(stretch.metres(), stretch.rise());
            double backward = pace.hours(stretch.metres(), -stretch.rise());
            for (int i = stretch.from() + 1; i <= stretch.to(); i++) {
                double share = stretch.metres() == 0 ? 1 : (along[i] - along[stretch.from()]) / stretch.metres();
                double out = Math.min(back + share * backward, all - on - share * forward);
                if (out > farthest.hoursOut()) {
                    farthest = new Farthest(points.get(i), along[i], out);
                }
            }
            on += forward;
            back += backward;
        }
        return farthest;
    }

    /** Metres from the start to each point. */
    private double[] along() {
        double[] along = new double[points.size()];
        for (int i = 1; i < along.length; i++) {
            along[i] = along[i - 1] + metres(points.get(i - 1), points.get(i));
        }
        return along;
    }

    private List<Stretch> stretches() {
        double[] along = along();
        List<Stretch> stretches = new ArrayList<>();
        int from = 0;
        for (int i = 1; i < points.size(); i++) {
            double rise = points.get(i).height() - points.get(from).height();
            boolean last = i == points.size() - 1;
            if (Math.abs(rise) >= COUNTED_METRES || last) {
                stretches.add(
                        new Stretch(from, i, along[i] - along[from], Math.abs(rise) >= COUNTED_METRES ? rise : 0));
                from = i;
            }
        }
        return stretches;
    }

    /** Great-circle distance by the haversine formula (R. W. Sinnott, Sky and Telescope 1984; 68: 159). */
    private static double metres(Point from, Point to) {
        double north = Math.toRadians(to.latitude() - from.latitude());
        double east = Math.toRadians(to.longitude() - from.longitude());
        double h = Math.pow(Math.sin(north / 2), 2)
                + Math.cos(Math.toRadians(from.latitude()))
                        * Math.cos(Math.toRadians(to.latitude()))
                        * Math.pow(Math.sin(east / 2), 2);
        return 2 * EARTH_METRES * Math.asin(Math.min(1, Math.sqrt(h)));
    }
}
