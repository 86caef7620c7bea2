package hodeon.app.household.door;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Slows guessing at the door down: per name at an address, per name anywhere, and per address whatever the name. Each may try a few times
 * at once, fewer over an hour and fewer still over a day, so that the waits grow; a sign-in that succeeds gives its name back.
 */
@Component
class Throttle {

    /** Distinct names and addresses that are remembered at most. */
    private static final int MOST_REMEMBERED = 50_000;

    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterAccess(Duration.ofDays(1))
            .build();

    /** How long to wait before the next try; empty for none. A try that may be made counts. */
    Optional<Duration> tried(String name, String address) {
        // A school signs in from one address, so an address may try more often than a name.
        Bucket whole = bucket("@" + address, 60, 300, 2000);
        List<Bucket> asked = name.isBlank()
                ? List.of(whole)
                : List.of(bucket(here(name, address), 5, 20, 50), whole, bucket(anywhere(name), 20, 60, 200));
        // The narrowest first: what it refuses does not count against the name elsewhere.
        for (Bucket bucket : asked) {
            ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(1);
            if (!probe.isConsumed()) {
                return Optional.of(Duration.ofNanos(probe.getNanosToWaitForRefill()));
            }
        }
        return Optional.empty();
    }

    void succeeded(String name, String address) {
        buckets.invalidate(here(name, address));
        buckets.invalidate(anywhere(name));
    }

    private static String here(String name, String address) {
        return anywhere(name) + "@" + address;
    }

    private static String anywhere(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    private Bucket bucket(String key, int aMinute, int anHour, int aDay) {
        return buckets.get(key, k -> Bucket.builder()
                .addLimit(l -> l.capacity(aMinute).refillIntervally(aMinute, Duration.ofMinutes(1)))
                .addLimit(l -> l.capacity(anHour).refillIntervally(anHour, Duration.ofHours(1)))
                .addLimit(l -> l.capacity(aDay).refillIntervally(aDay, Duration.ofDays(1)))
                .build());
    }
}
