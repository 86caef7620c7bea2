package hodeon.app.household;

/** The account behind “Look around with sample data”; it exists only in the demo. */
public final class SampleAccount {

    public static final String SIGN_IN_NAME = "sample";

    private SampleAccount() {}
}
