package hodeon.app.household.token;

import hodeon.app.household.Audit;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.Right;
import hodeon.app.shell.Figures;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Secret;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes, checks and revokes personal access tokens. A token is shown once, when it is made; it reaches what its {@link TokenScope scopes}
 * say and never more than whoever made it may themselves, now.
 */
@Service
@Transactional
public class AccessTokens {

    static final int MOST_TOKENS = 20;

    /** Choices for how long a token lives, in days. */
    static final List<Integer> DAYS = List.of(30, 90, 365);

    private static final int USUAL_DAYS = 90;
    private static final int BYTES = 32;
    private static final String MARK = "hodeon_";

    private final AccessTokenRepository tokens;
    private final HouseholdService households;
    private final Audit audit;
    private final Clock clock;

    AccessTokens(AccessTokenRepository tokens, HouseholdService households, Audit audit, Clock clock) {
        this.tokens = tokens;
        this.households = households;
        this.audit = audit;
        this.clock = clock;
    }

    /** A token as the settings show it. */
    public record Kept(
            UUID id, String name, String reaches, LocalDate madeOn, LocalDate until, boolean over, String lastUsed) {}

    /** Whom a token stands for, with no more rights than its scopes give. */
    public record Opened(Member member, Set<TokenScope> scopes) {}

    /** One that reaches everything its maker may, for three months. */
    public String make(Member of, String name) {
        return make(of, name, EnumSet.allOf(TokenScope.class), USUAL_DAYS);
    }

    /** Makes a token and answers it; throws {@link IllegalStateException} when there are too many. */
    public String make(Member of, String name, Set<TokenScope> scopes, int days) {
        if (tokens.countByHouseholdId(of.householdId()) >= MOST_TOKENS) {
            throw new IllegalStateException("A household has at most " + MOST_TOKENS + " tokens.");
        }
        String token = MARK + Secret.fresh(BYTES);
        LocalDateTime now = LocalDateTime.now(clock);
        tokens.save(new AccessToken(of, name, scopes, Secret.digest(token), now, now.plusDays(days)));
        audit.note(of, Audit.Kind.TOKEN, "made “" + name + "”, " + words(scopes) + ", for " + days + " days");
        return token;
    }

    private static String words(Set<TokenScope> scopes) {
        return scopes.stream().sorted().map(TokenScope::words).collect(Collectors.joining("; "));
    }

    /** A keeper sees all of the household, everybody else their own. */
    @Transactional(readOnly = true)
    public List<Kept> all(Member member) {
        LocalDateTime now = LocalDateTime.now(clock);
        return tokens.findByHouseholdIdOrderByMadeAtDesc(member.householdId()).stream()
                .filter(t -> mayTouch(member, t))
                .map(t -> new Kept(
                        t.id(),
                        t.name(),
                        words(TokenScope.read(t.scopes)),
                        t.madeAt().toLocalDate(),
                        t.until.toLocalDate(),
                        t.until.isBefore(now),
                        Optional.ofNullable(t.lastUsed)
                                .map(u -> Figures.day(u.toLocalDate()))
                                .orElse("never")))
                .toList();
    }

    private static boolean mayTouch(Member member, AccessToken token) {
        return member.may(Right.KEEP) || token.accountId().equals(member.accountId());
    }

    public void revoke(Member member, UUID id) {
        AccessToken token = tokens.findByIdAndHouseholdId(id, member.householdId())
                .filter(t -> mayTouch(member, t))
                .orElseThrow(() -> new NotHere("token " + id));
        tokens.delete(token);
        audit.note(member, Audit.Kind.TOKEN, "revoked “" + token.name() + "”");
    }

    /** Whom a token stands for; empty if it is unknown, revoked or over, or if its maker belongs to the household no longer. */
    public Optional<Opened> open(String token) {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        return tokens.findByHash(Secret.digest(token))
                .filter(t -> t.until.isAfter(now))
                .flatMap(t -> households.member(t.accountId(), t.householdId()).map(m -> {
                    if (!now.equals(t.lastUsed)) {
                        t.lastUsed = now;
                    }
                    Set<TokenScope> scopes = TokenScope.read(t.scopes);
                    return new Opened(m.only(TokenScope.rights(scopes)), scopes);
                }));
    }
}
