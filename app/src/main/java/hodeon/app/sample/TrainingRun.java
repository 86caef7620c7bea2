package hodeon.app.sample;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.SampleAccount;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The run from which the ahead-of-time cache is made: it opens what people open first, so that the code of the first mat is ready when
 * somebody asks for it, and ends.
 */
@Component
@ConditionalOnProperty("hodeon.training")
class TrainingRun {

    private static final Logger LOG = LoggerFactory.getLogger(TrainingRun.class);
    private static final List<String> PAGES = List.of("brief", "odds", "mat", "mat/curve", "ready");
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final TripService trips;
    private final HouseholdService households;
    private final WebServerApplicationContext server;
    private final ConfigurableApplicationContext context;
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();

    TrainingRun(
            TripService trips,
            HouseholdService households,
            WebServerApplicationContext server,
            ConfigurableApplicationContext context) {
        this.trips = trips;
        this.households = households;
        this.server = server;
        this.context = context;
    }

    @EventListener
    void ready(ApplicationReadyEvent ready) throws IOException, InterruptedException {
        Matcher token = TOKEN.matcher(get("/sign-in"));
        if (token.find()) {
            client.send(
                    to("/sample-tour")
                            .header("Content-Type", "application/x-www-form-urlencoded")
                            .POST(BodyPublishers.ofString("_csrf=" + token.group(1)))
                            .build(),
                    BodyHandlers.discarding());
        }
        Member member = households.loadUserByUsername(SampleAccount.SIGN_IN_NAME);
        get("/");
        for (StoredTrip trip : trips.all(member.householdId())) {
            for (String page : PAGES) {
                LOG.info(
                        "Trained on {} of {}: {} characters",
                        page,
                        trip.trip().name(),
                        get("/trips/" + trip.id() + "/" + page).length());
            }
        }
        context.close();
    }

    private HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create("http://localhost:"
                + Objects.requireNonNull(server.getWebServer()).getPort() + path));
    }

    private String get(String path) throws IOException, InterruptedException {
        return client.send(to(path).build(), BodyHandlers.ofString()).body();
    }
}
