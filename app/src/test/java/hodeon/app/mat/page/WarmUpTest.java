package hodeon.app.mat.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import java.time.LocalDate;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.cache.CacheManager;
import org.springframework.cache.caffeine.CaffeineCache;

class WarmUpTest extends WebTest {

    @Autowired
    WarmUp warmUp;

    @Autowired
    CacheManager caches;

    /** How many kits had to be recommended because nobody had asked before. */
    private long recommended() {
        CaffeineCache cache = (CaffeineCache) Objects.requireNonNull(caches.getCache("recommendations"));
        return cache.getNativeCache().stats().loadCount();
    }

    @Test
    void theMatOfTheNextOutingIsLaidOutBeforeAnybodyOpensIt() throws Exception {
        LocalDate today = LocalDate.now();
        // Sooner than whatever other tests have left in the database.
        String under = trip(mine, brief("Under way", today.minusDays(50), today.plusDays(1)));
        long before = recommended();
        assertThat(warmUp.layOut()).isPositive();
        assertThat(recommended()).isGreaterThan(before);
        long laidOut = recommended();
        open(mine, under + "/mat").andExpect(status().isOk());
        assertThat(recommended()).isEqualTo(laidOut);
    }
}
