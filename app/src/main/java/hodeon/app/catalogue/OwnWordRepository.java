package hodeon.app.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnWordRepository extends JpaRepository<OwnWord, OwnKey> {

    List<OwnWord> findByHouseholdIdOrderById(UUID householdId);
}
