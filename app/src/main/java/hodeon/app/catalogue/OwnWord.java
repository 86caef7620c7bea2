package hodeon.app.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** What a household calls a supply. */
@Entity
@Table(name = "own_word")
@IdClass(OwnKey.class)
class OwnWord {

    static final int LONGEST = 400;

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    @Column(name = "words")
    String id = "";

    String supplyId = "";

    protected OwnWord() {}

    OwnWord(UUID householdId, String words, String supplyId) {
        this.householdId = householdId;
        this.id = words;
        this.supplyId = supplyId;
    }
}
