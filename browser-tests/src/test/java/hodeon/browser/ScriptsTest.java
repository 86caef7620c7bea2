package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** Each script by itself on a few elements of its own, without the application's pages. */
@Execution(ExecutionMode.SAME_THREAD)
class ScriptsTest {

    private static final Path SCRIPTS = Path.of(System.getProperty("hodeon.root"), "app/src/main/resources/static/js");

    private static Browser browser;

    @BeforeAll
    static void begin() {
        browser = Browser.on(SampleApp.get());
    }

    @AfterAll
    static void end() {
        browser.close();
    }

    /**
     * What {@code act} returns, with the component as {@code c} on the first element of {@code html}.
     *
     * @param script without its ending
     * @param component as the script registers it; empty for a script that registers none
     */
    private static Object with(String script, String component, String html, String act) throws IOException {
        browser.open("/actuator/health"); // An address of ours that brings no script along.
        return browser.run(
                "document.body.innerHTML = arguments[0];"
                        + "const known = {}; window.Alpine = { data: (name, make) => { known[name] = make; } };"
                        + Files.readString(SCRIPTS.resolveSibling("wording").resolve("en.js"))
                        + Files.readString(SCRIPTS.resolve("says.js"))
                        + Files.readString(SCRIPTS.resolve("notes.js"))
                        + Files.readString(SCRIPTS.resolve(script + ".js"))
                        + "\n;document.dispatchEvent(new Event('alpine:init'));"
                        + "const root = document.body.firstElementChild;"
                        + "const c = arguments[1] ? known[arguments[1]]() : null;"
                        + "if (c) { c.$root = root; c.$refs = Object.fromEntries("
                        + "  [...document.querySelectorAll('[x-ref]')].map(e => [e.getAttribute('x-ref'), e])); }"
                        + "const $ = (css) => document.querySelector(css);"
                        + act,
                html,
                component);
    }

    @Test
    void aNumberNamesTheUnitOfWhatWasChosen() throws IOException {
        assertThat(with("unit", "unit", """
                <form><select name="supply"><option value="a" data-unit="wipes"></option>
                <option value="b" data-unit="rolls"></option></select> <b class="unit">wipes</b></form>""", """
                $('select').value = 'b';
                c.chosen({ target: $('select') });
                c.chosen({ target: { name: 'place' } });
                return $('.unit').textContent""")).isEqualTo("rolls");
    }

    @Test
    void timeAndZoneComeFromTheDeviceUnlessSomethingWasTyped() throws IOException {
        String html = "<form><input x-ref='at' value='%s' %s><input x-ref='zone' value='Etc/UTC'></form>";
        String both = "c.init(); return [c.$refs.at.value.length, c.$refs.zone.value === "
                + "Intl.DateTimeFormat().resolvedOptions().timeZone]";
        assertThat(with("zone", "zone", html.formatted("", ""), both)).isEqualTo(List.of(16L, true));
        String typed = "c.init(); return c.$refs.at.value";
        assertThat(with("zone", "zone", html.formatted("08:00", "data-typed='yes'"), typed))
                .isEqualTo("08:00");
    }

    @Test
    void aChoiceOfHowToLookIsSentAtOnceAndPaperIsPrinted() throws IOException {
        assertThat(with("choices", "choices", "<form><select></select></form>", """
                let sent = 0; root.requestSubmit = () => { sent += 1; };
                c.init(); c.looked({ target: $('select') });
                return [c.scriptless, sent]"""))
                .isEqualTo(List.of(false, 1L));
        assertThat(with(
                        "paper",
                        "paper",
                        "<p></p>",
                        "let n = 0; window.print = () => { n += 1; }; c.print(); return n"))
                .isEqualTo(1L);
    }

    @Test
    void theHandleOfTheCurveGoesByKeysFromEndToEnd() throws IOException {
        String choice = "<g class='curve-choice' data-point='%1$s' data-says='point %1$s'>"
                + "<circle class='curve-dot' cx='%1$s0' cy='5'/></g>";
        String html = "<div data-point='1'><svg>" + choice.formatted(0) + choice.formatted(1) + choice.formatted(2)
                + "<g class='curve-handle'></g></svg><p class='curve-panel' data-point='0'></p>"
                + "<p class='curve-panel' data-point='2'></p><input id='from-point'></div>";
        assertThat(with("curve", "curve", html, """
                c.init();
                const press = (key) => { c.key({ key, preventDefault() {} }); return c.point; };
                const went = [press('End'), press('ArrowRight'), press('ArrowLeft'), press('Home'), press('x'), press('PageUp')];
                return [went.join(' '), $('.curve-handle').getAttribute('aria-valuetext'), $('#from-point').value,
                    $('.curve-panel').hidden]""")).isEqualTo(List.of("2 2 1 0 0 2", "point 2", "2", true));
    }

