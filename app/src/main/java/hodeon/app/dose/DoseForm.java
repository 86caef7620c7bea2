package hodeon.app.dose;

import hodeon.app.shell.Texts;
import org.jspecify.annotations.Nullable;

/**
 * One dose as typed on the dose clock.
 *
 * @param at on the clock on the wall of {@code zone}
 * @param override there where it is given although something speaks against it
 * @param why of that
 */
record DoseForm(
        String product,
        String units,
        String at,
        String zone,
        @Nullable String override,
        String why) {

    DoseForm {
        product = Texts.given(product);
        units = Texts.given(units);
        at = Texts.given(at);
        zone = Texts.given(zone);
        why = Texts.given(why);
    }

    static DoseForm of(String product) {
        return new DoseForm(product, "", "", "", null, "");
    }

    DoseForm at(String moment, String where) {
        return new DoseForm(product, units, moment, where, override, why);
    }
}
