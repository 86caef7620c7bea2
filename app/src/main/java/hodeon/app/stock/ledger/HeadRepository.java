package hodeon.app.stock.ledger;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface HeadRepository extends JpaRepository<HeadRow, UUID> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select h from HeadRow h where h.householdId = :householdId")
    Optional<HeadRow> hold(UUID householdId);

    /** Makes two who both find no row wait for each other. */
    @Query(value = "select h.name from household h where h.id = :householdId for update", nativeQuery = true)
    String holdHousehold(UUID householdId);

    /** Makes the row if there is none; hold the household first. */
    @Modifying
    @Query(
            value = "merge into stock_head h using (values (cast(:householdId as uuid))) v(id) on h.household_id = v.id"
                    + " when not matched then insert (household_id, number) values (v.id, 0)",
            nativeQuery = true)
    void make(UUID householdId);
}