    @Test
    void aListIsDroppedIntoItsFieldUnlessItIsTooLargeAndATableIsSent() throws IOException {
        String form =
                "<form><textarea></textarea><p id='file-said'></p><input type='file' id='file'><button id='read-file'></button></form>";
        assertThat(with("drop", "drop", form, """
                c.dropped({ dataTransfer: { files: [], getData: () => 'two wipes' } });
                const text = $('textarea').value;
                c.chosen({ target: { files: [{ name: 'big.txt', size: 300000 }] } });
                let sent = ''; c.$root.requestSubmit = (button) => { sent = button.id; };
                c.chosen({ target: { files: [{ name: 'kit.xlsx', size: 300 }] } });
                return [text, $('textarea').value, $('#file-said').textContent, sent]"""))
                .isEqualTo(List.of(
                        "two wipes",
                        "two wipes",
                        "“big.txt” has 300 kB; a list has at most 200 kB. Split it.",
                        "read-file"));
    }

    @Test
    void whatTakesLongSaysWhatItIsOnlyAfterHalfASecond() throws IOException {
        assertThat(with(
                        "wait",
                        "wait",
                        "<div><a id='other' href='/x'></a><a id='here' href='/x' x-target.replace='mat'></a><form></form></div>",
                        """
                const later = []; window.setTimeout = (run, ms) => later.push([run, ms]); window.clearTimeout = () => {};
                c.begin('/trips/x/mat/curve', $('#here'));
                const before = [c.shown, c.what, later[0][1]];
                later[0][0](); const shown = c.shown; c.answered();
                c.begin('/trips/x/mat', $('#here')); const mat = c.what; c.begin('/anything', $('#here'));
                return [...before, shown, c.shown, mat, c.what]"""))
                .isEqualTo(List.of(
                        false,
                        "Working out the best kit for each of a row of weights",
                        500L,
                        true,
                        false,
                        "Balancing the kit",
                        "Working"));
    }

    @Test
    void whoWaitsForAnotherPageIsNotAnsweredByWhatThePageAsksItself() throws IOException {
        assertThat(with(
                        "wait",
                        "wait",
                        "<div><a id='other' href='/x'></a><a id='here' href='/x' x-target.replace='mat'></a><form></form></div>",
                        """
                const later = []; window.setTimeout = (run) => later.push(run); window.clearTimeout = () => {};
                const shown = (by, then) => { c.begin('/x', by); later.pop()(); then(); const is = c.shown; c.came(); return is; };
                c.submitted({ target: $('form'), defaultPrevented: true });
                return [later.length === 0, shown($('#other'), () => c.answered()), shown($('#here'), () => c.answered()),
                    shown($('#other'), () => c.came())]"""))
                .isEqualTo(List.of(true, true, false, false));
    }

    /** A note of one outing counts on everybody's clock too; somebody else's does not. */
    @Test
    void dosesThatWaitOnTheDeviceCountWhicheverOutingTheyAreOf() throws IOException {
        assertThat(with("dose-clock", "doseClock", "<div data-person='beck' data-zone='Etc/UTC'></div>", """
                localStorage.clear();
                localStorage.setItem('hodeon-trail-.a', JSON.stringify([{ person: 'beck', at: '2027-06-12T10:00', zone: 'Etc/UTC',
                  used: { tablets: 2 } }, { person: 'lumi', used: { tablets: 1 } }]));
                localStorage.setItem('hodeon-trail-.b', JSON.stringify([{ person: 'beck', used: { wipe: 1 } }]));
                localStorage.setItem('hodeon-aid-a', '{}');
                c.book = { noted: [], packs: [{ supply: 'tablets', product: 'p', amounts: [{ units: 1000, holds: {} },
                  { units: 2000, holds: {} }] }] };
                const waiting = c.waiting();
                const whole = c.whole(waiting);
                c.book.packs[0].amounts.pop();
                const unknown = c.whole(waiting);
                localStorage.clear();
                return [waiting.length, whole.noted.length, whole.noted[0].units,
                    whole.noted[0].at === Date.parse('2027-06-12T10:00Z'), unknown];"""))
                .isEqualTo(Arrays.asList(2L, 1L, 2000L, true, null));
    }

