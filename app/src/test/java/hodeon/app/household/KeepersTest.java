package hodeon.app.household;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.WebTest;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A household always has a keeper, also where all of them leave at the same moment. */
class KeepersTest extends WebTest {

    @Autowired
    Memberships memberships;

    @Test
    void oneOfTwoKeepersWhoLeaveAtTheSameMomentStays() throws Exception {
        for (int round = 0; round < 20; round++) {
            UUID account = households.createAccount("second" + UUID.randomUUID(), "four plain words here");
            UUID household = households.found(account, "Reed channels " + round);
            households.join(mine.accountId(), household, Role.KEEPER);
            List<Member> keepers = List.of(
                    households.member(account, household).orElseThrow(),
                    households.member(mine.accountId(), household).orElseThrow());
            CyclicBarrier together = new CyclicBarrier(2);
            List<Thread> leaving = new ArrayList<>();
            for (Member keeper : keepers) {
                leaving.add(Thread.ofPlatform().start(() -> leave(keeper, together)));
            }
            for (Thread thread : leaving) {
                thread.join();
            }
            assertThat(memberships.of(household))
                    .as("round %d", round)
                    .singleElement()
                    .satisfies(left -> assertThat(left.role()).isEqualTo(Role.KEEPER));
        }
    }

    private void leave(Member keeper, CyclicBarrier together) {
        try {
            together.await(20, TimeUnit.SECONDS);
            memberships.remove(keeper, keeper.accountId());
        } catch (Memberships.LastKeeper last) {
            // Who came second stays.
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
