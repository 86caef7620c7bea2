package hodeon.core.notice;

/**
 * One thing wrong with what somebody gave us, said so that they can mend it.
 *
 * @param field where it stands, as the form or file names it
 * @param value what was given, shortened if long
 * @param limit the rule it breaks
 * @param remedy what to do
 */
public record Fault(String field, String value, String limit, String remedy) {

    private static final int SHOWN = 40;

    public Fault {
        value = value.length() <= SHOWN ? value : value.substring(0, SHOWN) + "… (" + value.length() + " characters)";
    }

    /** One sentence or two for people. */
    public String sentence() {
        return (value.isBlank() ? "Nothing was given; " : "“" + value + "”: ") + limit + ". " + remedy;
    }
}
