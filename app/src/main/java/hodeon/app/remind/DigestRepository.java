package hodeon.app.remind;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DigestRepository extends JpaRepository<DigestRow, UUID> {}
