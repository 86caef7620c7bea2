package hodeon.app.taken;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Ticker;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;

/** So many calls of each in so much time, so that nobody empties a kit on paper or guesses codes. */
final class Quota {

    private static final int MOST_KNOWN = 10_000;

    private final int most;
    private final Cache<String, AtomicInteger> calls;

    Quota(int most, Duration in, Ticker ticker) {
        this.most = most;
        this.calls = Caffeine.newBuilder()
                .expireAfterWrite(in)
                .maximumSize(MOST_KNOWN)
                .ticker(ticker)
                .executor(Runnable::run)
                .build();
    }

    /** Counts one more; false where that is one too many until the time since the first is over. */
    boolean takes(String who) {
        return calls.get(who, w -> new AtomicInteger()).incrementAndGet() <= most;
    }
}
