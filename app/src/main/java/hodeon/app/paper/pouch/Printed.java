package hodeon.app.paper.pouch;

import hodeon.app.paper.Card;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was printed last, so that only what changed since is printed again. */
@Service
@Transactional
public class Printed {

    private final PrintedRepository rows;
    private final Clock clock;

    Printed(PrintedRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Keys of the cards on which something else stands than when they were last printed, or that never were. */
    @Transactional(readOnly = true)
    public List<String> changed(UUID household, UUID scope, Map<String, List<? extends Card>> cards) {
        Map<String, String> before = rows.findByHouseholdIdAndScopeId(household, scope).stream()
                .collect(Collectors.toMap(r -> r.card, r -> r.digest));
        return cards.entrySet().stream()
                .filter(e -> !digest(e.getValue()).equals(before.get(e.getKey())))
                .map(Map.Entry::getKey)
                .toList();
    }

    public void keep(UUID household, UUID scope, Map<String, List<? extends Card>> cards) {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        Map<String, PrintedRow> there = new HashMap<>(rows.findByHouseholdIdAndScopeId(household, scope).stream()
                .collect(Collectors.toMap(r -> r.card, Function.identity())));
        cards.forEach((key, card) -> {
            PrintedRow row = there.computeIfAbsent(key, k -> new PrintedRow(household, scope, k, "", now));
            row.digest = digest(card);
            row.printedAt = now;
            rows.save(row);
        });
    }

    /** Of all that stands on them but the day they are as of, which is another every day. */
    private static String digest(List<? extends Card> cards) {
        String all = cards.stream()
                .map(c -> c instanceof Card.PersonCard p
                        ? new Card.PersonCard(
                                p.title(), p.who(), p.matters(), p.rescue(), p.regular(), p.call(), p.notes(), "", null)
                        : c)
                .map(String::valueOf)
                .collect(Collectors.joining("\n"))
                .replaceAll("(?i)as of \\d{4}-\\d{2}-\\d{2}", "");
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(all.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException everyPlatformHasIt) {
            throw new IllegalStateException(everyPlatformHasIt);
        }
    }
}
