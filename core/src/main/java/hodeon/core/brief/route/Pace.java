package hodeon.core.brief.route;

/**
 * How fast somebody walks.
 *
 * @param rule which school of the walking-time rule
 * @param factor of its hours: 1 as the rule has it, 1.5 half as long again; {@value #LEAST} to {@value #MOST}
 */
public record Pace(Rule rule, double factor) {

    public static final double LEAST = 0.5;
    public static final double MOST = 3;

    /** The two schools. */
    public enum Rule {
        /** An hour for every 5 km and for every 600 m of ascent (W. W. Naismith, Scottish Mountaineering Club J 1892; 2: 136). */
        NAISMITH("Naismith: 5 km an hour, and an hour more for every 600 m up") {
            @Override
            double hours(double metres, double rise) {
                return metres / 5_000 + Math.max(0, rise) / 600;
            }
        },
        /**
         * 6 · exp(−3.5 · |slope + 0.05|) km an hour (W. R. Tobler, Three presentations on geographical analysis and
         * modeling, NCGIA report 93-1, 1993).
         */
        TOBLER("Tobler: by the slope, 5 km an hour on level ground, quickest a little downhill") {
            @Override
            double hours(double metres, double rise) {
                if (metres == 0) {
                    return 0;
                }
                double slope = Math.clamp(rise / metres, -STEEPEST, STEEPEST);
                return metres / (6_000 * Math.exp(-3.5 * Math.abs(slope + 0.05)));
            }
        };

        /** Beyond this slope heights are wrong rather than walked. */
        private static final double STEEPEST = 1;

        private final String label;

        Rule(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** For so many metres on the map with so many metres up, or down if below 0. */
        abstract double hours(double metres, double rise);
    }

    public Pace {
        if (!(factor >= LEAST && factor <= MOST)) {
            throw new IllegalArgumentException("A pace factor of " + factor + " is outside 0.5 to 3.");
        }
    }

    double hours(double metres, double rise) {
        return factor * rule.hours(metres, rise);
    }
}
