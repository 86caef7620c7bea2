package hodeon.app.medicine;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;

@Entity
@Table(name = "country_note")
class CountryNoteRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'COUNTRY_NOTE.COUNTRY:' || {@}.id || ' ' || country")
    String country = "";

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'COUNTRY_NOTE.NOTE:' || {@}.id || ' ' || note")
    String note = "";

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'COUNTRY_NOTE.SOURCE:' || {@}.id || ' ' || source")
    String source = "";

    LocalDate readOn = LocalDate.EPOCH;
}
