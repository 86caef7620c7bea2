package hodeon.app.mat;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody kept on a mat to learn first: it is learnt once it was practised. */
@Service
@Transactional
public class ToLearn {

    private final MatRepository mats;

    ToLearn(MatRepository mats) {
        this.mats = mats;
    }

    /** Ids of the supplies that are to be learnt for any outing, each once. */
    @Transactional(readOnly = true)
    public List<String> of(UUID household) {
        return mats.findByHouseholdId(household).stream()
                .flatMap(m -> m.lines.entrySet().stream())
                .filter(l -> l.getValue().learn)
                .map(l -> l.getKey())
                .distinct()
                .sorted()
                .toList();
    }

    /** On every mat; answers whether it was to be learnt on any. */
    public boolean learnt(UUID household, String supply) {
        boolean any = false;
        for (MatRow mat : mats.findByHouseholdId(household)) {
            MatRow.Line line = mat.lines.get(supply);
            if (line != null && line.learn) {
                mat.lines.put(supply, new MatRow.Line(line.pieces, line.hold, false));
                any = true;
            }
        }
        return any;
    }
}
