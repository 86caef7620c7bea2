package hodeon.app.packing.carrier;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CarrierRepository extends JpaRepository<CarrierRow, UUID> {

    List<CarrierRow> findByHouseholdIdAndTripIdOrderByPosition(UUID householdId, UUID tripId);
}
