package hodeon.app.stock.ledger;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LotRepository extends JpaRepository<LotRow, UUID> {

    Optional<LotRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    List<LotRow> findByHouseholdIdOrderById(UUID householdId);

    /** Lots of one numbered package that still lie somewhere. */
    @Query("select count(l) from LotRow l where l.householdId = :householdId and l.article = :article"
            + " and l.serial = :serial and exists (select 1 from BalanceRow b where b.lotId = l.id)")
    long lying(UUID householdId, String article, String serial);

    /** Which supply a lot is of. */
    record Of(UUID lot, String supply) {}

    @Query(
            "select new hodeon.app.stock.ledger.LotRepository$Of(l.id, l.supplyId) from LotRow l where l.householdId = :householdId")
    List<Of> suppliesOf(UUID householdId);

    /** What was paid by year; a receipt that was undone was never paid. */
    @Query(
            "select new hodeon.app.stock.ledger.StockHistory$Spent(year(l.receivedOn), sum(l.priceHundredths * m.pieces))"
                    + " from MovementRow m join LotRow l on l.id = m.lotId"
                    + " where m.householdId = :householdId and m.kind = hodeon.core.stock.Movement.Kind.RECEIVED"
                    + " and l.priceHundredths is not null and m.lotId not in (select r.lotId from MovementRow u"
                    + "  join MovementRow r on r.householdId = u.householdId and r.number = u.undoes"
                    + "  where u.householdId = :householdId and u.undoes is not null"
                    + "  and r.kind = hodeon.core.stock.Movement.Kind.RECEIVED)"
                    + " group by year(l.receivedOn) order by year(l.receivedOn) desc")
    List<StockHistory.Spent> spending(UUID householdId);
}
