package hodeon.app.medicine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CountryNoteRepository extends JpaRepository<CountryNoteRow, UUID> {

    List<CountryNoteRow> findByHouseholdId(UUID householdId);

    long countByHouseholdId(UUID householdId);

    int deleteByIdAndHouseholdId(UUID id, UUID householdId);
}
