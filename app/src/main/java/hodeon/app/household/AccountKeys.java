package hodeon.app.household;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Secret;
import java.security.InvalidKeyException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import javax.crypto.spec.SecretKeySpec;
import org.bouncycastle.util.encoders.Base32;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * What opens an account: its password, a second factor by the clock (TOTP, RFC 6238, six digits every 30 s), and ways back for when
 * they are lost.
 */
@Service
@Transactional
public class AccountKeys {

    /** Made at once, in place of those there were. */
    public static final int CODES = 10;

    static final int LINK_HOURS = 24;
    private static final int CODE_LENGTH = 12;
    private static final int CODE_GROUP = 4;
    private static final int LINK_BYTES = 32;
    private static final int SECRET_BYTES = 20;

    /** A clock may be so many steps of 30 s early or late. */
    private static final int DRIFT = 1;

    /** Longer than any code of the clock opens. */
    private static final int REMEMBERED_MINUTES = 2;

    private final AccountRepository accounts;
    private final MembershipRepository memberships;
    private final WayBackRepository ways;
    private final PasswordEncoder passwords;
    private final Audit audit;
    private final Clock clock;

    /** The codes that have just opened an account or turned its second factor on: whoever has looked over a shoulder comes too late. */
    private final Cache<String, Boolean> seen = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofMinutes(REMEMBERED_MINUTES))
            .build();

    private final TimeBasedOneTimePasswordGenerator totp =
            new TimeBasedOneTimePasswordGenerator(Duration.ofSeconds(30));

    AccountKeys(
            AccountRepository accounts,
            MembershipRepository memberships,
            WayBackRepository ways,
            PasswordEncoder passwords,
            Audit audit,
            Clock clock) {
        this.accounts = accounts;
        this.memberships = memberships;
        this.ways = ways;
        this.passwords = passwords;
        this.audit = audit;
        this.clock = clock;
    }

    /** @param codes recovery codes that are left; {@code mail} empty for none */
    public record State(
            boolean secondFactor,
            long codes,
            String mail,
            @Nullable LocalDateTime passwordAt) {}

    @Transactional(readOnly = true)
    public State state(UUID account) {
        Account row = account(account);
        return new State(
                !row.totp.isEmpty(),
                ways.countByAccountIdAndKindAndUsedAtIsNull(account, WayBack.Kind.CODE),
                row.mail,
                row.passwordAt);
    }

    /** @param hash of the new password */
    public void password(Member who, String hash) {
        Account row = account(who.accountId());
        row.password = hash;
        row.passwordAt = LocalDateTime.now(clock);
        audit.note(who, Audit.Kind.ACCOUNT, "changed the password");
    }

    public void mail(Member who, String address) {
        account(who.accountId()).mail = address;
        audit.note(
                who, Audit.Kind.ACCOUNT, address.isEmpty() ? "took the address away" : "set an address to recover by");
    }

    /** A new secret in base 32, which counts only once a code of it was typed. */
    public static String freshSecret() {
        return Base32.toBase32String(KeyGenerators.secureRandom(SECRET_BYTES).generateKey());
    }

    /** Turns the second factor on; answers false where the code is not of that secret and this minute. */
    public boolean secondFactor(Member who, String secret, String code) {
        if (!fits(secret, code)) {
            return false;
        }
        seen.put(who.accountId() + digits(code), true);
        account(who.accountId()).totp = secret;
        audit.note(who, Audit.Kind.ACCOUNT, "second factor on");
        return true;
    }

    public void noSecondFactor(Member who) {
        account(who.accountId()).totp = "";
        audit.note(who, Audit.Kind.ACCOUNT, "second factor off");
    }

    /** Whether a code of the second factor, or a recovery code, is theirs; a recovery code is used up. */
    public boolean second(UUID account, String typed) {
        String code = typed.strip();
        return fits(account(account).totp, code) && seen.asMap().putIfAbsent(account + digits(code), true) == null
                || used(code)
                        .filter(w -> w.accountId.equals(account) && w.kind == WayBack.Kind.CODE)
                        .map(w -> {
                            w.usedAt = LocalDateTime.now(clock);
                            return true;
                        })
                        .orElse(false);
    }

    private boolean fits(String secret, String code) {
        String digits = digits(code);
        if (secret.isEmpty() || digits.isEmpty()) {
            return false;
        }
        Instant now = clock.instant();
        return IntStream.rangeClosed(-DRIFT, DRIFT)
                .mapToObj(step -> now.plus(totp.getTimeStep().multipliedBy(step)))
                .anyMatch(at -> at(secret, at).equals(digits));
    }

    private static String digits(String code) {
        return code.replaceAll("\\D", "");
    }

    String at(String secret, Instant when) {
        try {
            return totp.generateOneTimePasswordString(
                    new SecretKeySpec(Base32.decode(secret), totp.getAlgorithm()), when);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException("The secret of a second factor is no key.", e);
        }
    }

    /** New recovery codes in place of the old ones, to be shown once. */
    public List<String> freshCodes(Member who) {
        ways.deleteByAccountIdAndKind(who.accountId(), WayBack.Kind.CODE);
        List<String> codes = IntStream.range(0, CODES)
                .mapToObj(i -> Secret.code(CODE_LENGTH, CODE_GROUP))
                .toList();
        codes.forEach(c -> keep(who.accountId(), WayBack.Kind.CODE, c, null));
        audit.note(who, Audit.Kind.ACCOUNT, "made recovery codes");
        return codes;
    }

    private void keep(UUID account, WayBack.Kind kind, String secret, @Nullable LocalDateTime until) {
        WayBack way = new WayBack();
        way.accountId = account;
        way.kind = kind;
        way.hash = Secret.digest(plain(secret));
        way.until = until;
        ways.save(way);
    }

    /** Codes are typed by hand; what stands in a link is taken as it is. */
    private static String plain(String secret) {
        String code = secret.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        return code.length() == CODE_LENGTH ? code : secret;
    }

    /** A secret for a link to a new password, and where it is sent; empty for a name without an address. */
    public Optional<Link> linkByMail(String signInName) {
        return accounts.findBySignInNameIgnoreCase(signInName)
                .filter(a -> !a.mail.isEmpty())
                .map(a -> new Link(a.mail, link(a.id, WayBack.Kind.MAIL)));
    }

    public record Link(String address, String secret) {}

    /**
     * The same, handed over by a keeper; empty for somebody who belongs to other households too, because a keeper of one must not get
     * into another.
     */
    public Optional<String> linkFromKeeper(Member keeper, UUID account) {
        Membership theirs = memberships
                .findByHouseholdIdAndAccountId(keeper.householdId(), account)
                .orElseThrow(() -> new NotHere("member " + account));
        if (!knownHereAlone(account)) {
            return Optional.empty();
        }
        audit.note(keeper, Audit.Kind.ACCOUNT, "gave " + theirs.account.signInName + " a way back in");
        return Optional.of(link(account, WayBack.Kind.KEEPER));
    }

    private String link(UUID account, WayBack.Kind kind) {
        ways.deleteByAccountIdAndKind(account, kind);
        String secret = Secret.fresh(LINK_BYTES);
        keep(account, kind, secret, LocalDateTime.now(clock).plusHours(LINK_HOURS));
        return secret;
    }

    /** Whose account a way back opens; empty for one that is unknown, used or over. */
    @Transactional(readOnly = true)
    public Optional<String> opens(String secret) {
        return used(secret).map(w -> account(w.accountId).signInName);
    }

    private Optional<WayBack> used(String secret) {
        LocalDateTime now = LocalDateTime.now(clock);
        return ways.held(Secret.digest(plain(secret)))
                .filter(w -> w.usedAt == null && (w.until == null || w.until.isAfter(now)))
                .filter(w -> w.kind != WayBack.Kind.KEEPER || knownHereAlone(w.accountId));
    }

    /** Whoever has joined another household since is no keeper's to let in. */
    private boolean knownHereAlone(UUID account) {
        return memberships.findByAccountIdOrderBySince(account).size() <= 1;
    }

    /**
     * Sets a new password by a way back, which is used up, and answers whose account it is.
     *
     * @param hash of the new password
     */
    public Optional<UUID> recover(String secret, String hash) {
        return used(secret).map(w -> {
            Account row = account(w.accountId);
            row.password = hash;
            row.passwordAt = LocalDateTime.now(clock);
            w.usedAt = row.passwordAt;
            if (w.kind == WayBack.Kind.KEEPER) {
                row.totp = "";
            }
            audit.note(new Member(row), Audit.Kind.ACCOUNT, "set a new password by a way back");
            return row.id;
        });
    }

    /** A hash to keep; slow on purpose. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public String hashed(String password) {
        String hash = passwords.encode(password);
        if (hash == null) {
            throw new IllegalArgumentException("A password is needed.");
        }
        return hash;
    }

    /** Whether it is their password; slow on purpose. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public boolean isTheirs(UUID account, String password) {
        return passwords.matches(
                password, accounts.findById(account).map(a -> a.password).orElse(""));
    }

    private Account account(UUID id) {
        return accounts.findById(id).orElseThrow(() -> new NotHere("account"));
    }
}
