package hodeon.app.sample;

import hodeon.app.brief.TripService;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.SampleAccount;
import hodeon.app.household.token.AccessTokens;
import hodeon.app.journal.UseLog;
import hodeon.app.kits.list.ListService;
import hodeon.app.mat.MatService;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an empty demo with the invented Tidewrack Paddlers, before the first page can be asked for. All made up. */
@Component
@ConditionalOnProperty("hodeon.demo")
class SampleHousehold implements SmartInitializingSingleton {

    private final HouseholdService households;
    private final TripService trips;
    private final ListService lists;
    private final MatService mats;
    private final UseLog log;
    private final SampleStock stock;
    private final SampleKits kits;
    private final SamplePeople people;
    private final AccessTokens tokens;
    private final Clock clock;
    private final Path data;

    SampleHousehold(
            HouseholdService households,
            TripService trips,
            ListService lists,
            MatService mats,
            UseLog log,
            SampleStock stock,
            SampleKits kits,
            SamplePeople people,
            AccessTokens tokens,
            Clock clock,
            @Value("${hodeon.data}") Path data) {
        this.households = households;
        this.trips = trips;
        this.lists = lists;
        this.mats = mats;
        this.log = log;
        this.stock = stock;
        this.kits = kits;
        this.people = people;
        this.tokens = tokens;
        this.clock = clock;
        this.data = data;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!households.isEmpty()) {
            return;
        }
        String nobodyKnowsIt = UUID.randomUUID().toString();
        UUID household = households.createAnother("Tidewrack Paddlers", SampleAccount.SIGN_IN_NAME, nobodyKnowsIt);
        LocalDate today = LocalDate.now(clock);
        people.writeDown(household, today);
        trips.add(household, SampleTrips.skerryRing(today));
        trips.add(household, SampleTrips.lanternHutTraverse(today));
        UUID shakedown = trips.add(household, SampleTrips.springShakedown(today));
        UUID deckPouch = lists.save(household, shakedown, "Deck pouch", SampleTrips.DECK_POUCH);
        UUID sealCount = trips.add(household, SampleTrips.sealCount(today));
        mats.begin(household, sealCount, SampleTrips.SWEEP_ROLL);
        UUID sweepRoll = lists.save(household, sealCount, "Sweep boat roll", SampleTrips.SWEEP_ROLL);
        stock.fill(household, deckPouch, sweepRoll, shakedown, today);
        kits.stand(household, today);
        log.add(household, shakedown, SampleTrips.shakedownLog(today));
        log.learn(household, shakedown, true);
        keepToken(tokens.make(
                households.loadUserByUsername(SampleAccount.SIGN_IN_NAME), "printed at the start of the demo"));
    }

    /** Where ./hodeon demo finds it to print it. */
    private void keepToken(String token) {
        try {
            Files.writeString(data.resolve("sample-token"), token);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
