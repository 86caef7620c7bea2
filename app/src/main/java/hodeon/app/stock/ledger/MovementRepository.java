package hodeon.app.stock.ledger;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface MovementRepository extends JpaRepository<MovementRow, UUID> {

    Optional<MovementRow> findByHouseholdIdAndNumber(UUID householdId, long number);

    Optional<MovementRow> findByHouseholdIdAndUndoes(UUID householdId, long undoes);

    List<MovementRow> findByHouseholdIdOrderByNumberDesc(UUID householdId, Limit limit);

    List<MovementRow> findByHouseholdIdOrderByNumber(UUID householdId);

    @Query("select m from MovementRow m where m.householdId = :householdId and (m.lotId = :lotId or m.intoLot = :lotId)"
            + " order by m.number desc")
    List<MovementRow> ofLot(UUID householdId, UUID lotId);

    List<MovementRow> findByHouseholdIdAndTripIdOrderByNumber(UUID householdId, UUID tripId);

    @Query("select m.undoes from MovementRow m where m.householdId = :householdId and m.undoes in :numbers")
    List<Long> undoneOf(UUID householdId, List<Long> numbers);

    /** The last movement of each lot away from these places, in the order they were made; found by one index alone. */
    @Query(
            "select m from MovementRow m where m.fromPlace in :places and m.number = (select max(n.number) from MovementRow n"
                    + " where n.fromPlace = m.fromPlace and n.lotId = m.lotId) order by m.number")
    List<MovementRow> lastAway(Collection<UUID> places);

    /** Pieces of a lot that left a place; read from one index alone. */
    record Left(UUID lot, UUID place, long pieces) {}

    @Query(
            "select new hodeon.app.stock.ledger.MovementRepository$Left(m.lotId, m.fromPlace, sum(m.pieces)) from MovementRow m"
                    + " where m.householdId = :householdId and m.kind = hodeon.core.stock.Movement.Kind.USED"
                    + " and m.madeAt >= :since group by m.lotId, m.fromPlace")
    List<Left> usedSince(UUID householdId, LocalDateTime since);

    @Query(
            "select new hodeon.app.stock.ledger.MovementRepository$Left(m.lotId, m.fromPlace, sum(m.pieces)) from MovementRow u"
                    + " join MovementRow m on m.householdId = u.householdId and m.number = u.undoes"
                    + " where u.householdId = :householdId and u.undoes is not null"
                    + " and m.kind = hodeon.core.stock.Movement.Kind.USED and m.madeAt >= :since group by m.lotId, m.fromPlace")
    List<Left> undoneSince(UUID householdId, LocalDateTime since);

    @Query("select m.madeAt from MovementRow m where m.householdId = :householdId and m.number = 1")
    Optional<LocalDateTime> first(UUID householdId);
}
