package hodeon.app.paper.pouch;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface GridRepository extends JpaRepository<GridRow, UUID> {}
