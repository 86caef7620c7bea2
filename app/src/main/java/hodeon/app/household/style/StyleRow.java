package hodeon.app.household.style;

import hodeon.app.shell.style.DateForm;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.shell.style.PrinterPaper;
import hodeon.core.units.MassUnit;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.VolumeUnit;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "house_style")
class StyleRow {

    static final String ENGLISH = "en";

    @Id
    UUID householdId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    MassUnit mass = MassUnit.GRAMS;

    @Enumerated(EnumType.STRING)
    VolumeUnit volume = VolumeUnit.MILLILITRES;

    @Enumerated(EnumType.STRING)
    TemperatureUnit temperature = TemperatureUnit.CELSIUS;

    @Enumerated(EnumType.STRING)
    DateForm dates = DateForm.ISO;

    @Enumerated(EnumType.STRING)
    DayOfWeek weekBegins = DayOfWeek.MONDAY;

    @Nullable
    String zone;

    @Enumerated(EnumType.STRING)
    PrinterPaper paper = PrinterPaper.A4;

    /** What its pages were once read in; {@link #ENGLISH} since it knows that there is nothing else. */
    String language = ENGLISH;

    protected StyleRow() {}

    StyleRow(UUID household, HouseStyle style) {
        this.householdId = household;
        this.mass = style.mass();
        this.volume = style.volume();
        this.temperature = style.temperature();
        this.dates = style.dates();
        this.weekBegins = style.weekBegins();
        this.zone = style.zone().map(ZoneId::getId).orElse(null);
        this.paper = style.paper();
    }

    HouseStyle style() {
        return new HouseStyle(
                mass,
                volume,
                temperature,
                dates,
                weekBegins,
                Optional.ofNullable(zone).map(ZoneId::of),
                paper);
    }
}
