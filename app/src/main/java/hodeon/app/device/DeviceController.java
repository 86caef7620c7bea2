package hodeon.app.device;

import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The application as a device sees it: its manifest (W3C Web Application Manifest), its worker, and the page that opens out of reach. */
@Controller
class DeviceController {

    private static final MediaType MANIFEST_TYPE = MediaType.valueOf("application/manifest+json");

    /** @param purpose {@code any}, or {@code maskable} for one whose edges may be cut off */
    record Icon(String src, String sizes, String type, String purpose) {}

    record Manifest(
            String name,
            String short_name,
            String description,
            String start_url,
            String scope,
            String display,
            String background_color,
            String theme_color,
            List<Icon> icons) {}

    private static final List<Icon> ICONS = List.of(
            new Icon("/assets/img/icon.svg", "any", "image/svg+xml", "any"),
            new Icon("/assets/img/icon-192.png", "192x192", "image/png", "any"),
            new Icon("/assets/img/icon-512.png", "512x512", "image/png", "any"),
            new Icon("/assets/img/icon-512.png", "512x512", "image/png", "maskable"));

    @GetMapping("/manifest.webmanifest")
    ResponseEntity<Manifest> manifest() {
        return ResponseEntity.ok()
                .contentType(MANIFEST_TYPE)
                .body(new Manifest(
                        "Hodeon",
                        "Hodeon",
                        "Plans, weighs, packs and keeps first aid kits",
                        "/",
                        "/",
                        "standalone",
                        "#EFEADF",
                        "#16302B",
                        ICONS));
    }

    /** At the root, because a worker serves only what lies below its own address. */
    @GetMapping("/trail-worker.js")
    ResponseEntity<Resource> worker() {
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("text/javascript"))
                .cacheControl(CacheControl.noCache())
                .body(new ClassPathResource("static/js/trail-worker.js"));
    }

    /** Nothing of anybody: what is kept is listed by the device itself. */
    @GetMapping("/kept")
    String kept() {
        return "device/kept";
    }
}
