package hodeon.app.check;

/** What somebody finds at a line of a check. */
public enum Answer {
    RIGHT("as it should be"),
    COUNT("another number"),
    BAD("looks bad, thrown out"),
    OPENED("opened"),
    LENT("lent");

    private final String words;

    Answer(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
