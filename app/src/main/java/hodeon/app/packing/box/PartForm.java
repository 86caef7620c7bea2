package hodeon.app.packing.box;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Faults;
import hodeon.core.packing.AccessStep;
import hodeon.core.packing.Compartment;
import hodeon.core.units.Volume;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * A compartment as it is typed.
 *
 * @param step constants of the steps to open it, in order
 * @param measured seconds by the watch; empty for the assumed ones
 * @param is any of outside, waterproof, closes
 */
public record PartForm(
        String part,
        String name,
        String litres,
        @Nullable List<String> step,
        String measured,
        @Nullable List<String> is) {

    private static final int LONGEST_NAME = 60;
    private static final BigDecimal LEAST_LITRES = new BigDecimal("0.01");
    private static final BigDecimal MOST_LITRES = BigDecimal.valueOf(500);
    private static final int MOST_SECONDS = 600;

    public PartForm {
        part = Texts.given(part);
        name = Texts.given(name).strip();
        litres = Texts.given(litres);
        measured = Texts.given(measured);
    }

    /** Empty with the faults where it cannot be read. */
    Optional<Compartment> read(Faults faults) {
        FieldReader fields = new FieldReader(faults);
        fields.line("name", name, Wording.says("partForm.theNameOfTheCompartment"), LONGEST_NAME);
        BigDecimal room =
                fields.decimal("litres", litres, LEAST_LITRES, MOST_LITRES, Wording.says("partForm.theRoom"), 3, "l");
        List<AccessStep> steps = RepeatedFields.sent(step).stream()
                .filter(s -> !s.isEmpty())
                .map(s -> fields.choice("step", s, Wording.says("partForm.aStepToOpenIt"), AccessStep.class))
                .toList();
        OptionalInt seconds = measured.isBlank()
                ? OptionalInt.empty()
                : OptionalInt.of(fields.whole(
                        "measured", measured, 1, MOST_SECONDS, Wording.says("partForm.theSecondsByTheWatch")));
        List<String> holds = RepeatedFields.sent(is);
        return faults.none()
                ? Optional.of(new Compartment(
                        part,
                        name,
                        Volume.ofMillilitres(room.movePointRight(3)),
                        steps,
                        seconds,
                        holds.contains("outside"),
                        holds.contains("waterproof"),
                        holds.contains("closes")))
                : Optional.empty();
    }
}
