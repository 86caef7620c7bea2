package hodeon.app.mat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MatRepository extends JpaRepository<MatRow, UUID> {

    Optional<MatRow> findByTripIdAndHouseholdId(UUID tripId, UUID householdId);

    List<MatRow> findByHouseholdId(UUID householdId);
}
