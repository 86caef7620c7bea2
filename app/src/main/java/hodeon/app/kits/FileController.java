package hodeon.app.kits;

import hodeon.app.household.Member;
import hodeon.app.kits.list.ListFile;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.StockService;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** A kit and a list as files. */
@Controller
class FileController {

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final KitFiles kits;
    private final ListService lists;
    private final StockService stock;

    FileController(KitFiles kits, ListService lists, StockService stock) {
        this.kits = kits;
        this.lists = lists;
        this.stock = stock;
    }

    @GetMapping("/kits/{id}/kit.json")
    ResponseEntity<KitFiles.KitFile> kit(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        KitFiles.KitFile file = kits.one(member.householdId(), id);
        return file(file.name() + ".json", MediaType.APPLICATION_JSON).body(file);
    }

    @GetMapping("/kits/{id}/kit.csv")
    ResponseEntity<String> csv(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        String name = stock.place(member.householdId(), id).name();
        return file(name + ".csv", CSV).body(kits.csv(member.householdId(), id));
    }

    @GetMapping("/lists/{id}/list.json")
    ResponseEntity<ListFile> list(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        ListFile file = ListFile.of(lists.find(member.householdId(), id));
        return file(file.name() + ".json", MediaType.APPLICATION_JSON).body(file);
    }

    private static ResponseEntity.BodyBuilder file(String name, MediaType type) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString());
    }
}
