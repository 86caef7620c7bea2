package hodeon.core.brief;

/** How the kit itself travels, where that limits what may be in it. */
public enum Passage {
    BORDER("crosses a border"),
    CABIN("flies as cabin baggage only");

    private final String label;

    Passage(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
