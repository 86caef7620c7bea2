package hodeon.core.brief;

/** What the party does on a leg. */
public enum Activity {
    HILL_WALKING("hill or long-distance walking"),
    CAMP("camp and fire craft"),
    FOREST_WORK("forest work with saw or axe"),
    PADDLING("paddling"),
    SAILING("sailing or boat travel"),
    CYCLING("cycling"),
    RIDING("riding"),
    MOTOR("motor travel off-road"),
    CLIMBING("climbing and scrambling"),
    SNOW("snow travel"),
    SWIMMING("swimming and reef"),
    CITY("city and transit travel"),
    BASE_CAMP("vehicle base camp"),
    CHILDREN_OUTING("children's day out"),
    HOME("at home"),
    CAR("in the car");

    private final String label;

    Activity(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
