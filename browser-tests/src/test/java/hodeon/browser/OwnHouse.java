package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A copy of the sample household for one test alone, in the shared demo and made as people would: invited, with an account of its own, a
 * household founded and a backup put into it. A second, where a demo of its own takes half a minute.
 *
 * @param keeper the name its only member signs in with
 */
record OwnHouse(String keeper) {

    private static final AtomicInteger MADE = new AtomicInteger();

    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    /** The same things under other ids: two households of one house own none together. Its checksum would tell, so it goes without. */
    private static byte[] renumbered(byte[] backup) {
        Map<String, String> others = new HashMap<>();
        return ID.matcher(new String(backup, StandardCharsets.UTF_8).replaceFirst("\"checksum\" : \"[0-9a-f]+\",", ""))
                .replaceAll(id -> others.computeIfAbsent(
                        id.group(), old -> UUID.randomUUID().toString()))
                .getBytes(StandardCharsets.UTF_8);
    }

    static OwnHouse make() {
        try {
            App app = SampleApp.get();
            Visitor sample = Visitor.ofSample(app);
            Matcher link = Pattern.compile("(/join/[A-Z0-9-]+)<")
                    .matcher(sample.post(
                                    "/settings/members/invite",
                                    Map.of("_csrf", sample.token("/trips/new"), "role", "VIEWER"))
                            .headers()
                            .firstValue("Location")
                            .map(sample::page)
                            .orElseThrow());
            assertThat(link.find()).isTrue();
            String name = "keeper " + MADE.incrementAndGet();
            Visitor joining = new Visitor(app, name);
            joining.post(
                    link.group(1),
                    Map.of(
                            "_csrf",
                            joining.token(link.group(1)),
                            "name",
                            name,
                            "password",
                            Visitor.PASSWORD,
                            "again",
                            Visitor.PASSWORD));
            Visitor keeper = new Visitor(app, name);
            keeper.signIn();
            String token = keeper.token("/households");
            keeper.post("/households/found", Map.of("_csrf", token, "name", "Tidewrack Paddlers"));
            HttpResponse<String> put =
                    keeper.upload("/backup", token, "household.json", renumbered(SampleApp.household()));
            assertThat(put.statusCode()).as(put.body()).isEqualTo(302);
            return new OwnHouse(name);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
