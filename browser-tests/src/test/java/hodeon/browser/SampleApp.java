package hodeon.browser;

/** One demo for all tests: its sample household for those that only look around or work on trips of their own, copies of it for the others. */
final class SampleApp {

    private static final App DEMO = App.demo();
    private static final byte[] HOUSEHOLD = Visitor.ofSample(DEMO).bytes("/backup/household.json");

    private SampleApp() {}

    static App get() {
        return DEMO;
    }

    /** The sample household as it was when the demo started, as a backup. */
    static byte[] household() {
        return HOUSEHOLD;
    }
}
