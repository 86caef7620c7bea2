package hodeon.app.stock.ledger;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface BalanceRepository extends JpaRepository<BalanceRow, BalanceRow.Key> {

    /** A lot with the pieces of it at a place. */
    record Lying(LotRow lot, UUID placeId, int pieces) {}

    @Query(
            "select new hodeon.app.stock.ledger.BalanceRepository$Lying(l, b.placeId, b.pieces) from BalanceRow b join LotRow l"
                    + " on l.id = b.lotId where b.householdId = :householdId")
    List<Lying> ofHousehold(UUID householdId);

    @Query(
            "select new hodeon.app.stock.ledger.BalanceRepository$Lying(l, b.placeId, b.pieces) from BalanceRow b join LotRow l"
                    + " on l.id = b.lotId where b.householdId = :householdId and b.placeId in :places")
    List<Lying> at(UUID householdId, List<UUID> places);

    List<BalanceRow> findByHouseholdId(UUID householdId);

    @Query("select b.pieces from BalanceRow b where b.lotId = :lotId and b.placeId = :placeId")
    Optional<Integer> pieces(UUID lotId, UUID placeId);
}
