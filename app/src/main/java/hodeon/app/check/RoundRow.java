package hodeon.app.check;

import hodeon.app.storage.seal.SealedText;
import hodeon.core.stock.Rhythm;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "check_round")
class RoundRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID placeId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Rhythm rhythm = Rhythm.YEARLY_ALL;

    LocalDateTime startedAt = LocalDateTime.MIN;
    String startedBy = "";

    @Nullable
    LocalDateTime finishedAt;

    /** Rounds through several kits are one tour. */
    @Nullable
    UUID tour;

    @ElementCollection
    @CollectionTable(name = "check_line", joinColumns = @JoinColumn(name = "round_id"))
    @OrderColumn(name = "position")
    List<Line> lines = new ArrayList<>();

    @Embeddable
    static class Line {

        /** Null for what belongs there and was never seen. */
        @Nullable
        UUID lotId;

        String supplyId = "";

        UUID placeId = new UUID(0, 0);

        /** Pieces that were there when the line was shown. */
        int seen;

        @Nullable
        @Enumerated(EnumType.STRING)
        Answer answer;

        @Nullable
        @Column(name = "found")
        Integer found;

        @Convert(converter = SealedText.class)
        @ColumnTransformer(read = "'CHECK_LINE.LENT_TO:' || {@}.round_id || '/' || {@}.position || ' ' || {@}.lent_to")
        String lentTo = "";

        /** Percent that a device was found charged to; null if nobody looked. */
        @Nullable
        Integer charge;

        /** Somebody changed the number while the round was on; it has to be looked at again. */
        boolean changed;
    }
}
