package hodeon.app.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hodeon.app.need.Forecasts;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import org.springframework.stereotype.Component;

/**
 * Puts a trip's question together once for all who ask it: the first answer, its proof, what is left out, and the weighing of every kit
 * with the same holds.
 */
@Component
class Questions {

    /** Of the trips that are worked on just now; a question is large. */
    private static final int MOST_KEPT = 16;

    private final Forecasts forecasts;
    private final Cache<Key, KitQuestion> kept =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    Questions(Forecasts forecasts) {
        this.forecasts = forecasts;
    }

    private record Key(TripCase of, Holds holds) {}

    KitQuestion of(TripCase of, Holds holds) {
        return kept.get(new Key(of, holds), key -> ask(of, holds));
    }

    private KitQuestion ask(TripCase of, Holds holds) {
        return KitQuestion.of(
                of.trip(), of.known().catalogue(), forecasts.of(of.known(), of.trip()), holds, of.suitability());
    }
}
