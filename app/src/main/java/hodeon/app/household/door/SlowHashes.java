package hodeon.app.household.door;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Hashing a password takes tens of milliseconds and 16 MB, on purpose. So only so many are hashed at a time, the rest wait their turn, and
 * pages go on answering whatever stands before the door.
 */
final class SlowHashes implements PasswordEncoder {

    private static final int PATIENCE_SECONDS = 20;

    private final PasswordEncoder hashes;
    private final Semaphore turns;

    /** @param atOnce 1 or more; one fewer than there are processors leaves one to the pages */
    SlowHashes(PasswordEncoder hashes, int atOnce) {
        this.hashes = hashes;
        this.turns = new Semaphore(atOnce, true);
    }

    @Override
    public @Nullable String encode(@Nullable CharSequence password) {
        take();
        try {
            return hashes.encode(password);
        } finally {
            turns.release();
        }
    }

    @Override
    public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
        take();
        try {
            return hashes.matches(password, hash);
        } finally {
            turns.release();
        }
    }

    @Override
    public boolean upgradeEncoding(@Nullable String hash) {
        return hashes.upgradeEncoding(hash);
    }

    private void take() {
        try {
            if (!turns.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new AuthenticationServiceException("Too many sign in at once.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AuthenticationServiceException("Stopped while waiting.", e);
        }
    }
}
