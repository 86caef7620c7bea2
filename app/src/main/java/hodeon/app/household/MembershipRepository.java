package hodeon.app.household;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MembershipRepository extends JpaRepository<Membership, UUID> {

    Optional<Membership> findByHouseholdIdAndAccountId(UUID household, UUID account);

    List<Membership> findByHouseholdIdOrderBySince(UUID household);

    List<Membership> findByAccountIdOrderBySince(UUID account);

    long countByHouseholdIdAndRole(UUID household, Role role);
}
