package hodeon.app.storage.seal;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.springframework.stereotype.Component;

/**
 * A column about people: sealed in the database (see {@link SealingTrigger}), plain in the row. It is read with its place before it, so
 * that what was sealed for another row or column does not open; Hibernate puts the table for the braces, and in
 * entities before the column's own name wherever it stands written small:
 * {@code @ColumnTransformer(read = "'CARE_NOTE.NOTE:' || {@}.id || ' ' || note")}. Name it in {@link SealedColumns} too.
 */
@Component
@Converter
public class SealedText implements AttributeConverter<String, String> {

    private final Seal seal;

    /** Hibernate makes it before it reads or writes anything, and so with it the sealing is begun. */
    SealedText(Sealing begun) {
        this.seal = begun.seal();
    }

    /** The database seals it, and only with the key. */
    @Override
    public String convertToDatabaseColumn(String plain) {
        if (!plain.isEmpty()) {
            seal.needed();
        }
        return plain;
    }

    @Override
    public String convertToEntityAttribute(String placed) {
        int blank = placed.indexOf(' ');
        return seal.open(placed.substring(0, blank), placed.substring(blank + 1));
    }
}
