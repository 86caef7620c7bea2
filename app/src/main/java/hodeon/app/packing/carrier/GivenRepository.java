package hodeon.app.packing.carrier;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface GivenRepository extends JpaRepository<GivenRow, GivenRow.Key> {

    List<GivenRow> findByHouseholdIdAndCarrierIdIn(UUID householdId, Collection<UUID> carriers);
}
