package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.providers.StringAxeScriptProvider;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.File;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.logging.Level;
import java.util.stream.Collectors;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.interactions.PointerInput;
import org.openqa.selenium.interactions.Sequence;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.openqa.selenium.virtualauthenticator.VirtualAuthenticatorOptions;

/** A headless browser on one application, with the few gestures a person has. */
final class Browser implements AutoCloseable {

    /**
     * Rules of which no finding is more than moderate, by their own description, and contrast, which is measured by itself. Only serious
     * and critical findings count here, and some of these look at every element of a page.
     */
    private static final List<String> NEVER_SERIOUS = List.of(
            "color-contrast",
            "region",
            "heading-order",
            "empty-heading",
            "empty-table-header",
            "image-redundant-alt",
            "landmark-banner-is-top-level",
            "landmark-complementary-is-top-level",
            "landmark-contentinfo-is-top-level",
            "landmark-main-is-top-level",
            "landmark-no-duplicate-banner",
            "landmark-no-duplicate-contentinfo",
            "landmark-no-duplicate-main",
            "landmark-one-main",
            "landmark-unique",
            "meta-viewport-large",
            "page-has-heading-one",
            "presentation-role-conflict",
            "scope-attr-valid",
            "skip-link",
            "table-duplicate-name");

    private final ChromeDriver driver;
    private final UnaryOperator<String> addresses;
    private final WebDriverWait wait;

    private Browser(UnaryOperator<String> addresses, ChromeDriver driver) {
        this.addresses = addresses;
        this.driver = driver;
        this.wait = new WebDriverWait(driver, Duration.ofSeconds(60));
        // By itself it looks twice a second, and a journey waits hundreds of times.
        wait.pollingEvery(Duration.ofMillis(50));
    }

    static Browser on(App app) {
        return on(app, 1280, 800);
    }

    /** The window's inner width and height from now on; under 600 pixels it is a phone's. */
    void resize(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", width < 600));
    }

    static Browser on(App app, int width, int height) {
        return on(app::address, width, height);
    }

