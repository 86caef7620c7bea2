package hodeon.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the product is made of is written down in the build, and everything in it may be handed on with it. */
class LicencesTest {

    /** Of several that something is given under, one of these is enough. */
    private static final List<String> MAY_BE_HANDED_ON = List.of(
            "Apache-2.0",
            "MIT",
            "BSD-2-Clause",
            "BSD-3-Clause",
            "EPL-2.0",
            "EPL-1.0",
            "EPL 1.0",
            "MPL-2.0",
            "LGPL-2.1-only",
            "LGPL-2.1-or-later",
            "CC0-1.0",
            "Unicode-3.0",
            "Bouncy Castle Licence",
            "iCal4j - License");

    @Test
    void everyPartHasALicenceThatLetsItBeHandedOn() throws IOException {
        List<String> wrong = new ArrayList<>();
        JsonNode parts;
        try (InputStream bill = new ClassPathResource("META-INF/sbom/application.cdx.json").getInputStream()) {
            parts = JsonMapper.builder().build().readTree(bill).path("components");
        }
        assertThat(parts.size()).isGreaterThan(100);
        for (JsonNode part : parts) {
            List<String> under = new ArrayList<>();
            part.path("licenses")
                    .forEach(l -> under.add(l.path("expression")
                            .asString(l.path("license")
                                    .path("id")
                                    .asString(l.path("license").path("name").asString("")))));
            if (under.stream().noneMatch(MAY_BE_HANDED_ON::contains)) {
                wrong.add(part.path("name").asString("") + ": " + under);
            }
        }
        assertThat(wrong).isEmpty();
    }
}
