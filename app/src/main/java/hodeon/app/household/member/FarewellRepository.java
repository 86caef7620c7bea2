package hodeon.app.household.member;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FarewellRepository extends JpaRepository<Farewell, UUID> {}
