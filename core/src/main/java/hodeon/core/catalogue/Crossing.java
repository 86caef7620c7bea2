package hodeon.core.catalogue;

/** What stands in a supply's way at a border and in an aeroplane's cabin; rules differ, these are the usual ones. */
public record Crossing(Border border, Cabin cabin) {

    /** At a border. */
    public enum Border {
        FREE("no usual limits"),
        ORIGINAL("in its original labelled packaging"),
        PRESCRIPTION("in its original packaging with a copy of the prescription"),
        RESTRICTED("not allowed everywhere: left out unless each country's rules were checked");

        private final String label;

        Border(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** In cabin baggage. */
    public enum Cabin {
        FREE("no usual limits"),
        LIQUID("liquids: at most 100 ml a container"),
        HOLD("not in the cabin: blades, points or pressure");

        private final String label;

        Cabin(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
