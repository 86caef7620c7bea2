package hodeon.app.check;

import hodeon.core.stock.Rhythm;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoundRepository extends JpaRepository<RoundRow, UUID> {

    /** When a place was last gone through in one rhythm. */
    record Last(UUID placeId, Rhythm rhythm, LocalDateTime at) {}

    Optional<RoundRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    @Query("select new hodeon.app.check.RoundRepository$Last(r.placeId, r.rhythm, max(r.finishedAt)) from RoundRow r"
            + " where r.householdId = :householdId and r.finishedAt is not null group by r.placeId, r.rhythm")
    List<Last> lasts(UUID householdId);

    List<RoundRow> findByTourAndHouseholdIdOrderByStartedAtAscIdAsc(UUID tour, UUID householdId);

    /** Those that are finished with their lines at once, the earliest first. */
    @Query("select distinct r from RoundRow r left join fetch r.lines where r.householdId = :householdId"
            + " and r.placeId = :placeId and r.finishedAt is not null order by r.finishedAt")
    List<RoundRow> finished(UUID householdId, UUID placeId);

    List<RoundRow> findByHouseholdIdOrderByStartedAtDesc(UUID householdId, Limit limit);
}
