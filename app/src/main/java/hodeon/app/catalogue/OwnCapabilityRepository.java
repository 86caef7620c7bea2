package hodeon.app.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnCapabilityRepository extends JpaRepository<OwnCapability, OwnKey> {

    List<OwnCapability> findByHouseholdIdOrderById(UUID householdId);
}
