package hodeon.app.brief;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TripRepository extends JpaRepository<TripRow, UUID> {

    Optional<TripRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    List<TripRow> findByHouseholdIdOrderByStartDateAscNameAsc(UUID householdId);

    List<TripRow> findByHouseholdIdAndRefillDaysIsNullOrderByStartDateAscNameAsc(UUID householdId);

    /** All with their people at once, the latest first. */
    @Query("select t from TripRow t left join fetch t.people where t.householdId = :householdId"
            + " order by t.startDate desc, t.name")
    List<TripRow> withPeople(UUID householdId);

    /** Those in the bin, which no other query sees. */
    @Query(
            value = "select * from trip where household_id = :householdId and deleted_at is not null",
            nativeQuery = true)
    List<TripRow> binned(UUID householdId);

    List<TripRow> findByHouseholdIdAndRefillDaysIsNullAndEndDateGreaterThanEqualOrderByStartDateAscNameAsc(
            UUID householdId, LocalDate day, Limit limit);

    List<TripRow> findByRefillDaysIsNullAndEndDateGreaterThanEqualOrderByStartDateAscNameAsc(
            LocalDate day, Limit limit);

    List<TripRow> findByHouseholdIdAndRefillDaysIsNullAndEndDateLessThanOrderByStartDateDescNameAsc(
            UUID householdId, LocalDate day, Limit limit);

    List<TripRow> findByHouseholdIdAndRefillDaysIsNullOrderByStartDateDescNameAsc(UUID householdId, Pageable page);

    long countByHouseholdIdAndRefillDaysIsNull(UUID householdId);

    long countByHouseholdIdAndRefillDaysIsNullAndEndDateLessThan(UUID householdId, LocalDate day);
}
