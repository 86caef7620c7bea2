package hodeon.app.stock.ledger;

import hodeon.core.stock.Movement;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** Written once. */
@Entity
@Immutable
@Table(name = "stock_movement")
public class MovementRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    public long number;

    @Enumerated(EnumType.STRING)
    public Movement.Kind kind = Movement.Kind.RECEIVED;

    public UUID lotId = new UUID(0, 0);

    @Nullable
    UUID intoLot;

    @Nullable
    public UUID fromPlace;

    @Nullable
    UUID toPlace;

    int pieces;
    public LocalDateTime madeAt = LocalDateTime.MIN;
    public String madeBy = "";
    String why = "";

    @Nullable
    UUID tripId;

    @Nullable
    Long undoes;

    protected MovementRow() {}

    MovementRow(UUID householdId, Movement movement, LocalDateTime madeAt, Cause cause) {
        this.householdId = householdId;
        this.number = movement.number();
        this.kind = movement.kind();
        this.lotId = movement.lot();
        this.intoLot = movement.into().orElse(null);
        this.fromPlace = movement.from().orElse(null);
        this.toPlace = movement.to().orElse(null);
        this.pieces = movement.pieces();
        this.madeAt = madeAt;
        this.madeBy = cause.who();
        this.why = cause.why();
        this.tripId = cause.trip().orElse(null);
        this.undoes = movement.undoes().orElse(null);
    }

    Movement movement() {
        return new Movement(
                number,
                kind,
                lotId,
                Optional.ofNullable(intoLot),
                Optional.ofNullable(fromPlace),
                Optional.ofNullable(toPlace),
                pieces,
                Optional.ofNullable(undoes));
    }
}
