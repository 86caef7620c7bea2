package hodeon.app.household;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface HouseholdRepository extends JpaRepository<Household, UUID> {

    /** Whoever changes who belongs to a household waits here for another who does. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select h from Household h where h.id = ?1")
    Optional<Household> inTurn(UUID id);
}
