package hodeon.app.household.account;

import hodeon.app.household.Member;
import hodeon.app.shell.Secret;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionIdListener;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Where somebody is signed in: listed, and ended from elsewhere. A session ends {@link #LONGEST} after it began, used or not. */
@Component
public class Sessions implements HttpSessionListener, HttpSessionIdListener {

    public static final Duration LONGEST = Duration.ofDays(7);
    private static final int LONGEST_NAME = 80;
    private static final Pattern SYSTEM = Pattern.compile("\\(([ -'*-~]+)\\)");

    private final Map<String, Signed> signed = new ConcurrentHashMap<>();
    private final Clock clock;

    Sessions(Clock clock) {
        this.clock = clock;
    }

    private record Signed(HttpSession session, UUID account, String device, LocalDateTime since, LocalDateTime last) {}

    /** @param key by which it is ended; not the session's own number */
    public record Listed(String key, String device, LocalDateTime since, LocalDateTime last, boolean here) {}

    /** Notes that somebody is there; answers false for a session that has lasted too long, which is ended. */
    public boolean seen(Member member, HttpServletRequest request) {
        HttpSession session = request.getSession();
        LocalDateTime now = LocalDateTime.now(clock);
        Signed one = signed.compute(
                session.getId(),
                (id, was) -> new Signed(
                        session,
                        member.accountId(),
                        device(request),
                        was == null || !was.account().equals(member.accountId()) ? now : was.since(),
                        now));
        if (one.since().plus(LONGEST).isBefore(now)) {
            end(one);
            return false;
        }
        return true;
    }

    /** The system that a browser says it runs on, in brackets as the first thing of its name; the whole of it is nobody's to read. */
    private static String device(HttpServletRequest request) {
        Matcher system = SYSTEM.matcher(String.valueOf(request.getHeader("User-Agent")));
        String named = system.find() ? system.group(1) : "A program";
        return named.substring(0, Math.min(LONGEST_NAME, named.length())) + ", from " + request.getRemoteAddr();
    }

    /** The one used last stands first. */
    public List<Listed> of(UUID account, HttpSession here) {
        return signed.entrySet().stream()
                .filter(e -> e.getValue().account().equals(account))
                .map(e -> new Listed(
                        key(e.getKey()),
                        e.getValue().device(),
                        e.getValue().since(),
                        e.getValue().last(),
                        e.getKey().equals(here.getId())))
                .sorted(Comparator.comparing(Listed::last).reversed())
                .toList();
    }

    private static String key(String id) {
        return Secret.digest(id);
    }

    public void end(UUID account, String key) {
        signed.entrySet().stream()
                .filter(e -> e.getValue().account().equals(account)
                        && key(e.getKey()).equals(key))
                .map(Map.Entry::getValue)
                .toList()
                .forEach(this::end);
    }

    /** All of somebody's but one. */
    public void endOthers(UUID account, HttpSession here) {
        signed.entrySet().stream()
                .filter(e ->
                        e.getValue().account().equals(account) && !e.getKey().equals(here.getId()))
                .map(Map.Entry::getValue)
                .toList()
                .forEach(this::end);
    }

    public void endAll(UUID account) {
        signed.values().stream()
                .filter(s -> s.account().equals(account))
                .toList()
                .forEach(this::end);
    }

    private void end(Signed one) {
        signed.values().remove(one);
        try {
            one.session().invalidate();
        } catch (IllegalStateException over) {
            // It has ended by itself meanwhile.
        }
    }

    @Override
    public void sessionDestroyed(HttpSessionEvent over) {
        signed.remove(over.getSession().getId());
    }

    @Override
    public void sessionIdChanged(HttpSessionEvent changed, String was) {
        Signed one = signed.remove(was);
        if (one != null) {
            signed.put(changed.getSession().getId(), one);
        }
    }
}
