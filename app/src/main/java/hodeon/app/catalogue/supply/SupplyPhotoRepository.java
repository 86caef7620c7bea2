package hodeon.app.catalogue.supply;

import hodeon.app.catalogue.OwnKey;
import org.springframework.data.jpa.repository.JpaRepository;

interface SupplyPhotoRepository extends JpaRepository<SupplyPhotoRow, OwnKey> {}
