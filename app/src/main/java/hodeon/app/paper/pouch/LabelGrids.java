package hodeon.app.paper.pouch;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sheets of labels that households have. */
@Service
@Transactional
class LabelGrids {

    private final GridRepository grids;

    LabelGrids(GridRepository grids) {
        this.grids = grids;
    }

    /** Usual ones until somebody says otherwise. */
    @Transactional(readOnly = true)
    LabelGrid of(UUID household) {
        return grids.findById(household).map(GridRow::grid).orElseGet(LabelGrid::usual);
    }

    void keep(UUID household, LabelGrid grid) {
        grids.save(GridRow.of(household, grid));
    }
}
