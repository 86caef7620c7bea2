package hodeon.core.brief;

/** What is at hand all along the way, so that a kit need not bring it. */
public enum Reach {
    TAP("safe water from a tap"),
    PHONE("a phone with signal"),
    ROAD("a road that a vehicle can come by"),
    SHOP("a shop or pharmacy"),
    ROOF("a roof to wait under"),
    BEACON("a beacon or satellite messenger that somebody carries anyway");

    private final String label;

    Reach(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
