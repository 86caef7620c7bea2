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

    /** Two sentences for people: “The age is a whole number from 0 to 110; “old” was given. Write digits only.” */
    public String sentence() {
        String rule = Character.toUpperCase(limit.charAt(0)) + limit.substring(1);
        String given = value.isBlank() ? "nothing was given" : "“" + value + "” was given";
        return rule + "; " + given + ". " + remedy + ".";
    }
}
