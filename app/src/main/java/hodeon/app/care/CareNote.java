package hodeon.app.care;

/**
 * A line of somebody's care diary.
 *
 * @param found such as “pulse 90, drinks, less pain”; may be empty
 * @param given what was done or given; may be empty
 */
public record CareNote(String found, String given, Helped helped) {

    /** Whether what was given helped. */
    public enum Helped {
        NOT_KNOWN("not known yet"),
        YES("helped"),
        SOME("helped a little"),
        NO("did not help");

        private final String label;

        Helped(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
