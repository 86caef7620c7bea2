package hodeon.browser;

/** One demo for all tests that only look around or work on trips of their own. */
final class SampleApp {

    private static final App DEMO = App.demo();

    private SampleApp() {}

    static App get() {
        return DEMO;
    }
}