    @Test
    void keysOnATilePressWhatItsButtonsDoAndUndoIsHeardOutsideOfText() throws IOException {
        assertThat(with("mat", "mat", """
                <div><form id="change"></form><button id="undo"></button><button id="redo"></button>
                <section class="tile pinned" data-supply="wipe"><button class="tile-open"></button>
                <button class="plus" formaction="/trips/x/mat/plus?look=1"></button></section><input id="text"></div>""", """
                const went = [];
                document.addEventListener('click', (e) => { e.preventDefault();
                    went.push(e.target.id || e.target.getAttribute('formaction') + ' ' + e.target.value); });
                const key = (key) => c.key({ key, target: $('.tile-open'), preventDefault() {} });
                ['+', '-', 'p', 'x', 'q'].forEach(key);
                const turn = (key, shiftKey, target) => c.turn({ key, shiftKey, ctrlKey: true, target, preventDefault() {} });
                turn('z', false, $('.tile')); turn('Z', true, $('.tile')); turn('y', false, $('.tile')); turn('z', false, $('#text'));
                return went.join(', ')"""))
                .isEqualTo(
                        "/trips/x/mat/plus?look=1 wipe, /trips/x/mat/minus?look=1 wipe, /trips/x/mat/unpin?look=1 wipe,"
                                + " /trips/x/mat/ban?look=1 wipe, undo, redo, redo");
    }

    @Test
    void lettersPressWhatCarriesThemButNotWhileSomebodyTypes() throws IOException {
        assertThat(with("house", "house", """
                <div><dialog id="keys-sheet"></dialog><dialog id="find-sheet"></dialog>
                <button data-key="b"></button><input id="text"></div>""", """
                let pressed = 0; $('[data-key]').addEventListener('click', () => { pressed += 1; });
                const key = (key, target = $('div'), more = {}) => c.key({ key, target, preventDefault() {}, ...more });
                key('b'); key('b', $('#text')); key('b', $('div'), { ctrlKey: true }); key('"');
                key('?'); const keys = $('#keys-sheet').open; key('/');
                return [pressed, keys, $('#find-sheet').open]""")).isEqualTo(List.of(1L, true, true));
    }

    @Test
    void whatOneLegLosesTheNextGains() throws IOException {
        String leg = "<p class='leg'><input name='legs[%s].days' value='%s'>"
                + "<select name='legs[%s].activity'><option>Paddling</option></select></p>";
        assertThat(with(
                        "brief",
                        "brief",
                        "<form id='brief'><input id='start' value='2027-06-12'>"
                                + "<input id='end' value='2027-06-15'><div id='legs'>" + leg.formatted(0, "1,5", 0)
                                + leg.formatted(1, "2.5", 1)
                                + "</div><svg id='day-strip'></svg></form>",
                        """
                c.strip();
                const edge = $('.strip-edge').getAttribute('aria-valuetext');
                c.shift(0, 2); const moved = c.legs().map((l) => l.halfDays).join(' ');
                c.shift(0, 99); const most = c.legs().map((l) => l.halfDays).join(' ');
                return [c.days(), edge, moved, most]"""))
                .isEqualTo(List.of(4L, "1.5 days, then 2.5 days of Paddling", "5 3", "7 1"));
    }

    @Test
    void aNoteWaitsOnTheDeviceUntilTheServerHasTakenItOnce() throws IOException {
        assertThat(with(
                        "trail",
                        "trail",
                        "<div data-trip='t1'><p id='trail-state'></p><ul id='trail-waiting'></ul>"
                                + "<template id='trail-line'><li><b data-part='what'></b><i data-part='fault'></i>"
                                + "<button data-part='change'></button><button data-part='drop'></button><form></form></li></template></div>",
                        """
                c.store = 'scripts-test'; localStorage.clear();
                const note = (id) => ({ id, name: 'Blister', who: 'Sef', at: '2027-06-12T10:00', zone: 'Etc/UTC' });
                const answers = [];
                const posted = [];
                window.fetch = async (address, options) => {
                  if (address.endsWith('/token')) return { redirected: false, json: async () => ({ header: 'h', token: 't' }) };
                  posted.push(JSON.parse(options.body).id);
                  const status = answers.shift();
                  if (!status) throw new Error('out of reach');
                  return { status, json: async () => ({ faults: ['Too old.'], counted: [] }) };
                };
                const said = [];
                const send = async (...statuses) => { answers.push(...statuses); await c.send(); said.push($('#trail-state').textContent); };
                return (async () => {
                  c.keep([note('a'), note('b')]);
                  await send(); await send(201, 422); await send();
                  c.keep([note('c')]);
                  await send(409);
                  const other = c.waiting()[0].id;
                  return [...said, posted.join(' '), other !== 'c', c.waiting().length];
                })()"""))
                .isEqualTo(List.of(
                        "2 notes wait on this device: the server is out of reach.",
                        "All 1 sent. 1 could not be taken: see below.",
                        "All 1 sent. 1 could not be taken: see below.",
                        "1 note waits on this device.",
                        "a a b c",
                        true,
                        1L));
    }

