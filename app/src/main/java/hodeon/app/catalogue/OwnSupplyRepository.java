package hodeon.app.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnSupplyRepository extends JpaRepository<OwnSupply, OwnKey> {

    List<OwnSupply> findByHouseholdIdOrderById(UUID householdId);
}
