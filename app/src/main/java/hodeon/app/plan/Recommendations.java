package hodeon.app.plan;

import hodeon.core.choice.Solution;
import hodeon.core.plan.Holds;
import hodeon.core.plan.Planner;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.cache.Cache;
import org.springframework.cache.CacheManager;
import org.springframework.stereotype.Component;

/** Recommends a kit at once, and goes on proving it, one trip at a time, behind the page. */
@Component
class Recommendations {

    private static final Logger LOG = LoggerFactory.getLogger(Recommendations.class);

    /** The page that asked is put together first: on two cores the two would share what one of them needs. */
    private static final long AFTER_THE_PAGE_MS = 500;

    private final Questions questions;
    private final Cache cache;
    private final Duration patience;
    private final Set<Key> proving = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService prover = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("prover").factory());

    Recommendations(Questions questions, CacheManager caches, @Value("${hodeon.patience}") Duration patience) {
        this.questions = questions;
        this.patience = patience;
        this.cache = Objects.requireNonNull(caches.getCache("recommendations"));
    }

    private record Key(TripCase of, Holds holds) {}

    Recommendation of(TripCase of, Holds holds) {
        Key key = new Key(of, holds);
        Recommendation known = Objects.requireNonNull(cache.get(key, () -> first(key)));
        if (known.searching() && proving.add(key)) {
            prover.schedule(() -> prove(key, known), AFTER_THE_PAGE_MS, TimeUnit.MILLISECONDS);
        }
        return known;
    }

    private Recommendation first(Key key) {
        Planner planner = planner(key);
        Solution solution = planner.recommend(patience);
        return switch (solution) {
            case Solution.Found found -> {
                var pieces = planner.contents(found.quantities());
                yield new Recommendation(pieces, found, pieces, found.gap() > Planner.PROVEN_GAP);
            }
            case Solution.TooTight tight -> {
                var pieces = planner.contents(tight.lightest());
                yield new Recommendation(pieces, tight, pieces, false);
            }
        };
    }

    private void prove(Key key, Recommendation first) {
        try {
            Planner planner = planner(key);
            Solution proven = planner.prove(patience);
            boolean better = proven instanceof Solution.Found found
                    && first.solution() instanceof Solution.Found before
                    && found.net() >= before.net();
            cache.put(
                    key,
                    better
                            ? new Recommendation(
                                    planner.contents(((Solution.Found) proven).quantities()),
                                    proven,
                                    first.first(),
                                    false)
                            : new Recommendation(first.pieces(), first.solution(), first.first(), false));
        } catch (RuntimeException e) {
            LOG.error("A proof failed; the first answer stands.", e);
            cache.put(key, new Recommendation(first.pieces(), first.solution(), first.first(), false));
        } finally {
            proving.remove(key);
        }
    }

    private Planner planner(Key key) {
        return new Planner(questions.of(key.of(), key.holds()));
    }

    @PreDestroy
    void stop() {
        prover.shutdownNow();
    }
}
