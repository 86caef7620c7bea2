package hodeon.app.shell;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.UUID;
import java.util.function.Function;

/**
 * Each household's last answer to a question whose answer follows from the question alone. Asked again with equal arguments, it is not
 * worked out anew; it can never be out of date, since all that it rests on is compared.
 *
 * @param <Q> the question with everything that its answer rests on
 */
public final class LastAnswer<Q, A extends Object> {

    private static final int KEPT = 20;

    private record Answered<Q, A>(Q question, A answer) {}

    private final Cache<UUID, Answered<Q, A>> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    public A of(UUID household, Q question, Function<Q, A> working) {
        Answered<Q, A> last = kept.getIfPresent(household);
        if (last != null && last.question().equals(question)) {
            return last.answer();
        }
        A answer = working.apply(question);
        kept.put(household, new Answered<>(question, answer));
        return answer;
    }
}
