package hodeon.app.household.member;

import jakarta.persistence.LockModeType;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface InvitationRepository extends JpaRepository<Invitation, UUID> {

    Optional<Invitation> findByHash(String hash);

    /** Of two who use it at once the second waits, and finds it used. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select i from Invitation i where i.hash = :hash")
    Optional<Invitation> held(String hash);

    List<Invitation> findByHouseholdIdAndUsedByIsNullAndUntilAfterOrderByMadeAt(UUID household, LocalDateTime now);

    long deleteByIdAndHouseholdId(UUID id, UUID household);
}
