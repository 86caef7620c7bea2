package hodeon.app.kits.photo;

import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.app.stock.StockService;
import hodeon.core.notice.Fault;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The photo of a kit: shown, put, taken away. */
@Controller
class PhotoController {

    private final Photos photos;
    private final StockService stock;

    PhotoController(Photos photos, StockService stock) {
        this.photos = photos;
        this.stock = stock;
    }

    @GetMapping("/kits/{id}/photo.jpg")
    ResponseEntity<byte[]> photo(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .body(photos.of(member.householdId(), id).orElseThrow(() -> new NotHere("photo of kit " + id)));
    }

    @PostMapping("/kits/{id}/photo")
    String put(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam MultipartFile photo,
            RedirectAttributes next)
            throws IOException {
        stock.place(member.householdId(), id);
        Optional<Fault> fault = photos.put(member.householdId(), id, photo.getBytes());
        fault.ifPresent(f -> next.addFlashAttribute("faults", List.of(f)));
        return "redirect:/kits/" + id;
    }

    @PostMapping("/kits/{id}/photo/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        stock.place(member.householdId(), id);
        photos.remove(member.householdId(), id);
        return "redirect:/kits/" + id;
    }
}
