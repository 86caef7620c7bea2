package hodeon.app.check;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the rounds of a kit found last of things that are lent, and of devices. */
@Service
@Transactional(readOnly = true)
public class FoundLast {

    private final RoundRepository rounds;

    FoundLast(RoundRepository rounds) {
        this.rounds = rounds;
    }

    /** A device as it was found last. @param percent it was charged to */
    public record Charged(int percent, LocalDate on) {}

    /** By lot, the latest. */
    public Map<UUID, Charged> charged(UUID household, UUID kit) {
        Map<UUID, Charged> charged = new HashMap<>();
        for (RoundRow round : rounds.finished(household, kit)) {
            for (RoundRow.Line line : round.lines) {
                if (line.lotId != null && line.charge != null) {
                    charged.put(
                            line.lotId,
                            new Charged(
                                    line.charge,
                                    Objects.requireNonNull(round.finishedAt).toLocalDate()));
                }
            }
        }
        return charged;
    }

    /** Something that was lent when it was last asked for. */
    public record Lent(String to, LocalDate on) {}

    /** By the lot that is lent, with a blank and the place that it was lent from. */
    public Map<String, Lent> lent(UUID household, UUID kit) {
        Map<String, Lent> lent = new HashMap<>();
        for (RoundRow round : rounds.finished(household, kit)) {
            for (RoundRow.Line line : round.lines) {
                if (line.answer == Answer.LENT) {
                    lent.put(
                            line.lotId + " " + line.placeId,
                            new Lent(
                                    line.lentTo,
                                    Objects.requireNonNull(round.finishedAt).toLocalDate()));
                } else if (line.answer != Answer.RIGHT) {
                    lent.remove(line.lotId + " " + line.placeId);
                }
            }
        }
        return lent;
    }
}
