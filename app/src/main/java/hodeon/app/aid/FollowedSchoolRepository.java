package hodeon.app.aid;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FollowedSchoolRepository extends JpaRepository<FollowedSchool, FollowedSchool.Key> {

    List<FollowedSchool> findByHouseholdIdOrderByTopic(UUID householdId);
}
