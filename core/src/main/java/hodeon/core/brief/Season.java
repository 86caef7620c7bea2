package hodeon.core.brief;

import java.time.Month;
import java.util.List;

/** The season at the place of the trip. All year is for kits that stay: what a season changes is then the mean of the four. */
public enum Season {
    SPRING("spring"),
    SUMMER("summer"),
    AUTUMN("autumn"),
    WINTER("winter"),
    ALL_YEAR("all year round");

    /** The four seasons that a year has. */
    public static final List<Season> OF_A_YEAR = List.of(SPRING, SUMMER, AUTUMN, WINTER);

    private final String label;

    Season(String label) {
        this.label = label;
    }

    /**
     * The season of a month by the meteorological reckoning, by which each begins with a month: spring in March in the north, in September
     * in the south (Trenberth KE, Bull Am Meteorol Soc 1983; 64: 1276–82).
     */
    public static Season in(Month month, Hemisphere where) {
        int sinceMarch = Math.floorMod(month.getValue() - Month.MARCH.getValue(), 12);
        int seasons = sinceMarch / 3 + (where == Hemisphere.SOUTH ? 2 : 0);
        return OF_A_YEAR.get(seasons % OF_A_YEAR.size());
    }

    public String label() {
        return label;
    }
}
