package hodeon.app.brief.form;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DraftRepository extends JpaRepository<DraftRow, DraftRow.Key> {

    Optional<DraftRow> findByHouseholdIdAndAbout(UUID householdId, UUID about);

    List<DraftRow> findByHouseholdId(UUID householdId);

    void deleteByHouseholdIdAndAbout(UUID householdId, UUID about);
}
