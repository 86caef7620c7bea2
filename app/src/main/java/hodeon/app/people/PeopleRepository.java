package hodeon.app.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PeopleRepository extends JpaRepository<PersonProfileRow, UUID> {

    List<PersonProfileRow> findByHouseholdId(UUID householdId);

    Optional<PersonProfileRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from PersonProfileRow p where p.id = :id and p.householdId = :householdId")
    Optional<PersonProfileRow> hold(UUID id, UUID householdId);
}
