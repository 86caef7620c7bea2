package hodeon.app.api;

import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The description of the API; needs no token. */
@RestController
class OpenApiController {

    @GetMapping("/api/v1/openapi.yaml")
    ResponseEntity<Resource> document() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/yaml;charset=UTF-8"))
                .body(new ClassPathResource("openapi.yaml", OpenApiController.class));
    }
}
