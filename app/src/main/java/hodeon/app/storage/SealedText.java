package hodeon.app.storage;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.springframework.stereotype.Component;

/** A column about people: sealed in the database, plain in the row. Name it in {@link BackupTables#SEALED} too. */
@Component
@Converter
public class SealedText implements AttributeConverter<String, String> {

    private final Seal seal;

    SealedText(Seal seal) {
        this.seal = seal;
    }

    @Override
    public String convertToDatabaseColumn(String plain) {
        return seal.close(plain);
    }

    @Override
    public String convertToEntityAttribute(String sealed) {
        return seal.open(sealed);
    }
}
