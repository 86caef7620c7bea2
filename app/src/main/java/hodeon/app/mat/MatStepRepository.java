package hodeon.app.mat;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MatStepRepository extends JpaRepository<MatStepRow, UUID> {

    Optional<MatStepRow> findByTripIdAndNumber(UUID tripId, int number);

    void deleteByTripIdAndNumberGreaterThan(UUID tripId, int number);

    void deleteByTripIdAndNumberLessThanEqual(UUID tripId, int number);
}
