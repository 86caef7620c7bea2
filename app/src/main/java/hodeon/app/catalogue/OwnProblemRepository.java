package hodeon.app.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnProblemRepository extends JpaRepository<OwnProblem, OwnKey> {

    List<OwnProblem> findByHouseholdIdOrderById(UUID householdId);
}
