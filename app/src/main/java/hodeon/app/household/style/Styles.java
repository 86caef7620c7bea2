package hodeon.app.household.style;

import hodeon.app.shell.style.HouseStyle;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The style of each household. */
@Service
@Transactional
public class Styles {

    private final StyleRepository rows;

    Styles(StyleRepository rows) {
        this.rows = rows;
    }

    /** Metric and ISO while it has chosen nothing. */
    @Transactional(readOnly = true)
    public HouseStyle of(UUID household) {
        return rows.findById(household).map(StyleRow::style).orElse(HouseStyle.METRIC);
    }

    void keep(UUID household, HouseStyle style) {
        rows.save(new StyleRow(household, style));
    }
}
