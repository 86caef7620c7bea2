package hodeon.app.plan;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.Executors;
import org.springframework.boot.cache.autoconfigure.CacheManagerCustomizer;
import org.springframework.cache.caffeine.CaffeineCacheManager;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Answers are computed once for a key and outside the cache's locks: whoever asks for the same waits for that one computation,
 * whoever asks for another is held up by nobody. Threads are made as they are needed, because an answer may ask for another.
 */
@Configuration
class Computations {

    private static final int MOST_ANSWERS = 200;
    private static final Duration KEPT = Duration.ofMinutes(30);

    @Bean
    CacheManagerCustomizer<CaffeineCacheManager> outsideLocks() {
        Caffeine<Object, Object> answers = Caffeine.newBuilder()
                .maximumSize(MOST_ANSWERS)
                .expireAfterAccess(KEPT)
                .recordStats()
                .executor(Executors.newCachedThreadPool(
                        Thread.ofPlatform().daemon().name("answer-", 0).factory()));
        return caches -> {
            caches.setCaffeine(answers);
            caches.setAsyncCacheMode(true);
        };
    }
}
