package hodeon.app;

import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * The product's own hashing of passwords, each password once: it is slow on purpose, and every test makes two households with the same
 * one. A fifth of the time of these tests went there.
 */
@TestConfiguration
class HashedOnce {

    @Bean
    @Primary
    PasswordEncoder once(@Qualifier("passwords") PasswordEncoder real) {
        Map<String, String> hashed = new ConcurrentHashMap<>();
        return new PasswordEncoder() {
            @Override
            public @Nullable String encode(@Nullable CharSequence password) {
                return hashed.computeIfAbsent(
                        String.valueOf(password), p -> Objects.requireNonNull(real.encode(password)));
            }

            @Override
            public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
                return real.matches(password, hash);
            }
        };
    }
}
