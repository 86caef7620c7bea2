package hodeon.app.readiness;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OfferRepository extends JpaRepository<OfferRow, UUID> {

    List<OfferRow> findByHouseholdIdOrderBySupplyIdAscNameAsc(UUID householdId);

    void deleteByHouseholdId(UUID householdId);
}
