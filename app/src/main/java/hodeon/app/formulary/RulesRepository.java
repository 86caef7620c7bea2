package hodeon.app.formulary;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RulesRepository extends JpaRepository<RulesRow, UUID> {}
