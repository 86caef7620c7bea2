package hodeon.app.sample;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ExampleRepository extends JpaRepository<ExampleRow, UUID> {}
