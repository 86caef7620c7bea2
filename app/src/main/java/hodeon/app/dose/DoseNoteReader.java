package hodeon.app.dose;

import hodeon.app.shell.DeviceZone;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.gate.DoseGate;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;

/** Reads one dose as the form of the dose clock has it; everything that is wrong goes to the faults at once. */
record DoseNoteReader(Formulary formulary, Instant now, Faults faults) {

    private static final BigDecimal LEAST_UNITS = new BigDecimal("0.001");
    private static final int MOST_DECIMALS = 3;
    private static final BigDecimal MOST_UNITS = BigDecimal.valueOf(1000);
    private static final int LONGEST_REASON = 300;

    /** @param by who notes it */
    Optional<DoseBook.Given> read(DoseForm form, String by) {
        String product = form.product();
        if (formulary.product(product).isEmpty()) {
            faults.add(
                    "product",
                    product,
                    Wording.says("doseNoteReader.whatWasGivenIsOneOfThe"),
                    Wording.says("doseNoteReader.chooseItYourOwnAreEnteredUnder"));
        }
        FieldReader read = new FieldReader(faults);
        Optional<BigDecimal> units = read.number(
                "units",
                form.units(),
                Wording.says("doseNoteReader.howMuch"),
                LEAST_UNITS,
                MOST_UNITS,
                MOST_DECIMALS,
                "");
        Optional<ZoneId> zone = DeviceZone.named(form.zone());
        if (zone.isEmpty()) {
            faults.add(
                    "zone",
                    form.zone(),
                    Wording.says("doseNoteReader.aTimeZoneIsNamedLikeEurope"),
                    Wording.says("doseNoteReader.chooseOneOfTheList"));
        }
        Optional<Instant> at = zone.flatMap(z -> moment(form.at(), z));
        String over = form.override() != null
                ? read.line("why", form.why(), Wording.says("doseNoteReader.whyItIsGivenAllTheSame"), LONGEST_REASON)
                : "";
        return faults.none() && units.isPresent() && at.isPresent()
                ? Optional.of(new DoseBook.Given(
                        product, units.get(), at.get().atZone(zone.orElseThrow()), by, over, Optional.empty()))
                : Optional.empty();
    }

    /** Where clocks went back an hour comes twice: the later one is meant, which makes one wait longer. */
    private Optional<Instant> moment(String typed, ZoneId zone) {
        try {
            Instant at = ZonedDateTime.of(LocalDateTime.parse(typed), zone)
                    .withLaterOffsetAtOverlap()
                    .toInstant();
            if (DoseGate.canBeNoted(at, now)) {
                return Optional.of(at);
            }
        } catch (DateTimeException e) {
            // Said below, with what is wrong with other times.
        }
        faults.add(
                "at",
                typed,
                Wording.says("doseNoteReader.theTimeLiesWithinTheLastSeven"),
                Wording.says("doseNoteReader.writeWhenItWasTakenThereAnd"));
        return Optional.empty();
    }
}
