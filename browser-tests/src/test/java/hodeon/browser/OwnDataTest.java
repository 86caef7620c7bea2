package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The user's own data: the first account, sudden death in the middle of saves, a damaged file. */
class OwnDataTest {

    @TempDir
    Path data;

    @Test
    void confirmedSavesOutliveAKilledProcess() throws Exception {
        Set<String> confirmed = ConcurrentHashMap.newKeySet();
        App app = App.withData(data);
        try (Browser browser = Browser.on(app)) {
            browser.open("/");
            browser.see("h2", "First account");
            browser.hasNoSeriousAccessibilityFinding();
            browser.type("#household", "Tidewrack Paddlers");
            browser.type("#name", "ottilie");
            browser.type("#password", Visitor.PASSWORD);
            browser.type("#again", Visitor.PASSWORD);
            browser.click(".act");
            browser.see("h1", "Tidewrack Paddlers");
            browser.see(".shelf", "Where do you want to begin?");
        }
        Visitor client = new Visitor(app, "ottilie");
        client.signIn();
        String token = client.token("/trips/new");
        String lot = client.lotOf(500, token);
        AtomicInteger used = new AtomicInteger();
        CountDownLatch usedEnough = new CountDownLatch(25);
        CountDownLatch savedEnough = new CountDownLatch(25);
        AtomicInteger next = new AtomicInteger();
        Thread[] savers = new Thread[4];
        savers[3] = Thread.ofVirtual().start(() -> {
            try {
                while (client.use(lot, token).statusCode() == 302) {
                    used.incrementAndGet();
                    usedEnough.countDown();
                }
            } catch (IOException | InterruptedException killed) {
                // As below.
            }
        });
        // Trips are saved only towards the end, so that few of them have to be opened afterwards.
        assertThat(usedEnough.await(2, TimeUnit.MINUTES)).isTrue();
        for (int i = 0; i < 3; i++) {
            savers[i] = Thread.ofVirtual().start(() -> {
                try {
                    while (true) {
                        String name = "Outing " + next.incrementAndGet() + " of many";
                        if (client.save(name, token).statusCode() == 302) {
                            confirmed.add(name);
                            savedEnough.countDown();
                        }
                    }
                } catch (IOException | InterruptedException killed) {
                    // The process is gone: what was in flight was never confirmed.
                }
            });
        }
        assertThat(savedEnough.await(2, TimeUnit.MINUTES)).isTrue();
        app.kill();
        for (Thread saver : savers) {
            saver.join();
        }
        try (App again = App.withData(data)) {
            Visitor after = new Visitor(again, "ottilie");
            after.signIn();
            String shelf = everyTrip(after);
            assertThat(confirmed).hasSizeGreaterThanOrEqualTo(25).allSatisfy(name -> assertThat(shelf)
                    .contains(">" + name + "<"));
            // What lies there is what came less what was used, whatever was in flight.
            String page = after.get(lot.substring(0, lot.indexOf('?'))).body();
            Matcher pieces = Pattern.compile("class=\"big\">(\\d+) ").matcher(page);
            assertThat(pieces.find()).isTrue();
            int movements = page.split("used from Shore shelf<", -1).length - 1;
            assertThat(Integer.parseInt(pieces.group(1))).isEqualTo(500 - movements);
            assertThat(movements).isBetween(used.get(), used.get() + 1);
            // No half-saved trip: every one on the shelf opens with its leg and its person.
            Matcher briefs = Pattern.compile("/trips/[0-9a-f-]+/brief").matcher(shelf);
            while (briefs.find()) {
                assertThat(after.get(briefs.group()).body()).contains("Ottilie Brandt", "legs[0].days");
            }
        }
    }

    /** The pages of the list of trips, one after the other. */
    private static String everyTrip(Visitor client) throws IOException, InterruptedException {
        StringBuilder all = new StringBuilder();
        for (int page = 1; ; page++) {
            String body = client.get("/trips?page=" + page).body();
            all.append(body);
            if (!body.contains("page=" + (page + 1))) {
                return all.toString();
            }
        }
    }

    @Test
    void aDamagedFileStopsTheStartWithAReasonAndIsLeftAlone() throws Exception {
        Path file = data.resolve("hodeon.mv.db");
        Files.writeString(file, "no database ".repeat(5000));
        App app = App.launch(data, false);
        assertThat(app.await()).isNotZero();
        assertThat(app.log())
                .contains(file + " cannot be read: it is damaged", "Put your last copy")
                .doesNotContain("\tat ");
        assertThat(file).content().startsWith("no database");
    }

    @Test
    void aSecondHodeonOnTheSameDataSaysSo() {
        try (App first = App.withData(data)) {
            App second = App.launch(data, false);
            assertThat(second.await()).isNotZero();
            assertThat(second.log()).contains("in use by another Hodeon").doesNotContain("\tat ");
            assertThat(first.log()).doesNotContain("ERROR");
        }
    }
}