    static Browser on(UnaryOperator<String> addresses, int width, int height) {
        ChromeOptions options = new ChromeOptions();
        options.setBinary(onPath("chromium"));
        options.addArguments(
                "--headless",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--force-color-profile=srgb",
                "--hide-scrollbars",
                "--window-size=" + width + "," + height,
                "--user-data-dir=" + App.temporary("hodeon-browser"));
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new File(onPath("chromedriver")))
                .build();
        ChromeDriver driver = new ChromeDriver(service, options);
        Browser browser = new Browser(addresses, driver);
        browser.resize(width, height);
        return browser;
    }

    private static String onPath(String program) {
        return Arrays.stream(System.getenv("PATH").split(File.pathSeparator))
                .map(folder -> new File(folder, program))
                .filter(File::canExecute)
                .map(File::getPath)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException(program + " is not installed; ./hodeon test installs it."));
    }

    void open(String path) {
        driver.get(addresses.apply(path));
    }

    String path() {
        return driver.getCurrentUrl().replace(addresses.apply(""), "");
    }

    /** A device that keeps keys and whose owner's finger is always the right one. */
    void keepsKeys() {
        driver.addVirtualAuthenticator(new VirtualAuthenticatorOptions()
                .setProtocol(VirtualAuthenticatorOptions.Protocol.CTAP2)
                .setTransport(VirtualAuthenticatorOptions.Transport.INTERNAL)
                .setHasResidentKey(true)
                .setHasUserVerification(true)
                .setIsUserVerified(true));
    }

    void signInToSample() {
        open("/sign-in");
        click("form[action='/sample-tour'] button");
        see("h1", "Tidewrack Paddlers");
    }

    /** Signs in as the keeper of a copy of the sample household that is this test's alone. */
    void signInTo(OwnHouse house) {
        open("/sign-in");
        type("#name", house.keeper());
        type("#password", Visitor.PASSWORD);
        click("form[action='/sign-in'] button");
        see("h1", "Tidewrack Paddlers");
    }

    /** The path of a sample trip, such as /trips/…; found by its name on the shelf. */
    String trip(String name) {
        open("/");
        return linked(name).replace("/odds", "");
    }

    /** Sets a sample trip to be on one day; answers its path. */
    String tripOn(String name, LocalDate day) {
        String trip = trip(name);
        open(trip + "/brief");
        date("#start", day.toString());
        date("#end", day.toString());
        click(".save [value='save']");
        see("h1", "What could happen");
        return trip;
    }

    /** Where a link of a text leads. */
    String linked(String text) {
        return driver.findElement(By.linkText(text)).getDomAttribute("href");
    }

    /** As if the device stood somewhere else. */
    void livesIn(ZoneId zone) {
        driver.executeCdpCommand("Emulation.setTimezoneOverride", Map.of("timezoneId", zone.getId()));
    }

    WebElement find(String css) {
        return wait.until(ExpectedConditions.presenceOfElementLocated(By.cssSelector(css)));
    }

    List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    String text(String css) {
        return find(css).getText();
    }

    void click(String css) {
        wait.until(ExpectedConditions.elementToBeClickable(By.cssSelector(css)));
        inSight(css).click();
    }

    /** Over what stands there, as a hand does: clearing first would be a change of its own. */
    void type(String css, String text) {
        find(css).sendKeys(Keys.chord(Keys.CONTROL, "a"), text.isEmpty() ? Keys.DELETE : text);
    }

    /** Dates are typed by value: their field shows the locale's order, the server gets year-month-day. */
    void date(String css, String isoDate) {
        driver.executeScript("arguments[0].value = arguments[1]", find(css), isoDate);
    }

    void choose(String css, String label) {
        new Select(find(css)).selectByVisibleText(label);
    }

    /** Waits until the element's text holds the words; fails with what the page says instead. */
    void see(String css, String words) {
        try {
            wait.until(ExpectedConditions.textToBePresentInElementLocated(By.cssSelector(css), words));
        } catch (TimeoutException e) {
            throw new AssertionError(
                    "No “" + words + "” in " + css + " of " + path() + ", which says:\n" + text("main"), e);
        }
    }

    /** Waits until a field has been filled with the words. */
    void holds(String css, String words) {
        wait.until(ExpectedConditions.domPropertyToBe(find(css), "value", words));
    }

    /** Waits until the element no longer holds the words, or is no longer there. */
    void gone(String css, String words) {
        wait.until(
                ExpectedConditions.not(ExpectedConditions.textToBePresentInElementLocated(By.cssSelector(css), words)));
    }

    /** Drags with the mouse, in steps as a hand does. */
    void drag(String css, int right, int down) {
        WebElement element = inSight(css);
        new Actions(driver)
                .moveToElement(element)
                .clickAndHold()
                .moveByOffset(right / 2, down / 2)
                .moveByOffset(right - right / 2, down - down / 2)
                .release()
                .perform();
    }

    /** Picked up with the mouse and let fall on something else. */
    void dragOnto(String css, String onto) {
        WebElement element = inSight(css);
        new Actions(driver)
                .clickAndHold(element)
                .moveByOffset(6, 6)
                .moveToElement(driver.findElement(By.cssSelector(onto)))
                .moveByOffset(2, 2)
                .release()
                .perform();
    }

    /** The same with a finger. */
    void swipe(String css, int right, int down) {
        WebElement element = inSight(css);
        PointerInput finger = new PointerInput(PointerInput.Kind.TOUCH, "finger");
        Duration step = Duration.ofMillis(60);
        driver.perform(List.of(new Sequence(finger, 0)
                .addAction(finger.createPointerMove(Duration.ZERO, PointerInput.Origin.fromElement(element), 0, 0))
                .addAction(finger.createPointerDown(PointerInput.MouseButton.LEFT.asArg()))
                .addAction(finger.createPointerMove(step, PointerInput.Origin.pointer(), right / 2, down / 2))
                .addAction(finger.createPointerMove(
                        step, PointerInput.Origin.pointer(), right - right / 2, down - down / 2))
                .addAction(finger.createPointerUp(PointerInput.MouseButton.LEFT.asArg()))));
    }

    /** Once nothing moves any more: while fonts and styles are still coming, a click meets what has just moved there. */
    private WebElement inSight(String css) {
        waitUntil("return document.readyState === 'complete' && document.fonts.status === 'loaded'");
        WebElement element = find(css);
        driver.executeScript("arguments[0].scrollIntoView({block:'center',behavior:'instant'})", element);
        return element;
    }

    void press(CharSequence... keys) {
        painted();
        new Actions(driver).sendKeys(keys).perform();
    }

    /** A page that was just opened takes no keys before it has been drawn. */
    private void painted() {
        driver.executeAsyncScript(
                "const drawn = arguments[0]; requestAnimationFrame(() => requestAnimationFrame(() => drawn()))");
    }

    /** A key while others are held down. */
    void hold(CharSequence key, Keys... held) {
        painted();
        Actions actions = new Actions(driver);
        Arrays.stream(held).forEach(actions::keyDown);
        actions.sendKeys(key);
        Arrays.stream(held).forEach(actions::keyUp);
        actions.perform();
    }

    /** Goes on with the tab key until the element has the focus, as somebody without a mouse would. */
    void tabTo(String css) {
        for (int i = 0; i < 250; i++) {
            if (focusIsOn(css)) {
                return;
            }
            press(Keys.TAB);
        }
        throw new AssertionError("The tab key never reaches " + css + "; it is on " + focused());
    }

    boolean focusIsOn(String css) {
        return Boolean.TRUE.equals(driver.executeScript("return document.activeElement.matches(arguments[0])", css));
    }

    String focused() {
        return String.valueOf(driver.executeScript("return document.activeElement.outerHTML.slice(0, 120)"));
    }

    Object run(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    /** Waits until a script answers true, at once or as a promise. */
    void waitUntil(String script) {
        wait.until(d -> Boolean.TRUE.equals(driver.executeScript(script)));
    }

    /** The page as its style sheet for paper lays it out, as PDF. */
    byte[] printed() {
        Map<String, Object> pdf = driver.executeCdpCommand("Page.printToPDF", Map.of("preferCSSPageSize", true));
        return Base64.getDecoder().decode(String.valueOf(pdf.get("data")));
    }

    void pretendDark() {
        prefers("dark");
    }

    void pretendLight() {
        prefers("light");
    }

    private void prefers(String scheme) {
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", scheme))));
    }

    byte[] picture() {
        driver.executeScript("return document.fonts.ready");
        return driver.getScreenshotAs(OutputType.BYTES);
    }

    String cookies() {
        return driver.manage().getCookies().stream()
                .map(c -> c.getName() + "=" + c.getValue())
                .collect(Collectors.joining("; "));
    }

    /**
     * Looks only at the page itself, which holds no frame; else every look opens a window of its own. Half a megabyte of script
     * is put into each page once.
     */
    private AxeBuilder axe() {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations")); // What passes need not be described node by node.
        AxeBuilder axe = new AxeBuilder().withOptions(options).setLegacyMode();
        if (Boolean.TRUE.equals(driver.executeScript("return 'axe' in window"))) {
            axe.setAxeScriptProvider(new StringAxeScriptProvider("// It is there already."));
        }
        axe.setTimeout(120);
        return axe;
    }

    void hasNoSeriousAccessibilityFinding() {
        hasNoSeriousFinding(axe());
    }

    /** What is shown now is known from here on; see {@link #hasNoSeriousFindingInWhatIsNew}. */
    void remembersWhatItShows() {
        driver.executeScript(
                "document.querySelectorAll('*').forEach(e => e.checkVisibility() && e.setAttribute('data-known', ''))");
    }

    /** Looks only at what was hidden before: the menu of a phone, the parts that take the place of wide ones. */
    void hasNoSeriousFindingInWhatIsNew() {
        Object shown = driver.executeScript("""
                const shown = [...document.body.querySelectorAll(':not([data-known])')].filter(e => e.checkVisibility());
                shown.forEach(e => e.setAttribute('data-new', ''));
                return shown.length;""");
        if (((Number) shown).intValue() > 0) {
            hasNoSeriousFinding(axe().include(List.of("[data-new]")));
        }
    }

    private void hasNoSeriousFinding(AxeBuilder axe) {
        var serious = axe.disableRules(NEVER_SERIOUS).analyze(driver).getViolations().stream()
                .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
                .map(v -> path() + ": " + v.getId() + " at "
                        + v.getNodes().getFirst().getTarget() + ": " + v.getHelp())
                .toList();
        assertThat(serious).isEmpty();
    }

    /** Errors in the console since last asked, leaving out answers that a test provoked on purpose. */
    void hasQuietConsole() {
        List<String> errors = driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .filter(e -> e.getLevel().intValue() >= Level.WARNING.intValue())
                .map(LogEntry::getMessage)
                .filter(m -> !m.contains("status of 422") && !m.contains("status of 404"))
                .toList();
        assertThat(errors).isEmpty();
    }

    /**
     * Takes from the page every part of which a like one (the same elements with the same classes, up to the root and down to the last)
     * was measured before, on this page or another. Measuring the contrast of one text costs milliseconds, and a template is made of parts
     * that look the same on all pages.
     *
     * @param measured what was, of one look; what is new is added
     */
    void keepsWhatIsNewIn(Set<String> measured) {
        Object fresh = driver.executeScript("""
                const states = ['class', 'style', 'disabled', 'hidden', 'open', 'aria-current', 'aria-pressed', 'aria-selected'];
                const own = e => e.tagName + states.map(s => e.getAttribute(s)).join();
                const whole = e => own(e) + '(' + [...e.children].map(whole).join() + ')';
                const hash = s => {
                    let a = 0xdeadbeef, b = 0x41c6ce57;
                    for (let i = 0; i < s.length; i++) {
                        a = Math.imul(a ^ s.charCodeAt(i), 2654435761);
                        b = Math.imul(b ^ s.charCodeAt(i), 1597334677);
                    }
                    return (a >>> 0).toString(36) + (b >>> 0).toString(36);
                };
                const seen = new Set(arguments[0]), fresh = [], over = [];
                const thin = (e, above) => {
                    for (const c of e.children) {
                        const path = hash(above + '>' + whole(c));
                        if (seen.has(path)) {
                            over.push(c);
                        } else {
                            seen.add(path);
                            fresh.push(path);
                            thin(c, above + '>' + own(c));
                        }
                    }
                };
                thin(document.body, own(document.documentElement) + own(document.body));
                over.forEach(e => e.remove());
                return fresh;""", List.copyOf(measured));
        ((List<?>) fresh).forEach(path -> measured.add(String.valueOf(path)));
    }

    /** Only the contrast, as far as it can be told. */
    void hasEnoughContrast() {
        var weak = axe().withOnlyRules(List.of("color-contrast")).analyze(driver).getViolations().stream()
                .map(v -> path() + ": " + v.getNodes().getFirst().getTarget() + ": " + v.getHelp())
                .toList();
        assertThat(weak).isEmpty();
    }

    void fitsItsWidth() {
        long wide = ((Number) run("return document.documentElement.scrollWidth - window.innerWidth")).longValue();
        assertThat(wide)
                .as("%s is wider than the window by so many pixels", path())
                .isLessThanOrEqualTo(0);
    }

    @Override
    public void close() {
        driver.quit();
    }
}
