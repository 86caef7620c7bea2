package hodeon.app.kits.list;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

interface ListRepository extends JpaRepository<ListRow, UUID> {

    Optional<ListRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    Optional<ListRow> findByTripIdAndHouseholdId(UUID tripId, UUID householdId);

    /** Their lines are asked for one by one, when they are looked at. */
    List<ListRow> findByHouseholdIdOrderByNameAsc(UUID householdId);

    /** With their lines, in one question. */
    @EntityGraph(attributePaths = "lines")
    List<ListRow> findFilledByHouseholdId(UUID householdId);

    /** What a list is called. */
    interface Named {

        UUID getId();

        String getName();
    }

    /** Without their lines, for choosing among many. */
    List<Named> findNamedByHouseholdIdOrderByNameAsc(UUID householdId);
}
