package hodeon.app.catalogue;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.CatalogueReader;
import hodeon.core.need.Drivers;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The shipped problems, capabilities and supplies. */
@Configuration
class ReferenceData {

    @Bean
    Catalogue catalogue() {
        return CatalogueReader.shipped(Drivers.vocabulary());
    }
}
