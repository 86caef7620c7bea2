package hodeon.core.brief;

/** Where a leg goes. */
public enum Environment {
    TEMPERATE("temperate"),
    WINTER("cold or winter"),
    HOT_DRY("hot and dry"),
    TROPICAL_WET("tropical and wet"),
    ALPINE("alpine, above 2,500 m"),
    COAST("coast and water"),
    URBAN("urban");

    private final String label;

    Environment(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
