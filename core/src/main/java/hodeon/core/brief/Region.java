package hodeon.core.brief;

/** Facts about a region that change what could happen, or what is done about it. */
public enum Region {
    MANY_TICKS("many ticks"),
    SNAKES_BIND("venomous snakes; pressure bandaging is taught there"),
    SNAKES_STILL("venomous snakes; keeping still is taught there"),
    LEECHES("leeches"),
    UNSAFE_WATER("unsafe water"),
    STINGING_SEA("stinging jellyfish or spiny animals in the water"),
    BURNING_PLANTS("plants that burn or blister the skin"),
    RABIES("rabies in animals"),
    MALARIA("malaria"),
    VENOMOUS_STINGS("dangerous spiders or scorpions"),
    MEAT_ALLERGY_TICKS("ticks whose bites can make allergic to meat");

    private final String label;

    Region(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
