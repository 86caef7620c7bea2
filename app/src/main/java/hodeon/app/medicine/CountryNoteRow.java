package hodeon.app.medicine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

@Entity
@Table(name = "country_note")
class CountryNoteRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    String country = "";
    String note = "";
    String source = "";
    LocalDate readOn = LocalDate.EPOCH;
}
