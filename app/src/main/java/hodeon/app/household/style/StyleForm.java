package hodeon.app.household.style;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.DateForm;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.shell.style.PrinterPaper;
import hodeon.core.notice.Faults;
import hodeon.core.units.MassUnit;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.VolumeUnit;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Optional;

/** A style as it is chosen in the form. @param zone empty for that of this machine */
record StyleForm(
        String mass, String volume, String temperature, String dates, String weekBegins, String zone, String paper) {

    StyleForm {
        mass = Texts.given(mass);
        volume = Texts.given(volume);
        temperature = Texts.given(temperature);
        dates = Texts.given(dates);
        weekBegins = Texts.given(weekBegins);
        zone = Texts.given(zone).strip();
        paper = Texts.given(paper);
    }

    static StyleForm of(HouseStyle style) {
        return new StyleForm(
                style.mass().name(),
                style.volume().name(),
                style.temperature().name(),
                style.dates().name(),
                style.weekBegins().name(),
                style.zone().map(ZoneId::getId).orElse(""),
                style.paper().name());
    }

    /** Whatever cannot be read is told in {@code faults}. */
    HouseStyle read(HouseStyle before, Faults faults) {
        FieldReader fields = new FieldReader(faults);
        HouseStyle read = new HouseStyle(
                fields.choice("mass", mass, Wording.says("styleForm.theUnitOfWeights"), MassUnit.class),
                fields.choice("volume", volume, Wording.says("styleForm.theUnitOfRoom"), VolumeUnit.class),
                fields.choice(
                        "temperature",
                        temperature,
                        Wording.says("styleForm.theUnitOfTemperatures"),
                        TemperatureUnit.class),
                fields.choice("dates", dates, Wording.says("styleForm.theFormOfDates"), DateForm.class),
                fields.choice(
                        "weekBegins", weekBegins, Wording.says("styleForm.theFirstDayOfTheWeek"), DayOfWeek.class),
                zone(faults),
                fields.choice("paper", paper, Wording.says("styleForm.thePaperInThePrinter"), PrinterPaper.class));
        return faults.none() ? read : before;
    }

    private Optional<ZoneId> zone(Faults faults) {
        if (zone.isEmpty()) {
            return Optional.empty();
        }
        if (!ZoneId.getAvailableZoneIds().contains(zone)) {
            faults.add(
                    "zone",
                    zone,
                    Wording.says("styleForm.theTimeZoneIsOneOfThe"),
                    Wording.says("styleForm.chooseItFromTheListOrLeave"));
            return Optional.empty();
        }
        return Optional.of(ZoneId.of(zone));
    }
}
