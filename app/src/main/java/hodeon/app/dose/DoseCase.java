package hodeon.app.dose;

import hodeon.app.people.PeopleService;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.gate.DoseGate;
import java.time.Instant;
import java.util.List;

/**
 * Somebody with everything a dose depends on.
 *
 * @param kept what was noted for them lately, struck out or not
 */
public record DoseCase(
        PeopleService.Known known,
        Formulary formulary,
        Patient patient,
        List<KeptDose> kept,
        DoseGate gate,
        Instant now) {}
