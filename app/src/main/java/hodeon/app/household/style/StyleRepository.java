package hodeon.app.household.style;

import java.util.UUID;
import org.springframework.data.repository.CrudRepository;

interface StyleRepository extends CrudRepository<StyleRow, UUID> {}