    @Test
    void aPageThatWasKeptIsShownWhenTheServerIsOutOfReach() throws IOException {
        assertThat(with("trail-worker", "", "<p></p>", """
                const reached = window.fetch;
                return (async () => {
                  await caches.delete(KEPT);
                  const dated = (words, days) => new Response(words, { status: 200,
                    headers: { date: new Date(Date.now() - days * 86400000).toUTCString() } });
                  let told = null;
                  window.fetch = async (a) => dated(String(a) === '/kept' ? 'out of reach' : `words of ${a}`, a === '/old' ? 15 : 0);
                  await keep(['/trips/x/trail', '/old'], { postMessage: (m) => { told = m; } });
                  window.fetch = async () => { throw new Error('out of reach'); };
                  const kept = await page(new Request('/trips/x/trail?again=1'));
                  const not = await page(new Request('/trips/x/other'));
                  const old = await page(new Request('/old'));
                  const said = [await kept.text(), await not.text(), await old.text(), told.kept, told.missed];
                  await caches.delete(KEPT);
                  window.fetch = reached;
                  return said;
                })()"""))
                .isEqualTo(List.of("words of /trips/x/trail", "out of reach", "out of reach", 2L, 0L));
    }

    @Test
    void aTickShowsAtOnceWaitsAndIsSentOnce() throws IOException {
        assertThat(with("shop", "shop", """
                <div data-kinds="2"><span id="in-basket"></span><p id="ticks-wait"></p><li class="buy" data-supply="tape">
                <form action="/restock/tick"><input name="supply" value="tape"><input name="bought" value="true"><button class="tick">
                </button></form></li></div>""", """
                localStorage.removeItem('hodeon-ticks');
                const reached = window.fetch; const sent = [];
                return (async () => {
                  window.fetch = async () => { throw new Error('out of reach'); };
                  c.tick({ preventDefault() {}, target: $('form') });
                  const shown = [$('#in-basket').textContent, $('.tick').textContent, localStorage.getItem('hodeon-ticks')];
                  await new Promise((r) => setTimeout(r, 20));
                  const waits = $('#ticks-wait').textContent.startsWith('Your ticks wait');
                  window.fetch = async (a, b) => { sent.push(b.body.get('supply') + b.body.get('bought')); return new Response('', { status: 200 }); };
                  await c.send();
                  window.fetch = reached;
                  return [...shown, waits, sent.join(), localStorage.getItem('hodeon-ticks')];
                })()"""))
                .isEqualTo(List.of("1 of 2 in the basket", "✓", "{\"tape\":\"true\"}", true, "tapetrue", "{}"));
    }

    @Test
    void everyPressKeepsItsTimeAndASlipIsTakenBack() throws IOException {
        assertThat(with("aid", "aid", """
                <div data-aid="bleed" data-aid-trip="t1"><button class="aid-line"><span>Press hard</span></button>
                <button class="aid-line"><span>Call</span></button><p data-whom="ADULT PREGNANT"></p><p data-whom="CHILD"></p>
                <button data-for="ADULT"></button><button data-for="CHILD"></button>
                <div class="aid-times"><ol></ol></div></div>""", """
                localStorage.clear();
                localStorage.setItem('hodeon-aid-t1-bleed',
                    JSON.stringify({ moments: [{ at: '2020-01-01T10:00:00', what: 'Call' }], clocks: {} }));
                c.init(); const old = c.kept().moments.length;
                const [press, call] = c.all('.aid-line');
                c.press({ target: press }); c.press({ target: call }); c.press({ target: press });
                c.chosen('CHILD'); const child = c.all('[data-whom]').map((l) => l.hidden);
                c.chosen('NOBODY'); const adult = c.all('[data-whom]').map((l) => l.hidden);
                c.destroy();
                return [old, c.kept().moments.map((m) => m.what).join(), child.join(), adult.join(),
                    c.clockFace(59), c.clockFace(3725)]"""))
                .isEqualTo(List.of(0L, "Call", "true,false", "false,true", "0:59", "1:02:05"));
    }

    @Test
    void theListOfWhatCanHappenIsNarrowedByWhatIsTyped() throws IOException {
        assertThat(with("aid", "aidList", """
                <div><section class="aid-choice"><details><ul><li>Blister</li><li>Burn</li></ul></details>
                <details><ul><li>Stroke</li></ul></details></section></div>""", """
                c.narrow({ target: { value: ' bLi ' } });
                return [[...document.querySelectorAll('li')].map((l) => l.hidden).join(),
                    [...document.querySelectorAll('details')].map((d) => d.open + ' ' + d.hidden).join()]""")).isEqualTo(List.of("false,true,true", "true false,false true"));
    }
}
