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
        StyleRow row = new StyleRow(household, style);
        rows.findById(household).ifPresent(before -> row.language = before.language);
        rows.save(row);
    }

    /** Whether it once chose another language and has not been told yet that its pages are in English again. */
    @Transactional(readOnly = true)
    public boolean readsEnglishAgain(UUID household) {
        return rows.findById(household)
                .filter(row -> !row.language.equals(StyleRow.ENGLISH))
                .isPresent();
    }

    void toldOfEnglish(UUID household) {
        rows.findById(household).ifPresent(row -> row.language = StyleRow.ENGLISH);
    }
}
