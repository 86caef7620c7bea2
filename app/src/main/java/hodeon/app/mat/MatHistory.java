package hodeon.app.mat;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Remembers the changes of each mat, so that they can be taken back and done again. Callers hold the transaction. */
@Component
public class MatHistory {

    /** Older steps are forgotten. */
    static final int MOST_STEPS = 100;

    private final MatStepRepository steps;

    MatHistory(MatStepRepository steps) {
        this.steps = steps;
    }

    /** What the last change was, and what the last one taken back was, in words; empty where there is none. */
    public record Around(String undo, String redo) {
        static final Around NOTHING = new Around("", "");
    }

    Around around(UUID tripId, int done) {
        return new Around(
                steps.findByTripIdAndNumber(tripId, done).map(s -> s.words).orElse(""),
                steps.findByTripIdAndNumber(tripId, done + 1).map(s -> s.words).orElse(""));
    }

    /** Adds a step after the last one done; what had been taken back can no longer be done again. */
    void add(
            MatRow row,
            Map<String, Mat.Line> before,
            Map<String, Mat.Line> after,
            long tripVersionBefore,
            String words) {
        steps.deleteByTripIdAndNumberGreaterThan(row.tripId, row.done);
        steps.flush();
        MatStepRow step = new MatStepRow();
        step.tripId = row.tripId;
        step.number = ++row.done;
        step.words = words;
        step.tripVersionBefore = tripVersionBefore;
        step.tripVersionAfter = row.tripVersion;
        TreeSet<String> supplies = new TreeSet<>(before.keySet());
        supplies.addAll(after.keySet());
        for (String supply : supplies) {
            if (!Objects.equals(before.get(supply), after.get(supply))) {
                step.lines.put(supply, new MatStepRow.Turn(before.get(supply), after.get(supply)));
            }
        }
        steps.save(step);
        steps.deleteByTripIdAndNumberLessThanEqual(row.tripId, row.done - MOST_STEPS);
    }

    /** Takes the last step back; its words, or nothing if there is none. */
    Optional<String> undo(MatRow row) {
        return steps.findByTripIdAndNumber(row.tripId, row.done).map(step -> {
            Map<String, Mat.Line> lines = new HashMap<>(row.read());
            step.lines.forEach((supply, turn) -> put(lines, supply, turn.before()));
            row.write(lines);
            row.tripVersion = step.tripVersionBefore;
            row.done--;
            return step.words;
        });
    }

    /** Does the last step that was taken back again; its words, or nothing if there is none. */
    Optional<String> redo(MatRow row) {
        return steps.findByTripIdAndNumber(row.tripId, row.done + 1).map(step -> {
            Map<String, Mat.Line> lines = new HashMap<>(row.read());
            step.lines.forEach((supply, turn) -> put(lines, supply, turn.after()));
            row.write(lines);
            row.tripVersion = step.tripVersionAfter;
            row.done++;
            return step.words;
        });
    }

    private static void put(Map<String, Mat.Line> lines, String supply, Mat.@Nullable Line line) {
        if (line == null) {
            lines.remove(supply);
        } else {
            lines.put(supply, line);
        }
    }
}
