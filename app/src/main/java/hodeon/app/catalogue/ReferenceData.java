package hodeon.app.catalogue;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.catalogue.procedure.Guidance;
import hodeon.core.catalogue.procedure.GuidanceReader;
import hodeon.core.need.Drivers;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The shipped problems, capabilities and supplies, and the words of first aid. */
@Configuration
class ReferenceData {

    @Bean
    Catalogue catalogue() {
        return CatalogueReader.shipped(Drivers.vocabulary());
    }

    @Bean
    Guidance guidance(Catalogue catalogue) {
        return GuidanceReader.shipped(catalogue);
    }
}
