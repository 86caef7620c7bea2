package hodeon.app.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;

interface OwnSupplyRepository extends JpaRepository<OwnSupply, OwnKey> {

    /** What lies in the bin under this id makes room for a new one. */
    @Modifying
    @NativeQuery(
            "delete from own_supply where household_id = :householdId and supply_id = :id and deleted_at is not null")
    void emptyBin(UUID householdId, String id);

    List<OwnSupply> findByHouseholdIdOrderById(UUID householdId);
}
