package hodeon.app.mat.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.cache.CacheManager;
import org.springframework.cache.caffeine.CaffeineCache;

class WarmUpTest extends WebTest {

    @Autowired
    WarmUp warmUp;

    @Autowired
    CacheManager caches;

    /** How many kits have been recommended for a trip: other trips of other tests are warmed up meanwhile. */
    private long recommended(String name) {
        CaffeineCache cache = (CaffeineCache) Objects.requireNonNull(caches.getCache("recommendations"));
        return cache.getNativeCache().asMap().keySet().stream()
                .filter(key -> key.toString().contains(name))
                .count();
    }

    @Test
    void theMatOfTheNextOutingIsLaidOutBeforeAnybodyOpensIt() throws Exception {
        LocalDate today = LocalDate.now();
        // Sooner than whatever other tests have left in the database.
        String name = "Under way " + UUID.randomUUID();
        String under = trip(mine, brief(name, today.minusDays(50), today.plusDays(1)));
        assertThat(warmUp.layOut()).isPositive();
        long laidOut = recommended(name);
        assertThat(laidOut).isPositive();
        open(mine, under + "/mat").andExpect(status().isOk());
        assertThat(recommended(name)).isEqualTo(laidOut);
    }
}
