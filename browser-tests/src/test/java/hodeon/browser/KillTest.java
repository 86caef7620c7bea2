package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/**
 * Two members take from the same box while the process is killed, again and again: what was confirmed to each is there and under their name,
 * and the box holds what it should. Every day {@link OwnDataTest} kills it once; this kills it five
 * times with {@code ./hodeon test --thorough}, {@code -Dhodeon.rounds=20} twenty times.
 */
@EnabledIfSystemProperty(named = "hodeon.thorough", matches = "true")
class KillTest {

    private static final int ROUNDS = Integer.getInteger("hodeon.rounds", 5);
    private static final int PIECES = 9_000;

    @TempDir
    Path data;

    private static final class Taker {

        private final String name;
        private final AtomicInteger confirmed = new AtomicInteger();
        private final AtomicInteger inFlight = new AtomicInteger();

        Taker(String name) {
            this.name = name;
        }
    }

    @Test
    void whatWasConfirmedToEitherIsThereAfterEveryKill() throws Exception {
        List<Taker> takers = List.of(new Taker("ottilie"), new Taker("wilma"));
        String lot = "";
        Random random = new Random(7);
        for (int round = 0; round <= ROUNDS; round++) {
            App app = App.withData(data);
            if (round == 0) {
                lot = begin(app);
            } else {
                looksRight(app, lot, takers);
            }
            if (round == ROUNDS) {
                app.close();
                return;
            }
            CountDownLatch enough = new CountDownLatch(20 + random.nextInt(40));
            String of = lot;
            List<Thread> threads = takers.stream()
                    .map(t -> Thread.ofVirtual().start(() -> take(app, t, of, enough)))
                    .toList();
            assertThat(enough.await(2, TimeUnit.MINUTES)).isTrue();
            app.kill();
            for (Thread thread : threads) {
                thread.join();
            }
        }
    }

    /** The first account, a box of wipes, and a second member by invitation. */
    private static String begin(App app) throws IOException, InterruptedException {
        Visitor keeper = new Visitor(app, "ottilie");
        keeper.post(
                "/first-run",
                Map.of(
                        "_csrf",
                        keeper.token("/first-run"),
                        "household",
                        "Tidewrack Paddlers",
                        "name",
                        "ottilie",
                        "password",
                        Visitor.PASSWORD,
                        "again",
                        Visitor.PASSWORD));
        String token = keeper.token("/trips/new");
        String lot = keeper.lotOf(PIECES, token);
        keeper.post("/settings/members/invite", Map.of("_csrf", token, "role", "MEMBER"));
        Matcher link = Pattern.compile("(/join/[A-Z0-9-]+)<")
                .matcher(keeper.get("/settings/members").body());
        assertThat(link.find()).isTrue();
        Visitor second = new Visitor(app, "wilma");
        HttpResponse<String> joined = second.post(
                link.group(1),
                Map.of(
                        "_csrf",
                        second.token(link.group(1)),
                        "name",
                        "wilma",
                        "password",
                        Visitor.PASSWORD,
                        "again",
                        Visitor.PASSWORD));
        assertThat(joined.statusCode()).isEqualTo(302);
        return lot;
    }

    private static void take(App app, Taker taker, String lot, CountDownLatch enough) {
        try {
            Visitor visitor = new Visitor(app, taker.name);
            visitor.signIn();
            String token = visitor.token("/trips/new");
            while (true) {
                taker.inFlight.set(1);
                if (visitor.use(lot, token).statusCode() == 302) {
                    taker.confirmed.incrementAndGet();
                    enough.countDown();
                }
                taker.inFlight.set(0);
            }
        } catch (IOException | InterruptedException killed) {
            // What was in flight was never confirmed, and may be there or not.
        }
    }

    private static void looksRight(App app, String lot, List<Taker> takers) throws IOException, InterruptedException {
        Visitor visitor = new Visitor(app, "ottilie");
        visitor.signIn();
        String page = visitor.get(lot.substring(0, lot.indexOf('?'))).body();
        int moved = 0;
        for (Taker taker : takers) {
            int theirs = page.split(
                                    "used from Shore shelf</a></td>\\s*<td[^>]*>[^<]*</td>\\s*<td><span>" + taker.name
                                            + "</span>",
                                    -1)
                            .length
                    - 1;
            assertThat(theirs)
                    .as(taker.name)
                    .isBetween(taker.confirmed.get(), taker.confirmed.get() + taker.inFlight.get());
            // What was in flight and is there was saved: from now on it counts as what it is.
            taker.confirmed.set(theirs);
            moved += theirs;
        }
        Matcher pieces = Pattern.compile("class=\"big\">([\\d,. ]+?) ").matcher(page);
        assertThat(pieces.find()).isTrue();
        assertThat(Integer.parseInt(pieces.group(1).replaceAll("\\D", ""))).isEqualTo(PIECES - moved);
    }
}
