package hodeon.app.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnRateRepository extends JpaRepository<OwnRate, OwnKey> {

    List<OwnRate> findByHouseholdIdOrderById(UUID householdId);
}
