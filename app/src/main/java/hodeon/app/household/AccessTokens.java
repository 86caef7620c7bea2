package hodeon.app.household;

import hodeon.app.shell.NotHere;
import hodeon.app.shell.Secret;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes, checks and revokes personal access tokens. A token is shown once, when it is made. */
@Service
@Transactional
public class AccessTokens {

    static final int MOST_TOKENS = 20;
    private static final int BYTES = 32;
    private static final String MARK = "hodeon_";

    private final AccessTokenRepository tokens;
    private final AccountRepository accounts;
    private final Clock clock;

    AccessTokens(AccessTokenRepository tokens, AccountRepository accounts, Clock clock) {
        this.tokens = tokens;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** A token as the settings show it. */
    public record Kept(UUID id, String name, String madeAt) {}

    /** Makes a token for an account and answers it; throws {@link IllegalStateException} when there are too many. */
    public String make(String signInName, String name) {
        Account account = accounts.findBySignInNameIgnoreCase(signInName).orElseThrow(() -> new NotHere("account"));
        if (tokens.countByHouseholdId(account.household().id()) >= MOST_TOKENS) {
            throw new IllegalStateException("A household has at most " + MOST_TOKENS + " tokens.");
        }
        String token = MARK + Secret.fresh(BYTES);
        tokens.save(new AccessToken(account, name, Secret.digest(token), LocalDateTime.now(clock)));
        return token;
    }

    @Transactional(readOnly = true)
    public List<Kept> all(UUID householdId) {
        return tokens.findByHouseholdIdOrderByMadeAtDesc(householdId).stream()
                .map(t ->
                        new Kept(t.id(), t.name(), t.madeAt().format(DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm"))))
                .toList();
    }

    public void revoke(UUID householdId, UUID id) {
        if (tokens.deleteByIdAndHouseholdId(id, householdId) == 0) {
            throw new NotHere("token " + id);
        }
    }

    /** Whom a token stands for; empty if it is unknown or revoked. */
    @Transactional(readOnly = true)
    Optional<Member> member(String token) {
        return tokens.findByHash(Secret.digest(token)).map(t -> new Member(t.account()));
    }
}
