package hodeon.app.shell.style;

import java.util.Locale;
import org.springframework.stereotype.Component;

/** What stands behind the label of a field, for the pages: “At most, oz”. */
@Component("units")
public class Units {

    public String mass() {
        return HouseStyle.here().mass().sign();
    }

    /** What things are compared by, such as “100 g”. */
    public String compared() {
        return HouseStyle.here().mass().compared();
    }

    public String volume() {
        return HouseStyle.here().volume().sign();
    }

    /** For fields in litres. */
    public String litres() {
        return HouseStyle.here().volume().litreSign();
    }

    /** The paper in the printer, as a class of the drawing of a sheet. */
    public String paper() {
        return HouseStyle.here().paper().name().toLowerCase(Locale.ROOT);
    }

    public String temperature() {
        return HouseStyle.here().temperature().sign();
    }
}
