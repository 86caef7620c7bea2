package hodeon.app.people;

import hodeon.app.shell.Wording;
import hodeon.core.medication.Patient;

/** What a person weighs and since when that is known, for pages and papers. */
public final class BodyMass {

    private BodyMass() {}

    /** “29 kg on 2026-05-01”, “29 kg, day not written down”. */
    public static String said(Patient.Weighed mass) {
        String kilograms = mass.kilograms().stripTrailingZeros().toPlainString();
        return mass.on()
                .map(day -> Wording.says("bodyMass.weighedOn", kilograms, day))
                .orElseGet(() -> Wording.says("bodyMass.weighed", kilograms));
    }
}
