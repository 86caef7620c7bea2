package hodeon.app.kits.list;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ListVersionRepository extends JpaRepository<ListVersionRow, UUID> {

    List<ListVersionRow> findByKitIdOrderByNumberDesc(UUID kitId);
}
